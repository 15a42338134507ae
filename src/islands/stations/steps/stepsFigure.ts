import { countWords } from '../../../core/words/countWords';
import { figureNow, type TabFigure } from '../../session/station';
import type { ProcessState } from '../../session/useProcess';

/** For the tab: '2 evenings', of all copies; of the card as it was, as old, while the new one is worked out. */
export function stepsFigure({
  plan,
  isOld,
  hasFailed,
}: Pick<ProcessState, 'plan' | 'isOld' | 'hasFailed'>): TabFigure {
  if (!plan) return figureNow(hasFailed ? 'not known' : 'planning…');
  const { steps, batch } = plan;
  const { work } = batch ?? plan;
  const text = work.ok
    ? countWords(work.plan.sessions.length, 'evening')
    : countWords(steps.length, 'step');
  return { text, isOld };
}
