import { arrow, type StepRule } from '../arrow';
import { soils } from '../steps/soils';
import { ofKind } from './onPaper';

/** Tools are cleaned when they are done with; a card has its picture taken when it is finished, and is packed when it is dry. */
export const lastThings: StepRule = {
  id: 'last-things',
  weight: 'look',
  arrows: (steps) => {
    const cleaning = ofKind(steps, 'clean');
    const { card } = steps.input;
    const making = steps.all.filter(({ kind }) => kind !== 'photo' && kind !== 'pack');
    const [photo, pack] = [ofKind(steps, 'photo')[0], ofKind(steps, 'pack')[0]];
    return [
      ...steps.all.flatMap((step) =>
        soils(step, card).flatMap((soiled) =>
          cleaning
            .filter(({ medium }) => medium === soiled)
            .map((clean) => arrow(step, clean, 'clean-last')),
        ),
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
