import { z } from 'zod';
import { combinationSchema, type Combination } from '../plan/combination';
import { pieceSchema, type Piece } from '../plan/piece';
import { mostCombinations, mostPieces } from '../plan/planFacts';

/** Pieces on their way from one place to another, or from one card to another. */
const copiedSchema = z.strictObject({
  format: z.literal('nibwright-pieces'),
  version: z.literal(2),
  pieces: z.array(pieceSchema).min(1).max(mostPieces),
  /** What of their parts is coloured by hand. */
  combinations: z.array(combinationSchema).max(mostCombinations),
});

/** Pieces as text, and what it says of a text that holds none. */
export type ReadCopied =
  | {
      readonly ok: true;
      readonly pieces: readonly Piece[];
      readonly combinations: readonly Combination[];
    }
  | { readonly ok: false };

/** Reads pieces from a text that `copyOut` made; anything else is none. */
export function readCopied(text: string): ReadCopied {
  let document: unknown;
  try {
    document = JSON.parse(text);
  } catch {
    return { ok: false };
  }
  const parsed = copiedSchema.safeParse(document);
  if (!parsed.success) return { ok: false };
  const { pieces, combinations } = parsed.data;
  return { ok: true, pieces, combinations };
}
