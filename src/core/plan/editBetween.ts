import { batchEdits, type Edit, type SimpleEdit } from './edit';
import type { Plan } from './plan';

/**
 * The edit that makes one plan of another, as restoring a revision does. Parts that are alike are not
 * touched; pieces are removed from the top and put back in order, since what lies on a removed piece
 * would move. A batch without edits where the plans are alike.
 */
export function editBetween(from: Plan, to: Plan): Edit {
  const parts: SimpleEdit[] = [];
  if (!same(from.about, to.about)) parts.push({ kind: 'set-about', change: to.about });
  if (!same(from.base, to.base)) parts.push({ kind: 'set-base', change: to.base });
  if (!same(from.habits, to.habits)) parts.push({ kind: 'set-habits', change: to.habits });
  if (!same(from.making, to.making)) parts.push({ kind: 'set-making', change: to.making });
  return batchEdits([...parts, ...pieceEdits(from, to), ...acceptedEdits(from, to)]);
}

function pieceEdits(from: Plan, to: Plan): readonly SimpleEdit[] {
  if (same(from.pieces, to.pieces)) return [];
  const hasSamePieces = same(
    from.pieces.map(({ id, kind }) => [id, kind]),
    to.pieces.map(({ id, kind }) => [id, kind]),
  );
  if (hasSamePieces)
    return to.pieces.flatMap((piece, index): SimpleEdit[] => {
      if (same(piece, from.pieces[index])) return [];
      const { id, kind: _kind, ...change } = piece;
      return [{ kind: 'change-piece', id, change }];
    });
  return [
    ...from.pieces.toReversed().map(({ id }): SimpleEdit => ({ kind: 'remove-piece', id })),
    ...to.pieces.map((piece, index): SimpleEdit => ({ kind: 'add-piece', piece, index })),
  ];
}

function acceptedEdits(from: Plan, to: Plan): readonly SimpleEdit[] {
  const only = (here: Plan, there: Plan) =>
    here.accepted.filter((each) => !there.accepted.some((other) => same(each, other)));
  return [
    ...only(from, to).map((finding) => ({ finding, accepted: false })),
    ...only(to, from).map((finding) => ({ finding, accepted: true })),
  ].map((each): SimpleEdit => ({ kind: 'accept-finding', ...each }));
}

/** Plans are JSON made by one schema, so alike means the same text. */
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
