import { arrow, type StepRule } from '../arrow';
import { isSetLast } from '../step';
import { ofKind } from './onPaper';

/** Embellishments and wet drops go on last, when all on their face is pressed and glued: they would be squashed. */
export const wetLast: StepRule = {
  id: 'wet-last',
  weight: 'stop',
  arrows: (steps) => {
    const late = steps.all.filter(isSetLast);
    const set = ofKind(steps, 'glue', 'insert', 'ribbon', 'trim');
    const printed = ofKind(steps, 'stamp', 'heat', 'colour');
    return late.flatMap((step) => [
      ...set
        .filter(({ on, kind }) => on?.face === step.on?.face && kind !== 'insert')
        .map((glue) => arrow(glue, step, 'wet-last', 'touch')),
      ...printed
        .filter(({ on }) => on?.support === step.on?.support && on?.face === step.on?.face)
        .map((print) => arrow(print, step, 'coloured-first', 'touch')),
      // Of what is put on last the firm goes before the wet.
      ...(step.kind === 'stick'
        ? []
        : late
            .filter((other) => other.kind === 'stick' && other.on?.face === step.on?.face)
            .map((firm) => arrow(firm, step, 'wet-last'))),
    ]);
  },
};
