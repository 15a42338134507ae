import { heightAndWeight } from '../../../core/prose/postWords';
import { figureNow, type TabFigure } from '../../session/station';
import type { PostState } from '../../session/usePost';

/** For the tab: '4.6 mm, 23 g'; of the card as it was, as old, while the new one is worked out. */
export function postFigure({
  plan,
  isOld,
  hasFailed,
}: Pick<PostState, 'plan' | 'isOld' | 'hasFailed'>): TabFigure {
  if (!plan) return figureNow(hasFailed ? 'not known' : 'weighing…');
  return { text: heightAndWeight(plan), isOld };
}
