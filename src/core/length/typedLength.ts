import type { Length } from './length';

/** A length in JSON, with the text a person typed for it where one did. */
export interface TypedLength {
  readonly ticks: Length;
  readonly typed?: string | undefined;
}

/** A computed length as document data. */
export function asTyped(length: Length, typed?: string): TypedLength {
  return typed === undefined ? { ticks: length } : { ticks: length, typed };
}
