import { z } from 'zod';
import type { Length } from '../length/length';
import { typedLengthSchema, type TypedLength } from '../length/lengthSchema';
import { adhesiveIds } from '../paper/adhesives';
import { faceIds, type Side } from './faces';
import { pieceIdSchema, type Immutable } from './ids';
import { libraryRefSchema } from './libraryItem';

/** What a piece lies on: a face of the base, or another piece. */
export const supportSchema = z.union([
  z.strictObject({ face: z.enum(faceIds) }),
  z.strictObject({ piece: pieceIdSchema }),
]);

const sidesShape = {
  left: typedLengthSchema,
  top: typedLengthSchema,
  right: typedLengthSchema,
  bottom: typedLengthSchema,
};

/** How the size comes about. Resolve makes figures of it; the rule is what is kept. */
export const sizeRuleSchema = z
  .discriminatedUnion('by', [
    /** The same border all round. */
    z.strictObject({ by: z.literal('reveal'), all: typedLengthSchema }),
    /** A border for each side; gives the place as well. */
    z.strictObject({ by: z.literal('sides'), ...sidesShape }),
    /** Smaller overall by so much, both ways. */
    z.strictObject({ by: z.literal('step'), overall: typedLengthSchema }),
    z.strictObject({
      by: z.literal('measure'),
      width: typedLengthSchema,
      height: typedLengthSchema,
    }),
    /** Larger than a piece by a border on each side; a piece lying on this one is placed by it too. */
    z.strictObject({ by: z.literal('outset'), around: pieceIdSchema, ...sidesShape }),
    /** As large as a die of a nested set, counted from the largest, 0; turned by a quarter or not. */
    z.strictObject({
      by: z.literal('die'),
      set: libraryRefSchema,
      step: z.number().int().min(0).max(59),
      turned: z.boolean(),
    }),
  ])
  .meta({ id: 'SizeRule' });

const third = z.strictObject({
  from: z.literal('third'),
  /** The first from the left or top, or the second. */
  which: z.union([z.literal(1), z.literal(2)]),
});
const horizontalPlaceSchema = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('centre') }),
  z.strictObject({ from: z.literal('left'), distance: typedLengthSchema }),
  z.strictObject({ from: z.literal('right'), distance: typedLengthSchema }),
  third,
]);
const verticalPlaceSchema = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('centre') }),
  z.strictObject({ from: z.literal('top'), distance: typedLengthSchema }),
  z.strictObject({ from: z.literal('bottom'), distance: typedLengthSchema }),
  third,
]);

/** Centred, its middle on a third, or so far from a named edge, each way for itself. */
export const placeRuleSchema = z
  .strictObject({ x: horizontalPlaceSchema, y: verticalPlaceSchema })
  .meta({ id: 'PlaceRule' });

/** A rectangle of card or paper. It is a mat when another lies on it, and a liner inside on top. */
export const pieceSchema = z
  .strictObject({
    id: pieceIdSchema,
    kind: z.literal('panel'),
    name: z.string().trim().min(1).max(60),
    on: supportSchema,
    size: sizeRuleSchema,
    place: placeRuleSchema,
    stock: libraryRefSchema,
    attach: z.enum(adhesiveIds),
    /** Turned off: kept in the plan, left out of the card. */
    isOff: z.boolean(),
    /** Pieces of one group are turned off, copied and moved between faces together. */
    group: z.string().trim().min(1).max(40).nullable(),
    /** What comes off each side after decorating; the size rule gives the trimmed size. */
    trim: z.strictObject(sidesShape).nullable(),
    /** The middle under the piece on it is cut out, all but a rim of so much to glue on. */
    cutOut: z.strictObject({ rim: typedLengthSchema }).nullable(),
    /** The flap that carries a piece which crosses the middle of a gate fold. */
    carriedBy: z.enum(['left', 'right']),
    notes: z.string().max(2000),
  })
  .meta({ id: 'Piece' });

export type Piece = Immutable<z.output<typeof pieceSchema>>;
export type Support = Immutable<z.output<typeof supportSchema>>;
export type SizeRule = Immutable<z.output<typeof sizeRuleSchema>>;
export type PlaceRule = Immutable<z.output<typeof placeRuleSchema>>;

export const centred: PlaceRule = { x: { from: 'centre' }, y: { from: 'centre' } };

/** What a new piece has unless it is told otherwise. */
export const plainPiece = {
  kind: 'panel',
  place: centred,
  attach: 'tape',
  isOff: false,
  group: null,
  trim: null,
  cutOut: null,
  carriedBy: 'left',
  notes: '',
} as const satisfies Partial<Piece>;

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
