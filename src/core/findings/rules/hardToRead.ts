import { colourDifference } from '../../colour/colourDifference';
import { contrast } from '../../colour/contrast';
import { labOf } from '../../colour/lab';
import { nearestColours } from '../../inking/nearestColours';
import { plainSources } from '../../inking/plainSources';
import { recolour } from '../../inking/recolour';
import { wordsContrast } from '../../inking/wordsContrast';
import { coloursOf, isNotShowable, seenOn } from '../../kinds/coat';
import { outOf } from '../../plan/plainColours';
import type { Library } from '../../plan/library';
import type { Ink } from '../../plan/libraryItem';
import { holdsWords } from '../../resolve/resolvedMark';
import { largeWordsContrast, lostOnPaper, readableContrast } from '../../tolerances';
import { findOn, type Finding, type Rule } from '../finding';
import type { Remedy } from '../remedy';

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
        findOn(mark, 'look', { rule: 'hard-to-read', worst, average }, (): readonly Remedy[] => {
          const other = readableInk(library, ink.colour, grounds);
          if (!other) return [];
          const at = [{ pieceId: mark.id, layer: 0 }];
          const edit = recolour(plan, at, { kind: 'source', source: outOf(other) });
          return [{ id: 'take-ink', name: other.name, edit }];
        }),
      ];
    }),
};

/** The ink nearest in colour that is read on all of the grounds. */
function readableInk(
  library: Library,
  wanted: string,
  grounds: readonly string[],
): Ink | undefined {
  const [first = wanted] = grounds;
  const inks = coloursOf(library).filter(
    (item): item is Ink =>
      item.kind === 'ink' &&
      item.ink !== 'sticky' &&
      grounds.every((ground) => contrast(seenOn(item, ground), ground) >= readableContrast),
  );
  return nearestColours(wanted, inks, 1, first)[0]?.item;
}
