import { z } from 'zod';
import { pieceIdSchema, type Immutable } from './ids';
import { orderKeySchema } from './orderKeySchema';
import { dotSchema } from './pieces/dot';
import { drawnSchema } from './pieces/drawn';
import { blendSchema, edgesSchema, splatterSchema, spraySchema } from './pieces/grounds';
import { imageSchema } from './pieces/image';
import type { motionSchema } from './pieces/motion';
import { paperSchema } from './pieces/panel';
import type { placeRuleSchema } from './pieces/placeRule';
import { ribbonSchema } from './pieces/ribbon';
import type { sizeRuleSchema } from './pieces/sizeRule';
import { stencillingSchema } from './pieces/stencil';
import type { supportSchema } from './pieces/common';
import { wordsSchema } from './pieces/words';
import { zoneSchema } from './pieces/zone';

/** All a plan is made of beside its base. Paper is cut and glued; the others lie on paper as marks. */
export const pieceSchema = z
  .discriminatedUnion('kind', [
    paperSchema,
    imageSchema,
    wordsSchema,
    stencillingSchema,
    dotSchema,
    drawnSchema,
    blendSchema,
    edgesSchema,
    spraySchema,
    splatterSchema,
    ribbonSchema,
  ])
  .meta({ id: 'Piece' });

const order = orderKeySchema;

/** A piece as a plan keeps it: with the key it is sorted by among the others. */
export const orderedPieceSchema = z.discriminatedUnion('kind', [
  paperSchema.extend({ order }),
  imageSchema.extend({ order }),
  wordsSchema.extend({ order }),
  stencillingSchema.extend({ order }),
  dotSchema.extend({ order }),
  drawnSchema.extend({ order }),
  blendSchema.extend({ order }),
  edgesSchema.extend({ order }),
  spraySchema.extend({ order }),
  splatterSchema.extend({ order }),
  ribbonSchema.extend({ order }),
]);

const fixed = { id: true, kind: true } as const;

/** A change of pieces of a kind: some of the properties those have. */
const changeOf = <Kind extends string, Change extends z.ZodType>(
  of: z.ZodLiteral<Kind>,
  change: Change,
) =>
  z.strictObject({
    kind: z.literal('change'),
    in: z.literal('pieces'),
    id: pieceIdSchema,
    of,
    change,
  });

/** A change to a piece: any property that a piece of its kind has, and no other. */
export const pieceChangeSchema = z
  .discriminatedUnion('of', [
    changeOf(paperSchema.shape.kind, paperSchema.omit(fixed).partial()),
    changeOf(imageSchema.shape.kind, imageSchema.omit(fixed).partial()),
    changeOf(wordsSchema.shape.kind, wordsSchema.omit(fixed).partial()),
    changeOf(stencillingSchema.shape.kind, stencillingSchema.omit(fixed).partial()),
    changeOf(dotSchema.shape.kind, dotSchema.omit(fixed).partial()),
    changeOf(drawnSchema.shape.kind, drawnSchema.omit(fixed).partial()),
    changeOf(blendSchema.shape.kind, blendSchema.omit(fixed).partial()),
    changeOf(edgesSchema.shape.kind, edgesSchema.omit(fixed).partial()),
    changeOf(spraySchema.shape.kind, spraySchema.omit(fixed).partial()),
    changeOf(splatterSchema.shape.kind, splatterSchema.omit(fixed).partial()),
    changeOf(ribbonSchema.shape.kind, ribbonSchema.omit(fixed).partial()),
  ])
  .meta({ id: 'PieceChange' });

export type Piece = Immutable<z.output<typeof pieceSchema>>;
export type OrderedPiece = Immutable<z.output<typeof orderedPieceSchema>>;
export type PieceKind = Piece['kind'];
export const pieceKinds = pieceSchema.options.map(({ shape }) => shape.kind.value);
/** A piece of one kind; of several kinds, one of them. */
export type PieceOf<Kind extends PieceKind> = Extract<Piece, { readonly kind: Kind }>;
export type Paper = PieceOf<'panel'>;
/** What is printed, written, stuck or drawn on paper; it has no stock and nothing lies on it. */
export type Mark = Exclude<Piece, Paper>;
/** Where something else holds a piece of paper, or nothing does. */
export type Zone = Immutable<z.output<typeof zoneSchema>>;
export type Motion = Immutable<z.output<typeof motionSchema>>;
export type Support = Immutable<z.output<typeof supportSchema>>;
export type SizeRule = Immutable<z.output<typeof sizeRuleSchema>>;
export type PlaceRule = Immutable<z.output<typeof placeRuleSchema>>;
