import type { Length } from '../length/length';
import type { TypedLength } from '../length/typedLength';
import type { Side } from './faces';
import type { Piece, Paper, Mark, Support, SizeRule, PlaceRule } from './piece';

export const centred: PlaceRule = { x: { from: 'centre' }, y: { from: 'centre' }, turn: 0 };

/** What a new mark has unless it is told otherwise. */
export const plainMark = {
  place: centred,
  isOff: false,
  group: null,
  notes: '',
} as const satisfies Partial<Mark>;

/** What a new piece of paper has unless it is told otherwise. */
export const plainPiece = {
  kind: 'panel',
  ...plainMark,
  attach: 'tape',
  zones: [],
  trim: null,
  cutOut: null,
  carriedBy: 'left',
  isMirrored: false,
  crop: null,
  overhang: 'kept',
  motion: null,
} as const satisfies Partial<Paper>;

/** Whether a size comes from what the piece lies on; the others are the piece's own. */
export function followsSupport({ by }: SizeRule): boolean {
  return by === 'reveal' || by === 'sides' || by === 'step';
}

/** Whether a die or scissors give the size, which no fence is set to. */
export function isCutToShape({ by }: SizeRule): boolean {
  return by === 'die' || by === 'stamp';
}

export function isPaper<P extends { readonly kind: Piece['kind'] }>(
  piece: P,
): piece is Extract<P, { readonly kind: 'panel' }> {
  return piece.kind === 'panel';
}

/** The pieces of paper, in gluing order. */
export function papersOf({ pieces }: { readonly pieces: readonly Piece[] }): readonly Paper[] {
  return pieces.filter(isPaper);
}

/** A piece of paper by its id; undefined where there is none, or it is a mark. */
export function findPaper(
  { pieces }: { readonly pieces: readonly Piece[] },
  id: string | undefined,
): Paper | undefined {
  const piece = pieces.find((each) => each.id === id);
  return piece && isPaper(piece) ? piece : undefined;
}

/** Whether two supports are the same face or piece. */
export function sameSupport(a: Support, b: Support): boolean {
  return 'piece' in a ? 'piece' in b && a.piece === b.piece : 'face' in b && a.face === b.face;
}

/** The lengths of typed sides: borders, or what is trimmed off. */
export function sideLengths({
  left,
  top,
  right,
  bottom,
}: Readonly<Record<Side, TypedLength>>): Readonly<Record<Side, Length>> {
  return { left: left.ticks, top: top.ticks, right: right.ticks, bottom: bottom.ticks };
}
