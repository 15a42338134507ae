import { z } from 'zod';
import { idPattern } from './idPattern';

const id = () => z.string().regex(idPattern, 'lower-case letters, digits and hyphens, at most 40');

export const cardIdSchema = id().brand<'CardId'>();
export const pieceIdSchema = id().brand<'PieceId'>();
export const designerIdSchema = id().brand<'DesignerId'>();
export const releaseIdSchema = id().brand<'ReleaseId'>();
export const seriesIdSchema = id().brand<'SeriesId'>();
export const libraryIdSchema = id().brand<'LibraryId'>();

export type CardId = z.output<typeof cardIdSchema>;
export type PieceId = z.output<typeof pieceIdSchema>;
export type DesignerId = z.output<typeof designerIdSchema>;
export type ReleaseId = z.output<typeof releaseIdSchema>;
export type SeriesId = z.output<typeof seriesIdSchema>;
export type LibraryId = z.output<typeof libraryIdSchema>;

/** Makes a value and all it holds readonly, so that a plan can only be changed by an edit. */
export type Immutable<T> = T extends string | number | boolean | bigint | null | undefined
  ? T
  : T extends readonly (infer Item)[]
    ? readonly Immutable<Item>[]
    : { readonly [Key in keyof T]: Immutable<T[Key]> };
