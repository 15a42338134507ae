import { arrow, type StepRule } from '../arrow';
import { decorationsOf, holdingStep, ofKind } from './onPaper';

/**
 * What a joined die cuts is cut first, coloured in its sheet and parted last, as tiny parts never register otherwise. Other
 * shapes are cut out before they are decorated or after it, as the house does; scissors follow the print.
 */
export const dieCuts: StepRule = {
  id: 'die-cuts',
  weight: 'stop',
  arrows: (steps) =>
    steps.input.card.pieces.flatMap(({ id, face }) => {
      const cut = ofKind(steps, 'die-cut', 'cut-out').find(({ pieces }) => pieces[0] === id);
      const held = holdingStep(steps, id);
      if (!cut || !held) return [];
      const decorations = decorationsOf(steps, { face, support: id });
      const part = ofKind(steps, 'part').find(({ pieces }) => pieces[0] === id);
      if (part)
        return [
          ...decorations.flatMap((each) => [
            arrow(cut, each, 'joined-first'),
            arrow(each, part, 'part-last', 'touch'),
          ]),
          arrow(cut, part, 'cut-first'),
          arrow(part, held, 'part-last'),
        ];
      const school = steps.input.plan.habits.dieCuts;
      const hasImage = decorations.some(({ kind }) => kind === 'colour' || kind === 'stamp');
      const isFirst =
        cut.kind === 'die-cut' && (school === 'cut-first' || (school === 'by-image' && !hasImage));
      return [
        ...decorations.map((each) =>
          isFirst ? arrow(cut, each, 'cut-first') : arrow(each, cut, 'cut-last', 'touch'),
        ),
        arrow(cut, held, 'cut-first'),
      ];
    }),
};
