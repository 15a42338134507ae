import { countWords } from '../../../core/words/countWords';
import { figureNow, type TabFigure } from '../../session/station';
import type { Masks } from '../../session/useMasks';

/** For the tab: '2 masks'; the figure of the card as it was stays, as old, while the new one is worked out. */
export function masksFigure({
  plan,
  isOld,
  hasFailed,
}: Pick<Masks, 'plan' | 'isOld' | 'hasFailed'>): TabFigure {
  if (!plan) return figureNow(hasFailed ? 'not known' : 'looking…');
  const { length } = plan.masks;
  const strips = plan.papers
    .flatMap(({ scenes }) => scenes)
    .reduce((sum, { scene }) => sum + scene.strips.filter(({ area }) => area > 0).length, 0);
  const told = [
    ...(length > 0 ? [countWords(length, 'mask')] : []),
    ...(strips > 0 ? [countWords(strips, 'strip')] : []),
  ];
  return { text: told.length === 0 ? 'no masks' : told.join(', '), isOld };
}
