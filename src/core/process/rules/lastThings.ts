import { arrow, type StepRule } from '../arrow';
import { ofKind } from './onPaper';

/** Tools are cleaned when they are done with; a card has its picture taken when it is finished, and is packed when it is dry. */
export const lastThings: StepRule = {
  id: 'last-things',
  weight: 'look',
  arrows: (steps) => {
    const cleaned = new Map(ofKind(steps, 'clean').map((step) => [step.medium, step]));
    const uses = [
      { clean: cleaned.get('stamps'), by: ofKind(steps, 'stamp') },
      { clean: cleaned.get('stencils'), by: ofKind(steps, 'stencil') },
      { clean: cleaned.get('brushes'), by: ofKind(steps, 'blend', 'stencil', 'edges') },
    ];
    const making = steps.all.filter(({ kind }) => kind !== 'photo' && kind !== 'pack');
    const [photo, pack] = [ofKind(steps, 'photo')[0], ofKind(steps, 'pack')[0]];
    return [
      ...uses.flatMap(({ clean, by }) =>
        clean ? by.map((step) => arrow(step, clean, 'clean-last')) : [],
      ),
      ...(photo ? making.map((step) => arrow(step, photo, 'shown-last', 'touch')) : []),
      ...(pack
        ? [
            ...making.map((step) => arrow(step, pack, 'shown-last', 'dry')),
            ...(photo ? [arrow(photo, pack, 'shown-last')] : []),
          ]
        : []),
    ];
  },
};
