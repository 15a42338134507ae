import { z } from 'zod';
import { typedLengthSchema } from '../length/lengthSchema';
import { adhesiveIds } from '../paper/adhesives';
import { pieceIdSchema, type Immutable } from './ids';
import { libraryRefSchema } from './libraryItem';

/** Faces of a folded card; inside is the leaf one writes on: right of a side fold, lower of a tent. */
export const faceIds = ['front', 'inside'] as const;
export type FaceId = (typeof faceIds)[number];

/** What a piece lies on: a face of the base, or another piece. */
export const supportSchema = z.union([
  z.strictObject({ face: z.enum(faceIds) }),
  z.strictObject({ piece: pieceIdSchema }),
]);

/** How the size comes about. Resolve makes figures of it; the rule is what is kept. */
export const sizeRuleSchema = z
  .discriminatedUnion('by', [
    /** The same border all round. */
    z.strictObject({ by: z.literal('reveal'), all: typedLengthSchema }),
    /** A border for each side; gives the place as well. */
    z.strictObject({
      by: z.literal('sides'),
      left: typedLengthSchema,
      top: typedLengthSchema,
      right: typedLengthSchema,
      bottom: typedLengthSchema,
    }),
    /** Smaller overall by so much, both ways. */
    z.strictObject({ by: z.literal('step'), overall: typedLengthSchema }),
    z.strictObject({
      by: z.literal('measure'),
      width: typedLengthSchema,
      height: typedLengthSchema,
    }),
  ])
  .meta({ id: 'SizeRule' });

const horizontalPlaceSchema = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('centre') }),
  z.strictObject({ from: z.literal('left'), distance: typedLengthSchema }),
  z.strictObject({ from: z.literal('right'), distance: typedLengthSchema }),
]);
const verticalPlaceSchema = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('centre') }),
  z.strictObject({ from: z.literal('top'), distance: typedLengthSchema }),
  z.strictObject({ from: z.literal('bottom'), distance: typedLengthSchema }),
]);

/** Centred or so far from a named edge of what it lies on, each way for itself. */
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
    notes: z.string().max(2000),
  })
  .meta({ id: 'Piece' });

export type Piece = Immutable<z.output<typeof pieceSchema>>;
export type Support = Immutable<z.output<typeof supportSchema>>;
export type SizeRule = Immutable<z.output<typeof sizeRuleSchema>>;
export type PlaceRule = Immutable<z.output<typeof placeRuleSchema>>;

export const centred: PlaceRule = { x: { from: 'centre' }, y: { from: 'centre' } };

/** Whether two supports are the same face or piece. */
export function sameSupport(a: Support, b: Support): boolean {
  return 'piece' in a ? 'piece' in b && a.piece === b.piece : 'face' in b && a.face === b.face;
}
