import { colourDifference } from '../../colour/colourDifference';
import { labOf } from '../../colour/lab';
import { isPatterned, isUnknown } from '../../kinds/paint';
import { isLifted } from '../../resolve/bond';
import { letterOf } from '../../resolve/resolvedCard';
import { hardlyTold } from '../../tolerances';
import { findOn, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';
import { holdAllBy } from '../../plan/holdAllBy';

/**
 * A piece in nearly the colour of what it lies on, so that its border is lost. Patterned paper and
 * pieces lifted on foam set themselves apart by print and shadow.
 */
export const nearColours: Rule = {
  id: 'near-colours',
  find: ({ card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const under =
        piece.support === 'base'
          ? card.base.paint
          : card.pieces.find(({ id }) => id === piece.support)?.paint;
      const standsOff = !under || isPatterned(under) || isPatterned(piece.paint) || isLifted(piece);
      if (standsOff || isUnknown(under) || isUnknown(piece.paint)) return [];
      const difference = colourDifference(labOf(under.colour), labOf(piece.paint.colour));
      if (difference >= hardlyTold) return [];
      const supportLetter = letterOf(card, piece.support);
      return [
        findOn(piece, 'look', { rule: 'near-colours', supportLetter, difference }, [
          deed('onto-foam', holdAllBy(piece.piece, 'foam')),
        ]),
      ];
    }),
};
