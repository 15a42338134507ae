import { z } from 'zod';
import type { Immutable } from './ids';
import { adhesiveItemSchema } from './items/adhesiveItem';
import { combinationItemSchema } from './items/combination';
import { dieSetSchema } from './items/dieSet';
import { embellishmentSchema } from './items/embellishment';
import { envelopeItemSchema } from './items/envelope';
import { inkSchema } from './items/ink';
import { libraryRefSchema } from './items/itemShape';
import { mediumSchema } from './items/medium';
import { powderSchema } from './items/powder';
import { stampSchema } from './items/stamp';
import { stencilSchema } from './items/stencil';
import { stockSchema } from './items/stock';
import { toolSchema } from './items/tool';

/** What the team owns and a plan refers to. */
export const libraryItemSchema = z.discriminatedUnion('kind', [
  stockSchema,
  dieSetSchema,
  stampSchema,
  stencilSchema,
  inkSchema,
  powderSchema,
  mediumSchema,
  adhesiveItemSchema,
  embellishmentSchema,
  envelopeItemSchema,
  toolSchema,
  combinationItemSchema,
]);

export type LibraryRef = Immutable<z.output<typeof libraryRefSchema>>;
export type Stock = Immutable<z.output<typeof stockSchema>>;
export type DieSet = Immutable<z.output<typeof dieSetSchema>>;
export type Stamp = Immutable<z.output<typeof stampSchema>>;
export type Stencil = Immutable<z.output<typeof stencilSchema>>;
export type Ink = Immutable<z.output<typeof inkSchema>>;
export type Medium = Immutable<z.output<typeof mediumSchema>>;
export type Powder = Immutable<z.output<typeof powderSchema>>;
export type CombinationItem = Immutable<z.output<typeof combinationItemSchema>>;
export type AdhesiveItem = Immutable<z.output<typeof adhesiveItemSchema>>;
export type EnvelopeItem = Immutable<z.output<typeof envelopeItemSchema>>;
export type LibraryItem = Immutable<z.output<typeof libraryItemSchema>>;
export type ItemKind = LibraryItem['kind'];
