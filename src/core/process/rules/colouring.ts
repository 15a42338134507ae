import { arrow, type Arrow, type StepRule } from '../arrow';
import { isWetFinish } from '../step';
import { ofKind } from './onPaper';

/**
 * Lines are dry before they are coloured in; details and what goes round an image come when its colour is dry, as white
 * pens clog on wet ink. Shimmer goes on before a white pen, which it would bleed.
 */
export const colouring: StepRule = {
  id: 'colouring',
  weight: 'stop',
  arrows: (steps) => [
    ...ofKind(steps, 'colour').flatMap((colour): readonly Arrow[] => {
      const [piece = ''] = colour.pieces;
      const printed = ofKind(steps, 'stamp', 'heat').filter(({ pieces }) => pieces.includes(piece));
      return [
        ...printed.map((print) => arrow(print, colour, 'line-dry', 'dry')),
        ...ofKind(steps, 'finish')
          .filter(({ pieces }) => pieces[0] === piece)
          .map((finish) => arrow(colour, finish, 'coloured-first', 'dry')),
      ];
    }),
    ...ofKind(steps, 'finish').flatMap((finish) => {
      const [piece = ''] = finish.pieces;
      const printed = ofKind(steps, 'stamp', 'heat').filter(({ pieces }) => pieces.includes(piece));
      const early = ofKind(steps, 'finish').filter(
        (other) =>
          other.pieces[0] === piece && other.medium === 'shimmer' && finish.medium === 'details',
      );
      return [
        ...printed.map((print) => arrow(print, finish, 'printed-dry', 'dry')),
        ...early.map((shimmer) => arrow(shimmer, finish, 'shimmer-first', 'dry')),
      ];
    }),
    ...ofKind(steps, 'finish')
      .filter((finish) => !isWetFinish(finish))
      .flatMap((finish) =>
        ofKind(steps, 'finish')
          .filter((wet) => wet.pieces[0] === finish.pieces[0] && isWetFinish(wet))
          .map((wet) => arrow(finish, wet, 'wet-last', 'dry')),
      ),
  ],
};
