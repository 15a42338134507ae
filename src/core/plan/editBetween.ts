import type { Edit, SimpleEdit } from './edit';
import { batchEdits } from './batchEdits';
import type { Plan } from './plan';
import { sameJson } from './sameJson';

/**
 * The edit that makes one plan of another, as restoring a revision does. Parts that are alike are not
 * touched; pieces are removed from the top and put back in order, since what lies on a removed piece
 * would move. A batch without edits where the plans are alike.
 */
export function editBetween(from: Plan, to: Plan): Edit {
  const parts: SimpleEdit[] = [];
  if (!sameJson(from.about, to.about)) parts.push({ kind: 'set-about', change: to.about });
  if (!sameJson(from.base, to.base)) parts.push({ kind: 'set-base', change: to.base });
  if (!sameJson(from.habits, to.habits)) parts.push({ kind: 'set-habits', change: to.habits });
  if (!sameJson(from.making, to.making)) parts.push({ kind: 'set-making', change: to.making });
  return batchEdits([
    ...parts,
    ...pieceEdits(from, to),
    ...useEdits(from, to),
    ...acceptedEdits(from, to),
  ]);
}

function pieceEdits(from: Plan, to: Plan): readonly SimpleEdit[] {
  if (sameJson(from.pieces, to.pieces)) return [];
  const hasSamePieces = sameJson(
    from.pieces.map(({ id, kind }) => [id, kind]),
    to.pieces.map(({ id, kind }) => [id, kind]),
  );
  if (hasSamePieces)
    return to.pieces.flatMap((piece, index): SimpleEdit[] => {
      if (sameJson(piece, from.pieces[index])) return [];
      const { id, ...whole } = piece;
      const change = Object.fromEntries(Object.entries(whole).filter(([key]) => key !== 'kind'));
      return [{ kind: 'change-piece', id, change }];
    });
  return [
    ...from.pieces.toReversed().map(({ id }): SimpleEdit => ({ kind: 'remove-piece', id })),
    ...to.pieces.map((piece, index): SimpleEdit => ({ kind: 'add-piece', piece, index })),
  ];
}

function useEdits(from: Plan, to: Plan): readonly SimpleEdit[] {
  const gone = from.uses
    .filter(({ id }) => !to.uses.some((each) => each.id === id))
    .map(({ id }): SimpleEdit => ({ kind: 'set-use', id, use: null }));
  const set = to.uses
    .filter((use) => !from.uses.some((each) => sameJson(each, use)))
    .map(({ id, item, amount, pieceId, note }): SimpleEdit => ({
      kind: 'set-use',
      id,
      use: { item, amount, pieceId, note },
    }));
  return [...gone, ...set];
}

function acceptedEdits(from: Plan, to: Plan): readonly SimpleEdit[] {
  const only = (here: Plan, there: Plan) =>
    here.accepted.filter((each) => !there.accepted.some((other) => sameJson(each, other)));
  return [
    ...only(from, to).map((finding) => ({ finding, accepted: false })),
    ...only(to, from).map((finding) => ({ finding, accepted: true })),
  ].map((each): SimpleEdit => ({ kind: 'accept-finding', ...each }));
}
