import { boxOnFace } from '../resolve/boxOnFace';
import { neighboursOf } from '../measuring/rulerFigures';
import { movedBy, placeAt } from '../measuring/placeAt';
import { nudgePlace } from './snapMove';
import type { Placed } from '../resolve/outlineOf';
import type { Edit, SimpleEdit } from '../plan/edit';
import { batchEdits } from '../plan/batchEdits';
import type { PieceId } from '../plan/ids';
import type { PlaceRule } from '../plan/piece';
import { isPaper } from '../plan/pieces';
import { kindOf } from '../kinds/kinds';
import type { Plan } from '../plan/plan';
import { supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import type { Rect } from '../outline/outline';
import { changePiece } from '../plan/pieceEdits';

/**
 * What moves when some pieces are moved: they and the others of their groups, without what lies on
 * another of them, since that moves along by itself.
 */
export function movingWith(
  plan: Plan,
  card: ResolvedCard,
  ids: ReadonlySet<PieceId>,
): readonly Placed[] {
  const groups = new Set(
    plan.pieces.flatMap(({ id, group }) => (ids.has(id) && group !== null ? [group] : [])),
  );
  const taken = new Set(
    plan.pieces
      .filter(({ id, group }) => ids.has(id) || (group !== null && groups.has(group)))
      .map(({ id }) => id),
  );
  return [...card.pieces, ...card.marks].filter(
    ({ id, support }) => taken.has(id) && !(support !== 'base' && taken.has(support)),
  );
}

const place = ({ piece }: Placed, rule: PlaceRule): SimpleEdit =>
  changePiece(piece, { place: rule });

/** Moves the leading piece as told, and the others by as much. */
export function moveAll(
  card: ResolvedCard,
  moving: readonly Placed[],
  leading: Placed,
  box: Rect,
  rule: PlaceRule,
): Edit {
  const [dx, dy] = [box.x - leading.rect.x, box.y - leading.rect.y];
  return batchEdits(
    moving.map((each) =>
      each.id === leading.id
        ? place(each, rule)
        : place(
            each,
            placeAt(
              movedBy(each.rect, dx, dy),
              supportRect(card, each.support),
              each.piece.place.turn,
            ),
          ),
    ),
  );
}

/** Moves each thing by so many ticks; where it stands the other way across or down stays as it was told. */
export function movesBy(
  card: ResolvedCard,
  moving: readonly Placed[],
  dx: number,
  dy: number,
): Edit {
  return batchEdits(moving.map((each) => shifted(card, each, dx, dy)));
}

/** Steps every moving piece by so many ticks. */
export function nudgeAll(
  card: ResolvedCard,
  moving: readonly Placed[],
  dx: number,
  dy: number,
): Edit {
  return batchEdits(
    moving.map((each) =>
      place(each, nudgePlace(each.piece.place, each.rect, supportRect(card, each.support), dx, dy)),
    ),
  );
}

/** Turns a piece by so many degrees, to the tenth. */
export function turnBy(placed: Placed, degrees: number): Edit {
  const { place: rule } = placed.piece;
  const turn = Math.round((rule.turn + degrees) * 10) / 10;
  const within = turn > 180 ? turn - 360 : turn < -180 ? turn + 360 : turn;
  return place(placed, { ...rule, turn: within });
}

/** Centres a piece on what it lies on, across or down. */
export function centre(placed: Placed, axis: 'x' | 'y'): Edit {
  return place(placed, { ...placed.piece.place, [axis]: { from: 'centre' } });
}

export type Alignment = 'left' | 'middle' | 'right' | 'top' | 'centre' | 'bottom';

/** Lines pieces up with the first of them. */
export function alignAll(card: ResolvedCard, pieces: readonly Placed[], to: Alignment): Edit {
  const [lead, ...others] = pieces;
  if (!lead) return { kind: 'batch', edits: [] };
  const goal = boxOnFace(lead);
  return batchEdits(
    others.map((each) => {
      const box = boxOnFace(each);
      const by = {
        left: [goal.x - box.x, 0],
        middle: [Math.floor((2 * goal.x + goal.width - 2 * box.x - box.width) / 2), 0],
        right: [goal.x + goal.width - box.x - box.width, 0],
        top: [0, goal.y - box.y],
        centre: [0, Math.floor((2 * goal.y + goal.height - 2 * box.y - box.height) / 2)],
        bottom: [0, goal.y + goal.height - box.y - box.height],
      }[to];
      return shifted(card, each, by[0] ?? 0, by[1] ?? 0);
    }),
  );
}

/** Spaces three or more pieces evenly between the first and the last, across or down. */
export function spaceEvenly(
  card: ResolvedCard,
  pieces: readonly Placed[],
  axis: 'x' | 'y',
): Edit | undefined {
  const along = (each: Placed) => {
    const box = boxOnFace(each);
    return axis === 'x' ? { from: box.x, size: box.width } : { from: box.y, size: box.height };
  };
  const ordered = pieces.toSorted((a, b) => along(a).from - along(b).from);
  const [first, last] = [ordered[0], ordered.at(-1)];
  if (!first || !last || ordered.length < 3) return undefined;
  const total = along(last).from + along(last).size - along(first).from;
  const filled = ordered.reduce((sum, each) => sum + along(each).size, 0);
  const gap = (total - filled) / (ordered.length - 1);
  let at: number = along(first).from;
  const edits = ordered.map((each) => {
    const by = Math.round(at) - along(each).from;
    at += along(each).size + gap;
    return shifted(card, each, axis === 'x' ? by : 0, axis === 'y' ? by : 0);
  });
  return batchEdits(edits);
}

function shifted(card: ResolvedCard, each: Placed, dx: number, dy: number): SimpleEdit {
  const { place: rule } = each.piece;
  const moved = placeAt(movedBy(each.rect, dx, dy), supportRect(card, each.support), rule.turn);
  return place(each, {
    ...moved,
    x: dx === 0 ? rule.x : moved.x,
    y: dy === 0 ? rule.y : moved.y,
  });
}

/**
 * What a dragged piece may snap to: what lies on the same thing and does not move along. A scatter of dots
 * would hold it everywhere, so it is left out.
 */
export function snapTargets(
  card: ResolvedCard,
  leading: Placed,
  moving: readonly Placed[],
): readonly { readonly id: PieceId; readonly rect: Rect }[] {
  return neighboursOf(card, leading)
    .filter(
      ({ id, piece }) =>
        !moving.some((each) => each.id === id) &&
        (isPaper(piece) || !kindOf(piece).isSmall || piece.group === null),
    )
    .map((each) => ({ id: each.id, rect: boxOnFace(each) }));
}
