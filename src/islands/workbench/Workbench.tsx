import { lazy, Suspense, useEffect, useState } from 'react';
import { otherUnit, writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { Release } from '../../core/plan/cardFile';
import { facesOf } from '../../core/plan/faces';
import type { PieceId } from '../../core/plan/ids';
import type { Library, LibraryRef } from '../../core/plan/libraryItem';
import type { Plan } from '../../core/plan/plan';
import { BaseStation } from '../base/BaseStation';
import { KeysDialog } from '../parts/KeysDialog';
import { rememberUnit } from '../parts/UnitSwitch';
import { useKeys } from '../parts/useKeys';
import { useCardPlan } from '../store/useCardPlan';
import { FindingsLine } from './FindingsLine';
import { Notice } from './Notice';
import { StationStrip } from './StationStrip';
import { stations, type ViewId } from './stations';
import { useLayerCommands } from './useLayerCommands';
import { changeAndFocusRow, enterRow, useSelection } from './useSelection';
import { workbenchKeys } from './workbenchKeys';
import { WorkbenchHeader } from './WorkbenchHeader';

// What is not there at first sight comes after it, and is there when it is wanted.
const loadSheet = () => import('../sheet/SheetStation');
const loadRevisions = () => import('../revisions/Revisions');
const NewDiesDialog = lazy(async () => ({
  default: (await import('../parts/NewDiesDialog')).NewDiesDialog,
}));
const NewReleaseDialog = lazy(async () => ({
  default: (await import('../parts/NewReleaseDialog')).NewReleaseDialog,
}));
const NewStockDialog = lazy(async () => ({
  default: (await import('../parts/NewStockDialog')).NewStockDialog,
}));
const SheetStation = lazy(async () => ({ default: (await loadSheet()).SheetStation }));
const Revisions = lazy(async () => ({ default: (await loadRevisions()).Revisions }));
const HabitsDialog = lazy(async () => ({ default: (await import('./HabitsDialog')).HabitsDialog }));
const ConflictDialog = lazy(async () => ({
  default: (await import('./ConflictDialog')).ConflictDialog,
}));

interface Props {
  readonly cardId: string;
  readonly plan: Plan;
  readonly revision: number;
  readonly library: Library;
  readonly releases: readonly Release[];
  readonly unit: Unit;
  readonly isBinned: boolean;
  readonly view: ViewId;
  readonly selected: string | null;
}

/** One card on the workbench: the strip of stations, the current one, and the findings. */
export function Workbench(props: Props) {
  const { cardId } = props;
  const [library, setLibrary] = useState(props.library);
  const [releases, setReleases] = useState(props.releases);
  const [isAddingRelease, setAddingRelease] = useState(false);
  const state = useCardPlan({ cardId, plan: props.plan, revision: props.revision, library });
  const { plan, computed, preview } = state;
  const { card, findings } = computed;
  const [unit, setUnit] = useState(props.unit);
  const [isShowingKeys, setShowingKeys] = useState(false);
  const [isShowingHabits, setShowingHabits] = useState(false);
  const [takeNewStock, setTakeNewStock] = useState<(ref: LibraryRef) => void>();
  const [takeNewDies, setTakeNewDies] = useState<(ref: LibraryRef) => void>();
  const selection = useSelection(cardId, plan, props);
  const { view, selected, go, select, walk } = selection;
  const commands = useLayerCommands(state, library, selection);
  const { change } = commands;

  useEffect(() => {
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
    onBase(() => (selected === 'base' ? false : action(selected)));

  const [areKeysOn, setKeysOn] = useKeys({
    '?': () => setShowingKeys(true),
    u: () => swapUnit(otherUnit(unit)),
    f: onBase(selection.turn),
    a: onBase(() => commands.add(selection.face)),
    i: onBase(() => facesOf(plan.base.fold).includes('inside') && commands.add('inside')),
    r: onPiece(commands.matRound),
    d: onPiece(commands.copy),
    o: onPiece(commands.turnOff),
    e: () => remedy(0),
    w: () => remedy(1),
    k: commands.keepFormerSizes,
    p: () => (view === 'sheet' ? window.print() : false),
    h: () => go('revisions'),
    ArrowUp: onBase(() => walk(-1)),
    ArrowDown: onBase(() => walk(1)),
    'Alt+ArrowUp': onPiece((id) => commands.moveRows(id, 1)),
    'Alt+ArrowDown': onPiece((id) => commands.moveRows(id, -1)),
    Delete: onPiece(commands.remove),
    Enter: onBase(() => {
      const isOnRow = document.activeElement?.matches('[data-row], body') ?? false;
      return isOnRow && enterRow(selected);
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
        onAskNewRelease={() => setAddingRelease(true)}
        onUnit={swapUnit}
        revision={state.revision}
        onRevisions={() => go('revisions')}
        onKeys={() => setShowingKeys(true)}
        onAbout={(about) => change({ kind: 'set-about', change: about })}
      />
      <StationStrip
        current={view}
        cardId={cardId}
        figures={{ base: writeSize(card.base.face, unit), sheet: `${cutCount} to cut` }}
        findings={findings}
        onGo={go}
      />
      <main className="bg-sheet min-h-0 flex-1 overflow-auto print:overflow-visible print:bg-white">
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
              selected={selected}
              onSelect={(id) => changeAndFocusRow(() => select(id), id)}
              onTurn={selection.turn}
              commands={commands}
              onPreview={preview}
              onAskNewStock={(use) => setTakeNewStock(() => use)}
              onAskNewDies={(use) => setTakeNewDies(() => use)}
            />
          ) : view === 'sheet' ? (
            <SheetStation
              cardId={cardId}
              plan={plan}
              card={card}
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
        </Suspense>
      </main>
      <div className="relative">
        <Notice
          content={commands.notice}
          unit={unit}
          onKeep={change}
          onClose={commands.closeNotice}
        />
        <FindingsLine
          findings={findings}
          unit={unit}
          onCommit={change}
          onHabits={() => setShowingHabits(true)}
          onSelect={({ pieceId }) => {
            if (view !== 'base') go('base');
            select(pieceId ?? 'base');
          }}
        />
      </div>
      {isShowingKeys && (
        <KeysDialog
          keys={workbenchKeys}
          areKeysOn={areKeysOn}
          onKeysOn={setKeysOn}
          onClose={() => setShowingKeys(false)}
        />
      )}
      <Suspense fallback={null}>
        {isShowingHabits && (
          <HabitsDialog
            habits={plan.habits}
            onChange={(habits) => change({ kind: 'set-habits', change: habits })}
            onClose={() => setShowingHabits(false)}
          />
        )}
        {isAddingRelease && (
          <NewReleaseDialog
            onClose={() => setAddingRelease(false)}
            onDone={(release) => {
              setReleases([...releases, release]);
              change({ kind: 'set-about', change: { releaseId: release.id } });
              setAddingRelease(false);
            }}
          />
        )}
        {takeNewStock && (
          <NewStockDialog
            onClose={() => setTakeNewStock(undefined)}
            onDone={(stock) => {
              setLibrary([...library, stock]);
              takeNewStock({ id: stock.id, version: stock.version });
              setTakeNewStock(undefined);
            }}
          />
        )}
        {takeNewDies && (
          <NewDiesDialog
            unit={unit}
            onClose={() => setTakeNewDies(undefined)}
            onDone={(dies) => {
              setLibrary([...library, dies]);
              takeNewDies({ id: dies.id, version: dies.version });
              setTakeNewDies(undefined);
            }}
          />
        )}
        {(state.saveState.kind === 'conflict' || state.saveState.kind === 'refused') && (
          <ConflictDialog
            cardId={cardId}
            mine={plan}
            refusal={state.saveState.kind === 'refused' ? state.saveState.message : undefined}
            onDrop={state.dropUnsaved}
            onTheirs={state.takeSaved}
          />
        )}
      </Suspense>
    </div>
  );
}
