import { dealKeys } from '../orderKeys';
import { isObject, type Document } from './document';

/** Pieces of version 4 came in the order of their list; since then each has a key it is sorted by. */
export function upgradePlan4(plan: Document): Document {
  return { ...plan, schema: 5, pieces: withKeys(plan['pieces']) };
}

/** The pieces of a list with keys in the order they come in; what are no pieces stays as it is. */
export function withKeys(pieces: unknown): unknown {
  return Array.isArray(pieces) && pieces.every(isObject) ? dealKeys(pieces) : pieces;
}
