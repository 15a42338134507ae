import { asideOf } from '../../../core/composition/asideOf';
import type { PieceId } from '../../../core/plan/ids';
import { moveInOrder, movePast } from '../../../core/composition/moveInOrder';
import { centre, movingWith, nudgeAll, turnBy } from '../../../core/composition/moveThings';
import { inches, millimetres } from '../../../core/length/length';
import { rulerMarks } from '../../../core/length/marks';
import { withoutUnused } from '../../../core/inking/recolour';
import { copyPieces } from '../../../core/plan/copyPieces';
import type { Edit } from '../../../core/plan/edit';
import { removePiece } from '../../../core/plan/pieceEdits';
import type { Placed } from '../../../core/resolve/outlineOf';
import { newPieceId } from '../../parts/newPieceId';
import { useCardSession } from '../../session/CardSession';
import { useLayout } from './LayoutContext';
import { thingsInOrder } from './ThingRows';

/** What is done to what is selected. Those that do nothing without a selection give back false. */
export interface Handling {
  readonly copy: () => void;
  readonly remove: () => void;
  readonly nudge: (across: number, down: number, isFine?: boolean) => boolean;
  readonly turn: (degrees: number) => boolean;
  readonly centre: (axis: 'x' | 'y') => boolean;
  readonly walk: (by: number) => void;
  /** So many places nearer to the viewer; false where nothing is selected. */
  readonly reorder: (places: number) => boolean;
  /** Takes what is dragged to the place of another thing, where both lie in one order. */
  readonly dropOn: (moved: readonly PieceId[], past: PieceId) => void;
}

/** Less than a mark of the ruler. */
const hairOf = { in: inches(0, 1, 64), mm: millimetres(0.25) } as const;

export function useHandling(): Handling {
  const { plan, card, unit, face, commit } = useCardSession();
  const { ids, things, first, isAlone, choose } = useLayout().chosen;
  const edit = (make: (placed: Placed) => Edit): boolean => {
    if (!first) return false;
    commit(make(first));
    return true;
  };
  /** Nudges of one thing, or turns, one after the other are undone together. */
  const step = (what: string, make: (placed: Placed) => Edit): boolean => {
    if (!first) return false;
    commit(make(first), `${what} ${[...ids].join(' ')}`);
    return true;
  };
  return {
    copy: () => {
      const copied =
        first && copyPieces(plan, first.id, newPieceId, ({ id }) => asideOf(card, id, unit));
      if (!copied) return;
      commit(copied.edit);
      choose([copied.copy]);
    },
    remove: () => {
      if (things.length === 0) return;
      const removals = things.map(({ id }) => removePiece(id));
      commit(withoutUnused(plan, removals));
      choose([]);
    },
    nudge: (across, down, isFine = false) => {
      const by = isFine ? hairOf[unit] : rulerMarks[unit];
      const moving = isAlone ? things : movingWith(plan, card, ids);
      return step('nudge', () => nudgeAll(card, moving, across * by, down * by));
    },
    turn: (degrees) => step('turn', (placed) => turnBy(placed, degrees)),
    centre: (axis) => edit((placed) => centre(placed, axis)),
    walk: (by) => {
      const order = thingsInOrder(card, face);
      const at = order.findIndex(({ id }) => id === first?.id);
      const next = order[(at + by + order.length) % order.length];
      if (next) choose([next.id]);
    },
    reorder: (places) => {
      if (!first) return false;
      const order = moveInOrder(plan, ids, places);
      if (order) commit(order);
      return true;
    },
    dropOn: (moved, past) => {
      const order = movePast(plan, new Set(moved), past);
      if (order) commit(order);
    },
  };
}
