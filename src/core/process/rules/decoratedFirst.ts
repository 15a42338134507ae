import { arrow, type StepRule } from '../arrow';
import { decorationsOf, holdingStep } from './onPaper';

/** A paper is decorated before it is stuck down, and before anything is stuck on it: a slip spoils one panel and no card. */
export const decoratedFirst: StepRule = {
  id: 'decorated-first',
  weight: 'stop',
  arrows: (steps) =>
    steps.input.card.pieces.flatMap(({ id, face, support }) => {
      const held = holdingStep(steps, id);
      if (!held) return [];
      return [
        ...decorationsOf(steps, { face, support: id }).map((step) =>
          arrow(step, held, 'decorated-first', 'dry'),
        ),
        ...decorationsOf(steps, { face, support }).map((step) =>
          arrow(step, held, 'flat-first', 'dry'),
        ),
      ];
    }),
};
