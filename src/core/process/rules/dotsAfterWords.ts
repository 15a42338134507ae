import { holdsWords } from '../../resolve/resolvedMark';
import { arrow, type StepRule } from '../arrow';
import { isOn, ofKind } from './onPaper';

/** Dots are set when the words of their paper stand, so that none lies on them; splatter goes on early, and words over it. */
export const dotsAfterWords: StepRule = {
  id: 'dots-after-words',
  weight: 'look',
  arrows: (steps) => {
    const words = new Set<string>(steps.input.card.marks.filter(holdsWords).map(({ id }) => id));
    const said = ofKind(steps, 'stamp').filter(({ pieces }) => words.has(pieces[0] ?? ''));
    return [
      ...ofKind(steps, 'stick', 'drops').flatMap((dots) =>
        said
          .filter((step) => dots.on && isOn(step, dots.on))
          .map((step) => arrow(step, dots, 'dots-after-words')),
      ),
      ...ofKind(steps, 'splatter')
        .filter(({ act }) => act === undefined)
        .flatMap((splatter) =>
          said
            .filter((step) => splatter.on && isOn(step, splatter.on))
            .map((step) => arrow(splatter, step, 'dots-after-words', 'dry')),
        ),
    ];
  },
};
