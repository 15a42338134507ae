import { combinationIds } from '../kinds/colouring';
import type { Combination } from '../plan/combination';
import type { Edit, SimpleEdit } from '../plan/edit';
import { withoutKey } from '../plan/orderKeys';
import { addPieces } from '../plan/pieceEdits';
import { mapItems } from '../kinds/kinds';
import { batchEdits } from '../plan/batchEdits';
import type { PieceId } from '../plan/ids';
import type { LibraryRef } from '../plan/libraryItem';
import { findItem, newestOf, type Library } from '../plan/library';
import type { Piece, PlaceRule, Support } from '../plan/piece';
import { followsSupport, isPaper } from '../plan/pieces';
import { copyOf } from '../plan/copyOf';
import { withAllOn } from '../plan/pieceSets';
import type { Plan } from '../plan/plan';
import { mostPieces } from '../plan/planFacts';
import { sameJson } from '../plan/sameJson';
import { boxOf, placedById, supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import { placeAt } from '../measuring/placeAt';

/**
 * Pieces and all that lies on them, ready to be put elsewhere: what they were placed or sized by that stays behind is
 * made a figure of its own, measured from the edges of what they lay on.
 */
export function copyOut(plan: Plan, card: ResolvedCard, ids: ReadonlySet<PieceId>): string {
  const roots = plan.pieces.filter(({ id }) => ids.has(id));
  const taken = withAllOn(plan, roots);
  const isTaken = (id: PieceId) => taken.some((each) => each.id === id);
  const pieces = taken.map((piece) => withoutKey(withoutTies(piece, card, isTaken)));
  const used = new Set(taken.flatMap((piece) => (isPaper(piece) ? [] : combinationIds(piece))));
  const combinations = plan.combinations.filter(({ id }) => used.has(id));
  return JSON.stringify({ format: 'nibwright-pieces', version: 2, pieces, combinations });
}

function withoutTies(piece: Piece, card: ResolvedCard, isTaken: (id: PieceId) => boolean): Piece {
  const box = boxOf(card, piece.id);
  const support = supportOf(card, piece.id);
  if (!box || !support) return piece;
  const { x, y, turn } = piece.place;
  const plain = placeAt(box, support, turn);
  const isTied = (rule: typeof x | typeof y) => rule.from === 'piece' && !isTaken(rule.piece);
  const placed = {
    ...piece,
    place: { ...piece.place, x: isTied(x) ? plain.x : x, y: isTied(y) ? plain.y : y },
  };
  if (!isPaper(placed)) return placed;
  const { size } = placed;
  const isOwn =
    (size.by === 'outset' ? isTaken(size.around) : !followsSupport(size)) ||
    ('piece' in piece.on && isTaken(piece.on.piece));
  return isOwn
    ? placed
    : {
        ...placed,
        size: { by: 'measure', width: { ticks: box.width }, height: { ticks: box.height } },
        place: size.by === 'sides' ? plain : placed.place,
      };
}

function supportOf(card: ResolvedCard, id: PieceId) {
  const placed = placedById(card, id);
  return placed && supportRect(card, placed.support);
}

export interface Pasted {
  readonly edit: Edit;
  /** What lay on nothing that came along. */
  readonly roots: readonly PieceId[];
}

/** Where copied pieces go. */
export interface PasteHow {
  readonly on: Support;
  readonly library: Library;
  readonly newId: () => PieceId;
  /** What came along with them; those the card has not are put on it. */
  readonly combinations?: readonly Combination[];
  /** Where one of the roots goes; as it lay where it is undefined. */
  readonly placeOf: (root: Piece) => PlaceRule | undefined;
}

/**
 * Puts copied pieces on a support, as the last that are put on there; ids are made anew, and versions the library
 * does not hold become its newest. Undefined where the card would hold too many.
 */
export function pasteInto(
  plan: Plan,
  pieces: readonly Piece[],
  { on, library, newId, combinations = [], placeOf }: PasteHow,
): Pasted | undefined {
  if (plan.pieces.length + pieces.length > mostPieces) return undefined;
  const ids = new Map(pieces.map(({ id }) => [id, newId()]));
  const isRoot = ({ on: under }: Piece) => !('piece' in under && ids.has(under.piece));
  const come = broughtAlong(plan, combinations, newId);
  const added = pieces.map((piece) =>
    withNewest(
      recoloured(
        copyOf(piece, ids, (root) => ({ on, place: placeOf(root) })),
        come.ids,
      ),
      library,
    ),
  );
  return {
    edit: batchEdits([
      ...come.added.map((item): SimpleEdit => ({ kind: 'put', in: 'combinations', item })),
      ...addPieces(plan, added),
    ]),
    roots: pieces.filter(isRoot).flatMap(({ id }) => ids.get(id) ?? []),
  };
}

/** Combinations the card has not; one that is another there under the same id comes under a new one. */
function broughtAlong(
  plan: Plan,
  combinations: readonly Combination[],
  newId: () => PieceId,
): { readonly added: readonly Combination[]; readonly ids: ReadonlyMap<string, PieceId> } {
  const ids = new Map<string, PieceId>();
  const added = combinations.flatMap((each): readonly Combination[] => {
    const there = plan.combinations.find(({ id }) => id === each.id);
    if (there && sameJson(there, each)) return [];
    const id = there ? newId() : each.id;
    ids.set(each.id, id);
    return [{ ...each, id }];
  });
  return { added, ids };
}

function recoloured(piece: Piece, ids: ReadonlyMap<string, PieceId>): Piece {
  if (piece.kind !== 'image' || ids.size === 0) return piece;
  const renamed = <Colour extends { readonly by: string } | null>(colour: Colour): Colour =>
    colour && 'combination' in colour
      ? { ...colour, combination: ids.get(String(colour.combination)) ?? colour.combination }
      : colour;
  return {
    ...piece,
    layers: piece.layers.map(renamed),
    parts: piece.parts.map((part) => ({ ...part, colour: renamed(part.colour) })),
  };
}

function withNewest(piece: Piece, library: Library): Piece {
  const newest = newestOf(library);
  const known = (ref: LibraryRef): LibraryRef => {
    if (findItem(library, ref)) return ref;
    const item = newest.find(({ id }) => id === ref.id);
    return item ? { id: item.id, version: item.version } : ref;
  };
  return mapItems(piece, known);
}
