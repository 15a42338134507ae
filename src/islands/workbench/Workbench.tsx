import { useEffect, useState } from 'react';
import { computeCard } from '../../core/computeCard';
import { otherUnit, writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import { applyEdit } from '../../core/plan/applyEdit';
import type { Release } from '../../core/plan/cardFile';
import type { Edit } from '../../core/plan/edit';
import type { PieceId } from '../../core/plan/ids';
import type { Library, LibraryRef } from '../../core/plan/libraryItem';
import { faceOf, movePiece } from '../../core/plan/movePiece';
import type { FaceId } from '../../core/plan/piece';
import type { Plan } from '../../core/plan/plan';
import type { SupportId } from '../../core/resolve/resolvedCard';
import { BaseStation } from '../base/BaseStation';
import { rowsOf } from '../base/LayerRows';
import { NewStockDialog } from '../parts/NewStockDialog';
import { rememberUnit } from '../parts/UnitSwitch';
import { SheetStation } from '../sheet/SheetStation';
import { useCardPlan } from '../store/useCardPlan';
import { ConflictDialog } from './ConflictDialog';
import { FindingsLine } from './FindingsLine';
import { KeysDialog } from './KeysDialog';
import { addLayer } from './newPiece';
import { Notice, type NoticeContent } from './Notice';
import { keepSizes, sizeChanges } from './sizeChanges';
import { StationStrip } from './StationStrip';
import { stationAt, stations, type StationId } from './stations';
import { useKeys } from './useKeys';
import { WorkbenchHeader } from './WorkbenchHeader';

interface Props {
  readonly cardId: string;
  readonly plan: Plan;
  readonly revision: number;
  readonly library: Library;
  readonly releases: readonly Release[];
  readonly unit: Unit;
  readonly isBinned: boolean;
  readonly station: StationId;
  readonly selected: string | null;
}

/** One card on the workbench: the strip of stations, the current one, and the findings. */
export function Workbench(props: Props) {
  const { cardId, releases } = props;
  const [library, setLibrary] = useState(props.library);
  const state = useCardPlan({ cardId, plan: props.plan, revision: props.revision, library });
  const { plan, computed, commit, preview } = state;
  const { card, findings } = computed;
  const [station, setStation] = useState(props.station);
  const [unit, setUnit] = useState(props.unit);
  const [face, setFace] = useState<FaceId>('front');
  const [wanted, setWanted] = useState<string | null>(props.selected);
  const [notice, setNotice] = useState<NoticeContent>();
  const [isShowingKeys, setShowingKeys] = useState(false);
  const [takeNewStock, setTakeNewStock] = useState<(ref: LibraryRef) => void>();
  const selected = selectable(plan, wanted);

  useAddress(cardId, station, selected, setStation, setWanted);

  const select = (id: SupportId) => {
    setWanted(id);
    if (id !== 'base') setFace(faceOf(plan, id));
  };
  const focusRow = (id: string) =>
    requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-row="${id}"]`)?.focus());
  const enterRow = () => {
    const row = document.querySelector<HTMLElement>(`[data-row="${selected}"]`);
    const field = row?.querySelector<HTMLElement>('[data-first-field]');
    field?.focus();
    return Boolean(field);
  };
  const change = (edit: Edit) => {
    setNotice(undefined);
    if (!commit(edit))
      setNotice({ text: 'That does not fit the card as it is now, so it was left as it is.' });
  };
  /** A change of the stack: the sizes that follow from it are told, and can be kept. */
  const restack = (edit: Edit) => {
    const outcome = applyEdit(plan, edit);
    change(edit);
    if (!outcome.ok) return;
    const changes = sizeChanges(card, computeCard(outcome.plan, library).card);
    if (changes.length > 0) setNotice({ text: '', changes, keep: keepSizes(changes) });
  };
  const moveBy = (id: PieceId, places: number) => {
    const edits: Edit[] = [];
    let moved = plan;
    for (let step = 0; step < Math.abs(places); step++) {
      const edit = movePiece(moved, id, places > 0 ? 'up' : 'down');
      const outcome = edit && applyEdit(moved, edit);
      if (!edit || !outcome?.ok) break;
      edits.push(edit);
      moved = outcome.plan;
    }
    if (edits.length === 0) return;
    restack({ kind: 'batch', edits: edits.flatMap((e) => (e.kind === 'batch' ? e.edits : [e])) });
    focusRow(id);
  };
  const add = (onFace: FaceId) => {
    const id = `p-${crypto.randomUUID().slice(0, 8)}` as PieceId;
    restack(addLayer(plan, library, onFace, selected, id));
    setFace(onFace);
    setWanted(id);
    requestAnimationFrame(() =>
      document.querySelector<HTMLElement>(`[data-row="${id}"] [data-first-field]`)?.focus(),
    );
  };
  const remove = (id: PieceId) => {
    const order = rowOrder();
    const at = order.indexOf(id);
    restack({ kind: 'remove-piece', id });
    const next = order[at + 1] ?? order[at - 1] ?? 'base';
    setWanted(next);
    focusRow(next);
  };
  const rowOrder = (): readonly SupportId[] => [
    ...rowsOf(plan, 'front').map(({ id }) => id),
    'base',
    ...rowsOf(plan, 'inside').map(({ id }) => id),
  ];
  const walk = (by: 1 | -1) => {
    if (station !== 'base') return false;
    const order = rowOrder();
    const next = order[Math.max(0, Math.min(order.length - 1, order.indexOf(selected) + by))];
    if (next) {
      select(next);
      focusRow(next);
    }
    return true;
  };
  const swapUnit = (next: Unit) => {
    setUnit(next);
    rememberUnit(next);
  };
  const go = (next: StationId) => {
    setStation(next);
    window.history.pushState(null, '', address(cardId, next, selected));
  };
  const turn = () => setFace(face === 'front' ? 'inside' : 'front');
  const remedy = (index: number) => {
    const edit = findings[0]?.remedies[index]?.edit;
    if (edit) change(edit);
    return edit !== undefined;
  };
  const onBase = (action: () => unknown) => () => (station === 'base' ? action() : false);
  const selectedPiece = selected === 'base' ? undefined : selected;

  const [areKeysOn, setKeysOn] = useKeys({
    '?': () => setShowingKeys(true),
    u: () => swapUnit(otherUnit(unit)),
    f: onBase(turn),
    a: onBase(() => add('front')),
    i: onBase(() => add('inside')),
    e: () => remedy(0),
    w: () => remedy(1),
    k: () => {
      if (!notice?.keep) return false;
      change(notice.keep);
      return true;
    },
    p: () => (station === 'sheet' ? window.print() : false),
    ArrowUp: () => walk(-1),
    ArrowDown: () => walk(1),
    'Alt+ArrowUp': onBase(() => (selectedPiece ? moveBy(selectedPiece, 1) : false)),
    'Alt+ArrowDown': onBase(() => (selectedPiece ? moveBy(selectedPiece, -1) : false)),
    Delete: onBase(() => (selectedPiece ? remove(selectedPiece) : false)),
    Enter: () => {
      const isOnRow = document.activeElement?.matches('[data-row], body') ?? false;
      return station === 'base' && isOnRow ? enterRow() : false;
    },
    'Ctrl+z': () => void state.undo(),
    'Ctrl+Shift+z': () => void state.redo(),
    'Ctrl+y': () => void state.redo(),
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
        onUndo={() => void state.undo()}
        onUnit={swapUnit}
        onKeys={() => setShowingKeys(true)}
        onAbout={(about) => change({ kind: 'set-about', change: about })}
      />
      <StationStrip
        current={station}
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
        {station === 'base' ? (
          <BaseStation
            plan={plan}
            card={card}
            library={library}
            unit={unit}
            face={face}
            selected={selected}
            onSelect={(id) => {
              select(id);
              focusRow(id);
            }}
            onTurn={turn}
            onCommit={change}
            onPreview={preview}
            onMoveBy={moveBy}
            onRemove={remove}
            onAdd={add}
            onAskNewStock={(use) => setTakeNewStock(() => use)}
          />
        ) : (
          <SheetStation
            cardId={cardId}
            plan={plan}
            card={card}
            unit={unit}
            revision={state.revision}
            isSaved={state.saveState.kind === 'saved'}
            onCommit={change}
          />
        )}
      </main>
      <Notice content={notice} unit={unit} onKeep={change} onClose={() => setNotice(undefined)} />
      <FindingsLine
        findings={findings}
        unit={unit}
        onCommit={change}
        onSelect={({ pieceId }) => {
          if (station !== 'base') go('base');
          select(pieceId ?? 'base');
        }}
      />
      {isShowingKeys && (
        <KeysDialog
          areKeysOn={areKeysOn}
          onKeysOn={setKeysOn}
          onClose={() => setShowingKeys(false)}
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
      {(state.saveState.kind === 'conflict' || state.saveState.kind === 'refused') && (
        <ConflictDialog
          cardId={cardId}
          mine={plan}
          refusal={state.saveState.kind === 'refused' ? state.saveState.message : undefined}
          onTheirs={state.takeSaved}
        />
      )}
    </div>
  );
}

/** The piece asked for, where the plan has it; else the base. */
function selectable(plan: Plan, wanted: string | null): SupportId {
  return plan.pieces.find(({ id }) => id === wanted)?.id ?? 'base';
}

function address(cardId: string, station: StationId, selected: SupportId): string {
  const query = selected === 'base' ? '' : `?piece=${selected}`;
  return `/card/${cardId}/${station}${query}`;
}

/** Keeps the address at station and selection, and follows the browser's back and forward. */
function useAddress(
  cardId: string,
  station: StationId,
  selected: SupportId,
  onStation: (station: StationId) => void,
  onSelect: (id: string | null) => void,
): void {
  useEffect(() => {
    window.history.replaceState(null, '', address(cardId, station, selected));
  }, [cardId, station, selected]);
  useEffect(() => {
    const follow = () => {
      const found = stationAt(location.pathname.split('/').at(-1));
      if (found) onStation(found.id);
      onSelect(new URLSearchParams(location.search).get('piece'));
    };
    window.addEventListener('popstate', follow);
    return () => window.removeEventListener('popstate', follow);
  }, [onStation, onSelect]);
}
