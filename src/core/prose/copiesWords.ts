import { freeAfter, oneMoreThan, type CopiesPoint, type OneMore } from '../process/copiesPoint';
import { countWords } from '../words/countWords';
import { joinWords } from '../words/phrases';
import { costWords } from './supplyWords';

/** What a copy more costs beside itself: 'nothing', '1 sheet and 1 evening'. */
export function oneMoreWords({ sheets, evenings }: OneMore): string {
  const costs = [
    ...(sheets > 0 ? [countWords(sheets, 'sheet')] : []),
    ...(evenings > 0 ? [countWords(evenings, 'evening')] : []),
  ];
  return costs.length === 0 ? 'nothing' : joinWords(costs);
}

/** What so many copies take: '24 copies: 16 sheets, 3 evenings, 1.85 a card'. */
export function copiesHeading({ copies, sheets, evenings, costOfOne }: CopiesPoint): string {
  const takes = [
    countWords(sheets, 'sheet'),
    evenings === undefined ? 'no evening is long enough' : countWords(evenings, 'evening'),
    ...(costOfOne > 0 ? [`${costWords(costOfOne)} a card`] : []),
  ];
  return `${copies === 1 ? 'One card' : `${copies} copies`}: ${takes.join(', ')}`;
}

/** Whether it is worth while to make more than so many, and what they would cost; empty while that is not known. */
export function moreCopiesWords(points: readonly CopiesPoint[], copies: number): string {
  const one = oneMoreThan(points, copies);
  if (!one) return '';
  const free = freeAfter(points, copies);
  if (free === 0) return `One more takes ${oneMoreWords(one)}.`;
  return free === 1
    ? 'One more takes no sheet and no evening.'
    : `${free} more take no sheet and no evening.`;
}
