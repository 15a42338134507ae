import { colourDifference } from '../../colour/colourDifference';
import { labOf } from '../../colour/lab';
import { isUnknown } from '../../kinds/paint';
import type { ResolvedMark } from '../../resolve/resolvedMark';
import { lostOnPaper } from '../../tolerances';
import { findOn, type Finding, type Rule } from '../finding';
import { deed, type Remedy } from '../remedy';
import type { PieceOf } from '../../plan/piece';
import { changePiece } from '../../plan/pieceEdits';
import { printedInWish } from '../../plan/plainColours';

/**
 * An image or words whose every colour is near that of the paper: lost on a similar ground. Words can be given the
 * ink that reads there; what helps an image is told in words. What stands up, and tone on tone of a ground, is left.
 */
export const lostOnGround: Rule = {
  id: 'lost-on-ground',
  find: ({ card }) => {
    const differences = new Map<string, number>();
    const differ = (ink: string, paper: string) => {
      const key = ink + paper;
      const known = differences.get(key) ?? colourDifference(labOf(ink), labOf(paper));
      differences.set(key, known);
      return known;
    };
    return card.marks.flatMap((mark): Finding[] => {
      const paper = mark.ground.colour;
      const inks = inksOf(mark);
      if (isUnknown(mark.ground) || inks.length === 0) return [];
      const difference = Math.max(...inks.map((ink) => differ(ink, paper)));
      if (difference >= lostOnPaper) return [];
      return [
        findOn(
          mark,
          'look',
          { rule: 'lost-on-ground', difference, isWords: mark.words !== undefined },
          remediesFor(mark, paper),
        ),
      ];
    });
  },
};

function inksOf({ piece, paints, stamp }: ResolvedMark): readonly string[] {
  const isPrint =
    piece.kind === 'words' || (piece.kind === 'image' && stamp?.stamp !== 'background');
  return isPrint ? paints.flatMap((paint) => paint?.colour ?? []) : [];
}

/** Dark on light and white on dark, from memory. */
const [dark, white] = ['#22282b', '#ffffff'];

function remediesFor({ piece, words }: ResolvedMark, paper: string): readonly Remedy[] {
  if (words) {
    const far = (ink: string) => colourDifference(labOf(ink), labOf(paper));
    const print = printedInWish(far(dark) >= far(white) ? dark : white);
    return [
      deed(
        'reading-ink',
        piece.kind === 'image'
          ? changePiece(piece, { layers: [{ by: 'print', ...print }] })
          : changePiece(piece as PieceOf<'words'>, { print }),
      ),
    ];
  }
  return [];
}
