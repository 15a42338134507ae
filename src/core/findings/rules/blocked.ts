import { motionIssue } from '../../measuring/motion';
import { findOn, type Finding, type Rule } from '../finding';
import { deed, type Remedy } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/** A flap, slider or wobbler that cannot move, or shows what should be hidden. */
export const blocked: Rule = {
  id: 'blocked',
  find: ({ card }) =>
    card.pieces.flatMap((piece): Finding[] => {
      const issue = motionIssue(card, piece);
      const { motion } = piece.piece;
      if (!issue || !motion) return [];
      const still: Remedy = deed('still', changePiece(piece.piece, { motion: null }));
      return [findOn(piece, 'look', { rule: 'blocked', motion: motion.kind, issue }, [still])];
    }),
};
