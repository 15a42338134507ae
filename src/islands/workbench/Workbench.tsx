import { useEffect } from 'react';
import { leadingFinding } from '../../core/findings/runRules';
import { pieceOfSubject } from '../../core/findings/subject';
import { otherUnit } from '../../core/length/formatLength';
import { ruleGroupOf } from '../../core/plan/rules';
import { lateView, wholePage } from '../parts/lateView';
import { useIsLive } from '../parts/useIsLive';
import { useKeptFocus } from '../parts/useKeptFocus';
import { useKeys } from '../parts/useKeys';
import { whenIdle } from '../parts/whenIdle';
import { SessionContext } from '../session/CardSession';
import { refusedNotice } from '../session/notice';
import { useSession, type SessionStart } from '../session/useSession';
import { isView, pageTitle, stations } from '../stations/stations';
import { Notice } from './Notice';
import { OldPage } from './OldPage';
import { OpenView, preloadView } from './OpenView';
import { WorkbenchHeader } from './WorkbenchHeader';
import { usePopupsSoon } from '../parts/latePopups';

/** Its sentences are many, so they come after the page, on which the server has written the first. */
const findingsLine = lateView(
  async () => (await import('./FindingsLine')).FindingsLine,
  <footer className="border-hairline h-[46px] border-t bg-white" />,
);
const FindingsLine = findingsLine.View;

/** So do the figures on the strip, which are made of the whole card. */
const stationStrip = lateView(
  async () => (await import('./StationStrip')).StationStrip,
  <nav className="border-control h-[3.875rem] border-b bg-white print:hidden" />,
);
const StationStrip = stationStrip.View;

/** Which dialog is which comes after the page too: none is open from the start. */
const dialogs = lateView(async () => (await import('./WorkbenchDialogs')).WorkbenchDialogs);
const WorkbenchDialogs = dialogs.View;

/** Loads what comes late, before the page is drawn. */
export async function preloadWorkbench({ view }: { readonly view: string }): Promise<void> {
  await Promise.all([stationStrip.preload(), findingsLine.preload(), preloadView(view)]);
}

/** One card on the workbench. */
export const WorkbenchPage = wholePage(Workbench, preloadWorkbench);

/** The strip of stations, the current one, and the findings. */
function Workbench(props: SessionStart) {
  usePopupsSoon();
  useEffect(
    () =>
      whenIdle(() => {
        // One that is asked for says itself that it could not be loaded.
        dialogs.preload().catch(() => undefined);
      }),
    [],
  );
  const { session, controls } = useSession(props, stations, isView);
  const { plan, findings, view, selected, unit, commit, select, go, ask } = session;
  const { state, notice, undo, redo } = controls;
  const { saving } = state;
  const isLive = useIsLive();
  const { kind } = saving.saveState;
  const hasDialog =
    controls.asked !== undefined ||
    kind === 'conflict' ||
    kind === 'stopped' ||
    saving.undecided !== undefined;
  const station = stations.find(({ id }) => id === view);
  const lead =
    findings &&
    leadingFinding(findings, {
      groups: station?.mends ?? [],
      piece: selected === 'base' ? undefined : selected,
    });
  const remedy = (index: number) => {
    const edit = lead?.remedies[index]?.edit;
    if (edit) commit(edit);
    return edit !== undefined;
  };
  const keepFormerSizes = () => {
    if (!notice?.keep) return false;
    commit(notice.keep);
    return true;
  };

  const { title } = plan.about;
  useEffect(() => {
    document.title = pageTitle(title, view);
  }, [title, view]);

  useKeptFocus();

  const [areKeysOn, setKeysOn] = useKeys({
    '?': () => ask({ kind: 'keys' }),
    u: () => controls.setUnit(otherUnit(unit)),
    e: () => remedy(0),
    w: () => remedy(1),
    k: keepFormerSizes,
    h: () => go('revisions'),
    '$mod+z': undo,
    '$mod+Shift+z': redo,
    '$mod+y': redo,
    ...Object.fromEntries(stations.map(({ id, digit }) => [digit, () => go(id)])),
  });

  return (
    <SessionContext value={session}>
      <div className="flex h-screen min-h-[560px] flex-col print:block print:h-auto">
        <WorkbenchHeader controls={controls} />
        <StationStrip />
        {saving.isOldPage && <OldPage />}
        <main
          id="content"
          tabIndex={-1}
          aria-busy={!isLive}
          className="bg-sheet min-h-0 flex-1 overflow-auto print:overflow-visible print:bg-white"
        >
          {props.isBinned && (
            <p className="bg-amber px-[18px] py-1 text-white">
              This card lies in the bin. Take it out on the Ledge.
            </p>
          )}
          {station && !station.fitsPhone && (
            <p className="border-hairline border-b bg-white px-3 py-1.5 md:hidden">
              {station.name} is drawn for a wider window: turn the phone, or use a larger screen.
            </p>
          )}
          <OpenView view={view} />
        </main>
        <div className="relative">
          <Notice
            content={refusedNotice(saving.refused) ?? notice}
            unit={unit}
            onKeep={commit}
            onClose={saving.refused.length > 0 ? saving.forgetRefused : controls.closeNotice}
          />
          <FindingsLine
            findings={findings}
            lead={lead}
            unit={unit}
            onCommit={commit}
            onHabits={() => ask({ kind: 'habits' })}
            onSelect={(finding) => {
              const piece = pieceOfSubject(finding.subject);
              const mending = stations.find(({ mends }) =>
                mends.includes(ruleGroupOf[finding.data.rule]),
              );
              if (mending && mending.id !== view) go(mending.id);
              select(plan.pieces.find(({ id }) => id === piece)?.id ?? 'base');
            }}
          />
        </div>
        {hasDialog && (
          <WorkbenchDialogs controls={controls} areKeysOn={areKeysOn} onKeysOn={setKeysOn} />
        )}
      </div>
    </SessionContext>
  );
}
