import { applyEdit } from '../plan/applyEdit';
import { batchEdits, simpleEditsOf } from '../plan/batchEdits';
import type { Edit } from '../plan/edit';
import type { PieceId } from '../plan/ids';
import type { Mark } from '../plan/piece';
import { addPieces } from '../plan/pieceEdits';
import { resolvePlan } from '../resolve/resolvePlan';
import { freshPlace } from './freshPlace';
import { isPlainStock, stockOf } from './newStock';
import { plainStrip, putOnStrip, type StripInput } from './plainStrip';

/**
 * The edit that puts new words on a card, in the best free place. On patterned paper they would not be read: there they
 * start on a plain strip, where one fits.
 */
export function addWords(input: Omit<StripInput, 'card'>, words: Mark, newId: () => PieceId): Edit {
  const { plan, library, unit } = input;
  const placed = { ...words, place: freshPlace(plan, library, words, unit) };
  const alone = batchEdits(addPieces(plan, [placed]));
  const stock = stockOf(plan, library, words.on);
  if (!stock || isPlainStock(stock)) return alone;
  const outcome = applyEdit(plan, alone);
  if (!outcome.ok) return alone;
  const next = { ...input, plan: outcome.plan, card: resolvePlan(outcome.plan, library) };
  const mark = next.card.marks.find(({ id }) => id === words.id);
  const strip = mark && plainStrip(next, mark);
  if (!mark || !strip) return alone;
  const onStrip = putOnStrip(next, mark, strip, { withMat: false, newId });
  return batchEdits([alone, onStrip].flatMap(simpleEditsOf));
}
