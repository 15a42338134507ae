import { z } from 'zod';
import type { Edit } from '../plan/edit';
import { withoutKey } from '../plan/orderKeys';
import { addPieces } from '../plan/pieceEdits';
import { mapItems } from '../kinds/kinds';
import { batchEdits } from '../plan/batchEdits';
import type { PieceId } from '../plan/ids';
import type { LibraryRef } from '../plan/libraryItem';
import { findItem, newestOf, type Library } from '../plan/library';
import { pieceSchema, type Piece, type PlaceRule, type Support } from '../plan/piece';
import { followsSupport, isPaper } from '../plan/pieces';
import { copyOf } from '../plan/copyOf';
import { withAllOn } from '../plan/pieceSets';
import type { Plan } from '../plan/plan';
import { mostPieces } from '../plan/planFacts';
import { boxOf, placedById, supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import { placeAt } from '../measuring/placeAt';

/** Pieces on their way from one place to another, or from one card to another. */
export const copiedSchema = z.strictObject({
  format: z.literal('nibwright-pieces'),
  version: z.literal(1),
  pieces: z.array(pieceSchema).min(1).max(mostPieces),
});

/** Pieces as text, and what it says of a text that holds none. */
export type ReadCopied =
  { readonly ok: true; readonly pieces: readonly Piece[] } | { readonly ok: false };

/**
 * Pieces and all that lies on them, ready to be put elsewhere: what they were placed or sized by that stays behind is
 * made a figure of its own, measured from the edges of what they lay on.
 */
export function copyOut(plan: Plan, card: ResolvedCard, ids: ReadonlySet<PieceId>): string {
  const roots = plan.pieces.filter(({ id }) => ids.has(id));
  const taken = withAllOn(plan, roots);
  const isTaken = (id: PieceId) => taken.some((each) => each.id === id);
  const pieces = taken.map((piece) => withoutKey(withoutTies(piece, card, isTaken)));
  return JSON.stringify({ format: 'nibwright-pieces', version: 1, pieces });
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

/** Reads pieces from a text; anything else is none. */
export function readCopied(text: string): ReadCopied {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    return { ok: false };
  }
  const parsed = copiedSchema.safeParse(document);
  return parsed.success ? { ok: true, pieces: parsed.data.pieces } : { ok: false };
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
  { on, library, newId, placeOf }: PasteHow,
): Pasted | undefined {
  if (plan.pieces.length + pieces.length > mostPieces) return undefined;
  const ids = new Map(pieces.map(({ id }) => [id, newId()]));
  const isRoot = ({ on: under }: Piece) => !('piece' in under && ids.has(under.piece));
  const added = pieces.map((piece) =>
    withNewest(
      copyOf(piece, ids, (root) => ({ on, place: placeOf(root) })),
      library,
    ),
  );
  return {
    edit: batchEdits(addPieces(plan, added)),
    roots: pieces.filter(isRoot).flatMap(({ id }) => ids.get(id) ?? []),
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
