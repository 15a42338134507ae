import { z } from 'zod';
import type { Immutable } from './ids';
import { orderKeySchema } from './orderKeySchema';
import { dotSchema } from './pieces/dot';
import { drawnSchema } from './pieces/drawn';
import { imageSchema } from './pieces/image';
import type { motionSchema } from './pieces/motion';
import { paperSchema } from './pieces/panel';
import type { placeRuleSchema } from './pieces/placeRule';
import type { sizeRuleSchema } from './pieces/sizeRule';
import { stencillingSchema } from './pieces/stencil';
import type { supportSchema } from './pieces/common';
import { wordsSchema } from './pieces/words';

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

const order = orderKeySchema;

/** A piece as a plan keeps it: with the key it is sorted by among the others. */
export const orderedPieceSchema = z.discriminatedUnion('kind', [
  paperSchema.extend({ order }),
  imageSchema.extend({ order }),
  wordsSchema.extend({ order }),
  stencillingSchema.extend({ order }),
  dotSchema.extend({ order }),
  drawnSchema.extend({ order }),
]);

const inPieces = {
  kind: z.literal('change'),
  in: z.literal('pieces'),
  id: paperSchema.shape.id,
} as const;
const fixed = { id: true, kind: true } as const;

/** A change to a piece: any property that a piece of its kind has, and no other. */
export const pieceChangeSchema = z
  .discriminatedUnion('of', [
    z.strictObject({
      ...inPieces,
      of: paperSchema.shape.kind,
      change: paperSchema.omit(fixed).partial(),
    }),
    z.strictObject({
      ...inPieces,
      of: imageSchema.shape.kind,
      change: imageSchema.omit(fixed).partial(),
    }),
    z.strictObject({
      ...inPieces,
      of: wordsSchema.shape.kind,
      change: wordsSchema.omit(fixed).partial(),
    }),
    z.strictObject({
      ...inPieces,
      of: stencillingSchema.shape.kind,
      change: stencillingSchema.omit(fixed).partial(),
    }),
    z.strictObject({
      ...inPieces,
      of: dotSchema.shape.kind,
      change: dotSchema.omit(fixed).partial(),
    }),
    z.strictObject({
      ...inPieces,
      of: drawnSchema.shape.kind,
      change: drawnSchema.omit(fixed).partial(),
    }),
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
export type Motion = Immutable<z.output<typeof motionSchema>>;
export type Support = Immutable<z.output<typeof supportSchema>>;
export type SizeRule = Immutable<z.output<typeof sizeRuleSchema>>;
export type PlaceRule = Immutable<z.output<typeof placeRuleSchema>>;
