import { newSheets } from '../../../core/cutting/countSheets';
import { countWords } from '../../../core/words/countWords';
import type { TabFigure } from '../../session/station';
import type { Cutting } from '../../session/useCutting';

/**
 * For the tab of the Cut station: '38 sheets'. A figure stands there once every stock has its sheets, so that it never
 * starts too low, and stays, as old, while they are planned anew; after a search that was stopped it says that there is
 * more.
 */
export function cutFigure({
  shown,
  planning,
  lastWhole,
  isWaiting,
  isOutdated,
}: Pick<Cutting, 'shown' | 'planning' | 'lastWhole' | 'isWaiting' | 'isOutdated'>): TabFigure {
  const isPlanning = planning.kind === 'planning';
  const isPartial = shown !== undefined && shown.pending.length > 0;
  if (isPartial && !isPlanning)
    return { text: `${countWords(newSheets(shown), 'sheet')} and more`, isOld: isWaiting };
  if (lastWhole)
    return {
      text: countWords(newSheets(lastWhole), 'sheet'),
      isOld: isWaiting || isOutdated || isPartial,
    };
  return { text: isPlanning ? 'planning…' : 'not planned', isOld: false };
}
