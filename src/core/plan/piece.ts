import { z } from 'zod';
import { typedLengthSchema, typedOffsetSchema, typedSizeSchema } from '../length/lengthSchema';
import { letteringIds } from '../lettering/letterings';
import { adhesiveIds } from '../paper/adhesives';
import { faceIds, sides } from './faces';
import { pieceIdSchema, type Immutable } from './ids';
import { colourSchema, libraryRefSchema } from './items/itemShape';
import { pathSchema } from './items/shape';
import { overhangs, dotLooks } from './pieces';

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
    /** Cut with scissors round what a stamp prints, so far outside its line. */
    z.strictObject({ by: z.literal('stamp'), stamp: libraryRefSchema, rim: typedLengthSchema }),
  ])
  .meta({ id: 'SizeRule' });

const third = z.strictObject({
  from: z.literal('third'),
  /** The first from the left or top, or the second. */
  which: z.union([z.literal(1), z.literal(2)]),
});
/** Next to another piece of the same face, so far from its side; negative where they overlap. */
const beside = { from: z.literal('piece'), piece: pieceIdSchema, gap: typedOffsetSchema };
const horizontalPlaceSchema = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('centre') }),
  z.strictObject({ from: z.literal('left'), distance: typedOffsetSchema }),
  z.strictObject({ from: z.literal('right'), distance: typedOffsetSchema }),
  third,
  z.strictObject({ ...beside, side: z.enum(['left', 'right']) }),
]);
const verticalPlaceSchema = z.discriminatedUnion('from', [
  z.strictObject({ from: z.literal('centre') }),
  z.strictObject({ from: z.literal('top'), distance: typedOffsetSchema }),
  z.strictObject({ from: z.literal('bottom'), distance: typedOffsetSchema }),
  third,
  z.strictObject({ ...beside, side: z.enum(['top', 'bottom']) }),
]);

/**
 * Centred, its middle on a third, so far from a named edge, or beside a neighbour, each way for itself; then
 * turned about its own middle, clockwise.
 */
export const placeRuleSchema = z
  .strictObject({
    x: horizontalPlaceSchema,
    y: verticalPlaceSchema,
    turn: z.number().min(-180).max(180).meta({ description: 'Degrees, clockwise.' }),
  })
  .meta({ id: 'PlaceRule' });

/** What every piece has, whatever it is. */
const commonShape = {
  id: pieceIdSchema,
  name: z.string().trim().min(1).max(60),
  on: supportSchema,
  place: placeRuleSchema,
  /** Turned off: kept in the plan, left out of the card. */
  isOff: z.boolean(),
  /** Pieces of one group are turned off, copied and moved together. */
  group: z.string().trim().min(1).max(40).nullable(),
  notes: z.string().max(2000),
};

/** How a piece moves once the card is made; one that is glued down does not. */
export const motionSchema = z
  .discriminatedUnion('kind', [
    /** Opens about one of its sides. */
    z.strictObject({ kind: z.literal('flap'), hinge: z.enum(sides) }),
    /** Runs along a track, to the right or down where the travel is positive. */
    z.strictObject({
      kind: z.literal('slider'),
      along: z.enum(['x', 'y']),
      travel: typedOffsetSchema.refine(({ ticks }) => ticks !== 0, {
        message: 'a slider needs a way to go',
      }),
    }),
    /** Stands on a spring so wide, under its middle. */
    z.strictObject({
      kind: z.literal('wobbler'),
      spring: typedLengthSchema.refine(({ ticks }) => ticks > 0, {
        message: 'a spring needs a width',
      }),
    }),
  ])
  .meta({ id: 'Motion' });

/**
 * Card or paper: a rectangle, or what the die cuts that it is sized by. It is a mat when another lies on
 * it, and a liner inside on top.
 */
export const paperSchema = z
  .strictObject({
    kind: z.literal('panel'),
    ...commonShape,
    size: sizeRuleSchema,
    stock: libraryRefSchema,
    attach: z.enum(adhesiveIds),
    /** What comes off each side after decorating; the size rule gives the trimmed size. */
    trim: z.strictObject(sidesShape).nullable(),
    /** The middle under the piece on it is cut out, all but a rim of so much to glue on. */
    cutOut: z.strictObject({ rim: typedLengthSchema }).nullable(),
    /** The flap that carries a piece which crosses the middle of a gate fold. */
    carriedBy: z.enum(['left', 'right']),
    /** Turned over, left to right, as a die cut can be. */
    isMirrored: z.boolean(),
    /** What is cut off each side of what the size rule gives: shortened, halved. */
    crop: z.strictObject(sidesShape).nullable(),
    /**
     * What hangs over the edge of the card is kept, or cut off; or the piece is cut once more with what it lies on,
     * so that its edges are those of its panel.
     */
    overhang: z.enum(overhangs),
    motion: motionSchema.nullable(),
  })
  .meta({ id: 'Paper' });

