import { kindOf } from '../../kinds/kinds';
import type { ResolvedMark } from '../../resolve/resolvedMark';
import { arrow, type StepRule } from '../arrow';
import { laidWet } from '../steps/blendedOver';
import { isOn, ofKind } from './onPaper';

/** Pens bleed on what was sprayed or blended until it is dry. */
export const penOnDry: StepRule = {
  id: 'pen-on-dry',
  weight: 'stop',
  arrows: (steps) => {
    const late = new Set<string>(steps.input.card.marks.filter(isLate).map(({ id }) => id));
    return ofKind(steps, 'draw').flatMap((draw) =>
      steps.all
        .filter(
          (step) =>
            step.act !== undefined &&
            laidWet.includes(step.kind) &&
            draw.on !== undefined &&
            isOn(step, draw.on) &&
            // A ground laid late goes over what is drawn.
            !late.has(step.pieces[0] ?? ''),
        )
        .map((ground) => arrow(ground, draw, 'pen-on-dry', 'dry')),
    );
  },
};

const isLate = ({ piece }: ResolvedMark) => kindOf(piece).laid(piece) === 'over';
