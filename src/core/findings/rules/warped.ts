import { isEmbossed } from '../../kinds/paint';
import { holdAllBy } from '../../plan/holdAllBy';
import { isHeldBy } from '../../resolve/bond';
import { warpsFrom } from '../../tolerances';
import { findOn, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';

/** A large panel that saw the heat tool is warped, and lifts at its edges off tape and squares. */
export const warped: Rule = {
  id: 'warped',
  find: ({ card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const { width, height } = piece.rect;
      if (Math.min(width, height) < warpsFrom) return [];
      const holds = isHeldBy(piece, 'foam-sheet') || isHeldBy(piece, 'liquid');
      const isHeated = card.marks.some(
        ({ support, paints }) =>
          support === piece.id &&
          Object.values(paints).some((paint) => paint !== undefined && isEmbossed(paint)),
      );
      if (holds || !isHeated) return [];
      const isFlat = piece.bonds.every(({ adhesive }) => !adhesive.foam);
      const [wet, sheet] = [
        deed('glue-round', holdAllBy(piece.piece, 'liquid')),
        deed('foam-sheet', holdAllBy(piece.piece, 'foam-sheet')),
      ];
      // What it does to the height goes last.
      const remedies = isFlat ? [wet, sheet] : [sheet, wet];
      return [findOn(piece, 'look', { rule: 'warped' }, remedies)];
    }),
};
