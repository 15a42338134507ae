import { motionIssue } from '../../measuring/motion';
import { findOnPiece, type Finding, type Remedy, type Rule } from '../finding';
import { changePiece } from '../../plan/pieceEdits';

/** A flap, slider or wobbler that cannot move, or shows what should be hidden. */
export const blocked: Rule = {
  id: 'blocked',
  find: ({ card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const issue = motionIssue(card, piece);
      const { motion } = piece.piece;
      if (!issue || !motion) return [];
      const still: Remedy = {
        id: 'still',
        size: undefined,
        reveals: undefined,
        edit: changePiece(piece.piece, { motion: null }),
      };
      return [findOnPiece(piece, 'look', { rule: 'blocked', motion: motion.kind, issue }, [still])];
    }),
};
