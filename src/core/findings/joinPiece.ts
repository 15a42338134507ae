import { inches, lengthFromTicks, subtractLengths, type Length, type Size } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { Edit, SimpleEdit } from '../plan/edit';
import { batchEdits } from '../plan/batchEdits';
import { pieceIdFrom } from '../plan/pieceId';
import type { Plan } from '../plan/plan';
import { supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedPiece } from '../resolve/resolvedPiece';
import { cutText } from '../text/cutText';
import { changePiece, putPieces } from '../plan/pieceEdits';

/** Where a piece too large for its sheets is made of two, edge to edge, and what hides the join. */
export interface Join {
  /** `x`: the join runs from top to bottom, so far from the left; `y`: from side to side, from the top. */
  readonly axis: 'x' | 'y';
  readonly at: Length;
  /** The letter of what hides it best; undefined where nothing lies over it. */
  readonly under: string | undefined;
  /** How much of the join is seen. */
  readonly seen: Length;
}

/** What hides a join lies over it by so much on either side; common practice. */
const overlap = inches(0, 1, 8);

/**
 * The join of two that fits the sheets and is hidden best: as much of it as can be under one piece, then
 * as near the middle as can be, on a mark of the trimmer where the limits leave room for one.
 * @returns undefined where two parts do not fit either.
 */
export function findJoin(
  piece: ResolvedPiece,
  card: ResolvedCard,
  sheets: readonly Size[],
  mark: Length,
): Join | undefined {
  const { width, height } = piece.cut;
  const at = (axis: Join['axis'], most: Length) => joinsAt({ axis, piece, card, most, mark });
  const joins = sheets.flatMap(({ width: w, height: h }) => [
    ...(height <= h ? at('x', w) : []),
    ...(height <= w ? at('x', h) : []),
    ...(width <= w ? at('y', h) : []),
    ...(width <= h ? at('y', w) : []),
  ]);
  const offMiddle = (join: Join) => Math.abs(join.at - (join.axis === 'x' ? width : height) / 2);
  return joins.toSorted((a, b) => a.seen - b.seen || offMiddle(a) - offMiddle(b))[0];
}

interface JoinSearch {
  readonly axis: Join['axis'];
  readonly piece: ResolvedPiece;
  readonly card: ResolvedCard;
  /** The longest a part may be. */
  readonly most: Length;
  readonly mark: Length;
}

/** Joins on an axis: one for each piece that could hide it, and one in the open. */
function joinsAt({ axis, piece, card, most, mark }: JoinSearch): readonly Join[] {
  const isUpright = axis === 'x';
  const along = isUpright ? piece.rect.width : piece.rect.height;
  const across = isUpright ? piece.rect.height : piece.rect.width;
  // Each part has to fit, and there have to be two.
  const [first, last] = [Math.max(1, along - most), Math.min(most, along - 1)];
  if (first > last) return [];
  const open: Join = {
    axis,
    at: nearMark(along / 2, first, last, mark),
    under: undefined,
    seen: across,
  };
  const hidden = card.pieces.slice(card.pieces.indexOf(piece) + 1).flatMap((over): Join[] => {
    if (over.face !== piece.face) return [];
    const start = isUpright ? over.rect.x - piece.rect.x : over.rect.y - piece.rect.y;
    const length = isUpright ? over.rect.width : over.rect.height;
    const from = Math.max(first, start + overlap);
    const to = Math.min(last, start + length - overlap);
    const covered = isUpright
      ? shared('y', 'height', piece, over)
      : shared('x', 'width', piece, over);
    if (from > to || covered <= 0) return [];
    const at = nearMark(along / 2, from, to, mark);
    return [{ axis, at, under: over.letter, seen: lengthFromTicks(across - covered) }];
  });
  return [open, ...hidden];
}

/** The length nearest to a wanted one between two others, on a mark where one lies between. */
function nearMark(wanted: number, from: number, to: number, mark: Length): Length {
  const near = Math.min(to, Math.max(from, wanted));
  const onMark = [Math.round, Math.floor, Math.ceil]
    .map((round) => round(near / mark) * mark)
    .find((each) => each >= from && each <= to);
  return lengthFromTicks(onMark ?? Math.round(near));
}

/** How much of one piece lies under another, in one direction. */
function shared(
  start: 'x' | 'y',
  size: 'width' | 'height',
  { rect: a }: ResolvedPiece,
  { rect: b }: ResolvedPiece,
): number {
  return Math.min(a[start] + a[size], b[start] + b[size]) - Math.max(a[start], b[start]);
}

/**
 * The edit that makes a piece of two: it keeps the near part, a new piece is the far part. What lay on it
 * lies on its support afterwards, at the same size and in the same place.
 * @returns undefined where something of it sticks out to the left or top, which no place can say.
 */
export function joinEdit(
  plan: Plan,
  card: ResolvedCard,
  resolved: ResolvedPiece,
  { axis, at }: Join,
): Edit | undefined {
  const { piece, rect, support } = resolved;
  const under = supportRect(card, support);
  const left = subtractLengths(rect.x, under.x);
  const top = subtractLengths(rect.y, under.y);
  const rest = lengthFromTicks((axis === 'x' ? rect.width : rect.height) - at);
  const near =
    axis === 'x' ? { width: at, height: rect.height } : { width: rect.width, height: at };
  const far =
    axis === 'x' ? { width: rest, height: rect.height } : { width: rect.width, height: rest };
  const placed = (x: Length, y: Length) => ({
    x: { from: 'left' as const, distance: asTyped(x) },
    y: { from: 'top' as const, distance: asTyped(y) },
    turn: 0,
  });
  const sized = ({ width, height }: Size) => ({
    by: 'measure' as const,
    width: asTyped(width),
    height: asTyped(height),
  });
  const children = card.pieces.filter((each) => each.support === piece.id);
  const all = [rect, ...children.map((child) => child.rect)];
  if (all.some(({ x, y }) => x < under.x || y < under.y)) return undefined;
  const moved = children.map((child): SimpleEdit =>
    changePiece(child.piece, {
      on: piece.on,
      size: sized(child.rect),
      place: placed(subtractLengths(child.rect.x, under.x), subtractLengths(child.rect.y, under.y)),
    }),
  );
  const farPlace =
    axis === 'x'
      ? placed(lengthFromTicks(left + at), top)
      : placed(left, lengthFromTicks(top + at));
  return batchEdits([
    ...moved,
    changePiece(piece, { size: sized(near), place: placed(left, top), trim: null, cutOut: null }),
    ...putPieces(plan, plan.pieces.findIndex(({ id }) => id === piece.id) + 1, [
      {
        ...piece,
        id: freeId(plan, piece.id),
        name: `${cutText(piece.name, 48)}, other part`,
        size: sized(far),
        place: farPlace,
        trim: null,
        cutOut: null,
      },
    ]),
  ]);
}

/** An id made from the piece's own, as the core has no randomness. */
function freeId(plan: Plan, id: string) {
  for (let number = 2; ; number += 1) {
    const next = pieceIdFrom(`${id.slice(0, 34)}-${number}`);
    if (!plan.pieces.some((each) => each.id === next)) return next;
  }
}
