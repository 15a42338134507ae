import { isInside } from '../../plan/faces';
import { arrow, type StepRule } from '../arrow';
import { holdingStep, ofKind } from './onPaper';

/** The inside is done, and the back signed, before the front is built up: a raised front cannot be pressed flat to stamp inside. */
export const insideFirst: StepRule = {
  id: 'inside-first',
  weight: 'stop',
  arrows: (steps) => {
    const { pieces } = steps.input.card;
    const front = pieces
      .filter(({ face, support }) => face === 'front' && support === 'base')
      .flatMap(({ id }) => holdingStep(steps, id) ?? []);
    const within = steps.all.filter(
      ({ on, kind }) => on && (isInside(on.face) || on.face === 'back') && kind !== 'heat',
    );
    return [...within.filter(isFirm), ...ofKind(steps, 'sign')].flatMap((step) =>
      front.map((glue) => arrow(step, glue, 'inside-first')),
    );
  },
};

/** What stands up inside, or is wet for long, goes on at the end like all such. */
function isFirm({ kind }: { readonly kind: string }): boolean {
  return (
    kind !== 'stick' &&
    kind !== 'drops' &&
    kind !== 'finish' &&
    kind !== 'ribbon' &&
    kind !== 'insert'
  );
}