/** The print of a stamp, or a part of it; a stamp cannot be mirrored. */
export const imageSchema = z
  .strictObject({
    kind: z.literal('image'),
    ...commonShape,
    stamp: libraryRefSchema,
    /** The colour of each layer of the stamp; null leaves a layer out. A sentiment has one. */
    colours: z.array(colourSchema.nullable()).max(12),
    /** What is masked or taped off each side of the image box. */
    crop: z.strictObject(sidesShape).nullable(),
  })
  .meta({ id: 'Image' });

/** Words set in a lettering, a stand-in for a sentiment stamp not owned yet. */
export const wordsSchema = z
  .strictObject({
    kind: z.literal('words'),
    ...commonShape,
    lines: z.array(z.string().trim().min(1).max(60)).min(1).max(12),
    lettering: z.enum(letteringIds),
    xHeight: typedLengthSchema.refine(({ ticks }) => ticks > 0, { message: 'words need a height' }),
    align: z.enum(['left', 'centre', 'right']),
    colour: colourSchema,
  })
  .meta({ id: 'Words' });

export const dotSchema = z
  .strictObject({
    kind: z.literal('dot'),
    ...commonShape,
    look: z.enum(dotLooks),
    diameter: typedLengthSchema.refine(({ ticks }) => ticks > 0, { message: 'a dot needs a size' }),
    colour: colourSchema,
    /** What of the stash it is; null where none is counted, as with splatter. */
    item: libraryRefSchema.nullable(),
  })
  .meta({ id: 'Dot' });

/** Drawn by hand: a branch, a frame line, a horizon, a string. */
export const drawnSchema = z
  .strictObject({
    kind: z.literal('drawn'),
    ...commonShape,
    width: typedLengthSchema,
    height: typedLengthSchema,
    /** In a box 1000 wide and 1000 high, stretched to the size. */
    path: pathSchema,
    /** Zero where it is filled. */
    lineWidth: typedLengthSchema,
    colour: colourSchema,
  })
  .meta({ id: 'Drawn' });

/** Colour through a stencil: over all of what it lies on, or over a zone of it. */
export const stencillingSchema = z
  .strictObject({
    kind: z.literal('stencil'),
    ...commonShape,
    stencil: libraryRefSchema,
    /** The stencil laid on its side, by a quarter. */
    turned: z.boolean(),
    /** The zone that is coloured, the rest masked off; null for all of what it lies on. */
    zone: typedSizeSchema.nullable(),
    /** The colour of each layer; null leaves a layer out. */
    colours: z.array(colourSchema.nullable()).max(6),
  })
  .meta({ id: 'Stencilling' });

/** All a plan is made of beside its base. Paper is cut and glued; the others lie on paper as marks. */
export const pieceSchema = z
  .discriminatedUnion('kind', [
    paperSchema,
    imageSchema,
    wordsSchema,
    stencillingSchema,
    dotSchema,
    drawnSchema,
  ])
  .meta({ id: 'Piece' });

/** A change to a piece: any property that a piece of its kind has. */
export const pieceChangeSchema = z
  .strictObject({
    ...paperSchema.shape,
    ...imageSchema.shape,
    ...wordsSchema.shape,
    ...stencillingSchema.shape,
    ...dotSchema.shape,
    ...drawnSchema.shape,
  })
  .omit({ id: true, kind: true })
  .partial()
  .meta({ id: 'PieceChange' });

export type Piece = Immutable<z.output<typeof pieceSchema>>;
export type Paper = Immutable<z.output<typeof paperSchema>>;
/** What is printed, written, stuck or drawn on paper; it has no stock and nothing lies on it. */
export type Mark = Exclude<Piece, Paper>;
export type PieceChange = Immutable<z.output<typeof pieceChangeSchema>>;
export type Motion = Immutable<z.output<typeof motionSchema>>;
export type Support = Immutable<z.output<typeof supportSchema>>;
export type SizeRule = Immutable<z.output<typeof sizeRuleSchema>>;
export type PlaceRule = Immutable<z.output<typeof placeRuleSchema>>;
