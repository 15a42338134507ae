import { motionIssue, sweptBox, type MotionIssue } from '../../measuring/motion';
import { boundsOf } from '../../outline/outline';
import { outlineOf } from '../../resolve/outlineOf';
import { placedById, type ResolvedCard } from '../../resolve/resolvedCard';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import { findOn, type Finding, type Rule, type RuleInput } from '../finding';
import { moveOutOf } from '../moveRemedy';
import { deed, type Remedy } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/** A flap, slider or wobbler that cannot move, or shows what should be hidden. */
export const blocked: Rule = {
  id: 'blocked',
  find: (input) =>
    input.card.pieces.flatMap((piece): Finding[] => {
      const issue = motionIssue(input.card, piece);
      const { motion } = piece.piece;
      if (!issue || !motion) return [];
      const still: Remedy = deed('still', changePiece(piece.piece, { motion: null }));
      return [
        findOn(piece, 'look', { rule: 'blocked', motion: motion.kind, issue }, () => [
          ...clearings(input, piece, issue),
          still,
        ]),
      ];
    }),
};

/** What is in the way is moved out of it; where it has no room, what moves is moved instead. */
function clearings(input: RuleInput, piece: ResolvedPiece, issue: MotionIssue): readonly Remedy[] {
  const other = issue.kind === 'spring-seen' ? undefined : placedById(input.card, issue.id);
  if (!other) return [];
  const isFree = (after: ResolvedCard) => {
    const moved = after.pieces.find(({ id }) => id === piece.id);
    return moved !== undefined && motionIssue(after, moved) === undefined;
  };
  const remedy =
    moveOutOf(input, other, sweptBox(piece, issue.kind), isFree) ??
    moveOutOf(input, piece, boundsOf(outlineOf(other)), isFree);
  return remedy ? [remedy] : [];
}
