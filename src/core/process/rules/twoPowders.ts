import { arrow, type StepRule } from '../arrow';
import { ofKind } from './onPaper';

/** Powders of two kinds on one paper are heated in turn: the melted one catches loose grains of the other. */
export const twoPowders: StepRule = {
  id: 'two-powders',
  weight: 'stop',
  arrows: (steps) => {
    const heats = ofKind(steps, 'heat');
    return heats.flatMap((first, at) =>
      heats
        .slice(at + 1)
        .filter(({ on, medium }) => on?.support === first.on?.support && medium !== first.medium)
        .flatMap((second) =>
          ofKind(steps, 'powder')
            .filter(
              ({ pieces, medium }) =>
                second.pieces.includes(pieces[0] ?? '') && medium === second.medium,
            )
            .map((powder) => arrow(first, powder, 'two-powders')),
        ),
    );
  },
};
