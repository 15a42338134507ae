import type { SimpleEdit } from './edit';
import type { PieceId } from './ids';
import { dealKeys, keysBetween, type OrderKey } from './orderKeys';
import type { OrderedPiece, Piece, PieceKind, PieceOf } from './piece';

/** Properties of a piece that may change; of a piece of several kinds, what those have in common. */
export type ChangeOf<Kind extends PieceKind> = {
  readonly [Key in Exclude<keyof PieceOf<Kind>, 'id' | 'kind'>]?: PieceOf<Kind>[Key] | undefined;
};

/** The edit that changes properties a piece of this kind has. */
export function changePiece<Kind extends PieceKind>(
  { id, kind }: { readonly id: PieceId; readonly kind: Kind },
  change: ChangeOf<Kind>,
): SimpleEdit {
  return { kind: 'change', in: 'pieces', id, of: kind, change } as SimpleEdit;
}

/** The edit that takes a piece out of a plan. */
export function removePiece(id: PieceId): SimpleEdit {
  return { kind: 'remove', in: 'pieces', id };
}

/**
 * The edits that put pieces into a plan, in their order, before the one now at an index; past the end they come last.
 * Neighbours whose keys leave no room between them are moved a little apart.
 */
export function putPieces(
  { pieces }: { readonly pieces: readonly OrderedPiece[] },
  index: number,
  added: readonly Piece[],
): readonly SimpleEdit[] {
  const { keys, moves } = makeRoom(pieces, index, added.length);
  return [
    ...moves,
    ...added.map(
      (piece, at) =>
        ({
          kind: 'put',
          in: 'pieces',
          item: { ...piece, order: keys[at] as OrderKey },
        }) satisfies SimpleEdit,
    ),
  ];
}

/** The same at the end of the plan, where what is new comes. */
export function addPieces(
  plan: { readonly pieces: readonly OrderedPiece[] },
  added: readonly Piece[],
): readonly SimpleEdit[] {
  return putPieces(plan, plan.pieces.length, added);
}

/** The edits that move a piece before the one at an index among the others. */
export function movePieceTo(
  { pieces }: { readonly pieces: readonly OrderedPiece[] },
  id: PieceId,
  index: number,
): readonly SimpleEdit[] {
  const { keys, moves } = makeRoom(
    pieces.filter((piece) => piece.id !== id),
    index,
    1,
  );
  return [...moves, moveTo(id, keys[0] as OrderKey)];
}

/** Longer keys are dealt anew; it takes hundreds of pieces put in one place, one before the other. */
const longestKey = 40;

/**
 * Keys for new pieces before an index, and what must move for it.
 * ```
 *   a0 a1 | a2      room is left: the keys lie between a1 and a2
 *   a0 a1 | a1 a2   two with one key: the second moves after the new ones, all of them before a2
 * ```
 */
function makeRoom(
  pieces: readonly OrderedPiece[],
  index: number,
  count: number,
): { readonly keys: readonly OrderKey[]; readonly moves: readonly SimpleEdit[] } {
  const before = pieces[index - 1]?.order;
  const equal = pieces.slice(index).filter(({ order }) => order === before);
  const after = pieces[Math.max(0, index) + equal.length]?.order;
  const dealt = keysBetween(before, after, count + equal.length);
  if (dealt.some(({ length }) => length > longestKey)) return dealAnew(pieces, index, count);
  return {
    keys: dealt.slice(0, count),
    moves: equal.map(({ id }, at) => moveTo(id, dealt[count + at] as OrderKey)),
  };
}

function dealAnew(
  pieces: readonly OrderedPiece[],
  index: number,
  count: number,
): ReturnType<typeof makeRoom> {
  const added = Array.from({ length: count }, () => ({ id: undefined }));
  const dealt = dealKeys<{ readonly id: PieceId | undefined }>([
    ...pieces.slice(0, index),
    ...added,
    ...pieces.slice(index),
  ]);
  return {
    keys: dealt.filter(({ id }) => id === undefined).map(({ order }) => order),
    moves: dealt.flatMap(({ id, order }) => (id === undefined ? [] : [moveTo(id, order)])),
  };
}

const moveTo = (id: PieceId, order: OrderKey): SimpleEdit => ({
  kind: 'move',
  in: 'pieces',
  id,
  order,
});

/** A change of the bow a ribbon has. */
export function changeBow(
  ribbon: PieceOf<'ribbon'>,
  bow: NonNullable<PieceOf<'ribbon'>['bow']>,
  change: Partial<NonNullable<PieceOf<'ribbon'>['bow']>>,
): SimpleEdit {
  return changePiece(ribbon, { bow: { ...bow, ...change } });
}
