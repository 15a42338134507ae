import { colourDifference } from '../../colour/colourDifference';
import { contrast } from '../../colour/contrast';
import { labOf } from '../../colour/lab';
import { plainSources } from '../../inking/plainSources';
import { wordsContrast } from '../../inking/wordsContrast';
import { isNotShowable, seenOn } from '../../kinds/coat';
import type { Paint } from '../../kinds/paint';
import type { Library } from '../../plan/library';
import type { Ink } from '../../plan/libraryItem';
import { holdsWords } from '../../resolve/resolvedMark';
import { largeWordsContrast, lostOnPaper, readableContrast } from '../../tolerances';
import { findOn, type Finding, type Rule } from '../finding';
import { nearestInk, takeInk } from '../inkRemedy';

/**
 * Words too near in light and dark to what is really under them, blends and stencillings included. What shines reads by
 * its shine; words that have nearly the colour of their paper are told as lost.
 */
export const hardToRead: Rule = {
  id: 'hard-to-read',
  find: ({ plan, card, library }) =>
    card.marks.flatMap((mark): readonly Finding[] => {
      const [ink] = mark.paints;
      if (!holdsWords(mark) || !ink) return [];
      const shines = plainSources(ink.from, ink.colour).some(
        ({ item }) => item && isNotShowable(item),
      );
      const read = wordsContrast(card, mark);
      if (shines || !read || read.worst >= largeWordsContrast) return [];
      if (colourDifference(labOf(ink.colour), labOf(mark.ground.colour)) < lostOnPaper) return [];
      const { worst, average, grounds } = read;
      return [
        findOn(mark, 'look', { rule: 'hard-to-read', worst, average }, () =>
          takeInk({ plan }, [{ pieceId: mark.id, layer: 0 }], readableInk(library, ink, grounds)),
        ),
      ];
    }),
};

/** The ink nearest in colour that is read on all of the grounds. */
function readableInk(
  library: Library,
  { colour }: Paint,
  grounds: readonly string[],
): Ink | undefined {
  const [first = colour] = grounds;
  return nearestInk(
    library,
    colour,
    first,
    (ink) =>
      ink.ink !== 'sticky' &&
      grounds.every((ground) => contrast(seenOn(ink, ground), ground) >= readableContrast),
  );
}
