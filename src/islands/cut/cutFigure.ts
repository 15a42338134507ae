import { newSheets } from '../../core/cutting/countSheets';
import type { CutPlan } from '../../core/cutting/cutPlan';
import { countWords } from '../../core/words/countWords';
import type { Planning } from './planner';

/**
 * For the tab of the Cut station: '38 sheets'. A figure stands there once every stock has its sheets, so that it
 * never starts too low; after a search that was stopped it says that there is more.
 */
export function cutFigure(shown: CutPlan | undefined, planning: Planning): string {
  const isPlanning = planning.kind === 'planning';
  if (!shown) return isPlanning ? 'planning…' : 'not planned';
  const isPartial = shown.pending.length > 0;
  if (isPartial && isPlanning) return 'planning…';
  const sheets = countWords(newSheets(shown), 'sheet');
  return isPartial ? `${sheets} and more` : sheets;
}
