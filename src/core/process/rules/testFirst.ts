import { arrow, type StepRule } from '../arrow';
import { ofKind } from './onPaper';

/** A stamp is tried on scrap before it prints on the card: a new one is seasoned by it, and a colour checked. */
export const testFirst: StepRule = {
  id: 'test-first',
  weight: 'look',
  arrows: (steps) =>
    ofKind(steps, 'test').flatMap((test) =>
      steps.all
        .filter(({ kind }) => kind === 'stamp' || kind === 'anti-static')
        .map((stamp) => arrow(test, stamp, 'test-first')),
    ),
};
