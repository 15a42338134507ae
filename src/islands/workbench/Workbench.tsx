import { lazy, Suspense, useEffect, useMemo, useState } from 'react';
import { otherUnit, writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { Release } from '../../core/plan/cardFile';
import { facesOf } from '../../core/plan/faces';
import type { PieceId } from '../../core/plan/ids';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import type { CutBatch } from '../../core/cutting/cutBatch';
import { supplyList } from '../../core/supplies/supplyList';
import type { Holding } from '../../core/stash/holding';
import { holdingsBefore } from '../../core/stash/takeFrom';
import type { Taking } from '../../core/stash/taking';
import { useCutBatch } from '../cut/useCutBatch';
import { useCutting } from '../cut/useCutting';
import { countWords } from '../../core/words/countWords';
import { rememberUnit } from '../parts/UnitSwitch';
import { useKeys } from '../parts/useKeys';
import { useCardPlan } from '../store/useCardPlan';
import { FindingsLine } from './FindingsLine';
import { Notice, refusedNotice } from './Notice';
import { StationStrip } from './StationStrip';
import { stations, type ViewId } from './stations';
import { useLayerCommands } from './useLayerCommands';
import { changeAndFocusRow, enterRow, paperUnder, useSelection } from './useSelection';
import { WorkbenchDialogs, type WorkbenchDialog } from './WorkbenchDialogs';
import { WorkbenchHeader } from './WorkbenchHeader';

// Each station is loaded with its own page, and the others after it, so that they are there when they are wanted.
const loadBase = () => import('../base/BaseStation');
const loadCut = () => import('../cut/CutStation');
const loadLayout = () => import('../layout/LayoutStation');
const loadSheet = () => import('../sheet/SheetStation');
const loadRevisions = () => import('../revisions/Revisions');
const BaseStation = lazy(async () => ({ default: (await loadBase()).BaseStation }));
const CutStation = lazy(async () => ({ default: (await loadCut()).CutStation }));
const LayoutStation = lazy(async () => ({ default: (await loadLayout()).LayoutStation }));
const SheetStation = lazy(async () => ({ default: (await loadSheet()).SheetStation }));
const Revisions = lazy(async () => ({ default: (await loadRevisions()).Revisions }));

const noTakings: readonly Taking[] = [];

/** The card is on screen and at rest by then; sheets are planned only afterwards. */
const settlingMilliseconds = 1500;

interface Props {
  readonly cardId: string;
  readonly plan: Plan;
  readonly revision: number;
  readonly library: Library;
  readonly releases: readonly Release[];
  readonly unit: Unit;
  readonly isBinned: boolean;
  readonly holdings: readonly Holding[];
  readonly batch: CutBatch | null;
  readonly view: ViewId;
  readonly selected: string | null;
}

/** One card on the workbench: the strip of stations, the current one, and the findings. */
export function Workbench(props: Props) {
  const { cardId } = props;
  const [library, setLibrary] = useState(props.library);
  const [releases, setReleases] = useState(props.releases);
  const state = useCardPlan({ cardId, plan: props.plan, revision: props.revision, library });
  const { plan, computed, preview } = state;
  const { card, findings } = computed;
  const [unit, setUnit] = useState(props.unit);
  const [dialog, setDialog] = useState<WorkbenchDialog>();
  const selection = useSelection(cardId, plan, props);
  const { view, selected, go, select, walk } = selection;
  const commands = useLayerCommands(state, library, selection);
  const { change } = commands;
  const cutState = useCutBatch(cardId, props);
  const [isSettled, setSettled] = useState(false);
  const [isLive, setLive] = useState(false);
  const isWanted = isSettled || view === 'cut' || view === 'sheet';
  const cutting = useCutting({ plan, card, state: cutState, isWanted });
  const taken = cutState.batch?.taken ?? noTakings;
  const supplies = useMemo(
    () =>
      supplyList({
        plan,
        card,
        library,
        // What is out for this very batch is not lacking for it.
        holdings: holdingsBefore(cutState.holdings, taken),
        cuts: cutting.shown,
        cutsForOne: cutting.one,
      }),
    [plan, card, library, cutState.holdings, taken, cutting.shown, cutting.one],
  );

  useEffect(() => {
    const timer = setTimeout(() => setSettled(true), settlingMilliseconds);
    return () => clearTimeout(timer);
  }, []);
  useEffect(() => {
    void loadBase();
    void loadLayout();
    void loadCut();
    void loadSheet();
    void loadRevisions();
  }, []);

  const swapUnit = (next: Unit) => {
    setUnit(next);
    rememberUnit(next);
  };
  const remedy = (index: number) => {
    const edit = findings[0]?.remedies[index]?.edit;
    if (edit) change(edit);
    return edit !== undefined;
  };
  const onBase = (action: () => unknown) => () => (view === 'base' ? action() : false);
  const onPiece = (action: (id: PieceId) => void) =>
    onBase(() => {
      const paper = paperUnder(plan, selected);
      return paper === 'base' ? false : action(paper);
    });

  const [areKeysOn, setKeysOn] = useKeys({
    '?': () => setDialog({ kind: 'keys' }),
    u: () => swapUnit(otherUnit(unit)),
    q: () => (view === 'base' || view === 'layout' ? setDialog({ kind: 'try-as' }) : false),
    f: onBase(selection.turn),
    a: onBase(() => commands.add(selection.face)),
    i: onBase(() => facesOf(plan.base.fold).includes('inside') && commands.add('inside')),
    r: onPiece(commands.matRound),
    d: onPiece(commands.copy),
    o: onPiece(commands.turnOff),
    e: () => remedy(0),
    w: () => remedy(1),
    k: commands.keepFormerSizes,
    p: () => (view === 'sheet' || view === 'cut' ? window.print() : false),
    h: () => go('revisions'),
    ArrowUp: onBase(() => walk(-1)),
    ArrowDown: onBase(() => walk(1)),
    'Alt+ArrowUp': onPiece((id) => commands.moveRows(id, 1)),
    'Alt+ArrowDown': onPiece((id) => commands.moveRows(id, -1)),
    Delete: onPiece(commands.remove),
    Enter: onBase(() => {
      const isOnRow = document.activeElement?.matches('[data-row], body') ?? false;
      return isOnRow && enterRow(paperUnder(plan, selected));
    }),
    'Ctrl+z': commands.undo,
    'Ctrl+Shift+z': commands.redo,
    'Ctrl+y': commands.redo,
    ...Object.fromEntries(stations.map(({ id, digit }) => [digit, () => go(id)])),
  });

  const cutCount = card.pieces.length + 1;
  return (
    <div className="flex h-screen min-h-[560px] flex-col print:block print:h-auto">
      <WorkbenchHeader
        cardId={cardId}
        about={plan.about}
        releases={releases}
        unit={unit}
        saveState={state.saveState}
        savedAt={state.savedAt}
        canUndo={state.canUndo}
        canRedo={state.canRedo}
        onUndo={commands.undo}
        onRedo={commands.redo}
        onAskNewRelease={() => setDialog({ kind: 'release' })}
        onUnit={swapUnit}
        revision={state.revision}
        onRevisions={() => go('revisions')}
        onKeys={() => setDialog({ kind: 'keys' })}
        onAbout={(about) => change({ kind: 'set-about', change: about })}
      />
      <StationStrip
        current={view}
        cardId={cardId}
        figures={{
          base: writeSize(card.base.face, unit),
          layout: countWords(card.pieces.length + card.marks.length, 'piece'),
          cut: cutting.figure,
          sheet: `${cutCount} to cut`,
        }}
        findings={findings}
        onGo={go}
      />
      <main
        aria-busy={!isLive}
        className="bg-sheet min-h-0 flex-1 overflow-auto print:overflow-visible print:bg-white"
      >
        {props.isBinned && (
          <p className="bg-amber px-[18px] py-1 text-white">
            This card lies in the bin. Take it out on the Ledge.
          </p>
        )}
        <Suspense
          fallback={
            <p role="status" className="p-[18px]">
              One moment…
            </p>
          }
        >
          {view === 'base' ? (
            <BaseStation
              plan={plan}
              card={card}
              library={library}
              unit={unit}
              face={selection.face}
              selected={paperUnder(plan, selected)}
              onSelect={(id) => changeAndFocusRow(() => select(id), id)}
              onTurn={selection.turn}
              commands={commands}
              onTryAs={() => setDialog({ kind: 'try-as' })}
              onPreview={preview}
              onAskNewStock={(take) => setDialog({ kind: 'stock', take })}
              onAskNewDies={(take) => setDialog({ kind: 'dies', take })}
            />
          ) : view === 'layout' ? (
            <LayoutStation
              cardId={cardId}
              isSaved={state.saveState.kind === 'saved'}
              onFlush={state.flush}
              plan={plan}
              card={card}
              library={library}
              unit={unit}
              face={selection.face}
              selected={selected}
              onSelect={select}
              onTurn={selection.turn}
              onPreview={preview}
              onCommit={change}
              onAskNewStock={(take) => setDialog({ kind: 'stock', take })}
            />
          ) : view === 'cut' ? (
            <CutStation
              plan={plan}
              card={card}
              unit={unit}
              revision={state.revision}
              cutting={cutting}
              state={cutState}
              supplies={supplies}
              onCommit={change}
            />
          ) : view === 'sheet' ? (
            <SheetStation
              cardId={cardId}
              plan={plan}
              card={card}
              library={library}
              holdings={cutState.holdings}
              supplies={supplies}
              isTaken={taken.length > 0}
              release={releases.find(({ id }) => id === plan.about.releaseId)}
              unit={unit}
              revision={state.revision}
              isSaved={state.saveState.kind === 'saved'}
              onCommit={change}
              onFlush={state.flush}
            />
          ) : (
            <Revisions
              cardId={cardId}
              plan={plan}
              card={card}
              revision={state.revision}
              library={library}
              releases={releases}
              unit={unit}
              onFlush={state.flush}
              onCommit={change}
            />
          )}
          <Listening onListening={setLive} />
        </Suspense>
      </main>
      <div className="relative">
        <Notice
          content={refusedNotice(state.refused) ?? commands.notice}
          unit={unit}
          onKeep={change}
          onClose={state.refused.length > 0 ? state.forgetRefused : commands.closeNotice}
        />
        <FindingsLine
          findings={findings}
          unit={unit}
          onCommit={change}
          onHabits={() => setDialog({ kind: 'habits' })}
          onSelect={({ subject }) => {
            if (view !== 'base' && view !== 'layout') go('base');
            select(pieceOfSubject(subject) ?? 'base');
          }}
        />
      </div>
      <WorkbenchDialogs
        open={dialog}
        cardId={cardId}
        state={state}
        library={library}
        unit={unit}
        areKeysOn={areKeysOn}
        onKeysOn={setKeysOn}
        onChange={change}
        onRelease={(release) => setReleases([...releases, release])}
        onItem={(item) => setLibrary([...library, item])}
        onClose={() => setDialog(undefined)}
      />
    </div>
  );
}

/** Tells that what it stands beside has taken over from the server's page and listens. */
function Listening({ onListening }: { readonly onListening: (isLive: true) => void }) {
  useEffect(() => onListening(true), [onListening]);
  return null;
}
