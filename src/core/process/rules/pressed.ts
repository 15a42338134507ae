import { arrow, type StepRule } from '../arrow';
import { isSetLast } from '../step';
import { isPressed } from '../steps/paperSteps';
import { ofKind } from './onPaper';
import { ribbons } from './ribbons';

/** A card is pressed when what liquid glue holds is on it, before what would be squashed: gems, drops, bows tied at the end. */
export const pressed: StepRule = {
  id: 'pressed',
  weight: 'look',
  arrows: (steps) => {
    const [press] = ofKind(steps, 'press');
    if (!press) return [];
    const glues = steps.all.filter(isPressed);
    const held = new Set(glues.map(({ id }) => id));
    // A ribbon that a paper is glued over, or that is under one, is pressed with it.
    const early = new Set(
      ribbons.arrows(steps).flatMap(({ before, then }) => (held.has(then) ? [before] : [])),
    );
    const squashed = steps.all.filter(
      (step) => isSetLast(step) || (step.kind === 'ribbon' && !early.has(step.id)),
    );
    return [
      ...glues.map((glue) => arrow(glue, press, 'pressed-whole')),
      ...squashed.map((step) => arrow(press, step, 'wet-last', 'dry')),
    ];
  },
};
