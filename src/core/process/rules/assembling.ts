import { meets } from '../../outline/distance';
import { outlineOf } from '../../resolve/outlineOf';
import { pocketsOver } from '../../resolve/pockets';
import type { ResolvedCard } from '../../resolve/resolvedCard';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import { supportsUnder } from '../../resolve/supportsUnder';
import { arrow, type Arrow, type StepRule } from '../arrow';
import { holdingStep, ofKind } from './onPaper';

/**
 * What can be built off the card is built first and goes on as one; what crosses papers waits for them; of what lies over
 * one another the lowest goes first; what slides into a pocket comes after it; a hinge is bent while the piece is free.
 */
export const assembling: StepRule = {
  id: 'assembling',
  weight: 'stop',
  arrows: (steps) => {
    const { card } = steps.input;
    return [
      ...card.pieces.flatMap((piece, at): readonly Arrow[] => {
        const held = holdingStep(steps, piece.id);
        if (!held) return [];
        const parent = card.pieces.find(({ id }) => id === piece.support);
        const under = parent && holdingStep(steps, parent.id);
        const crossed = crossedBy(card, piece, at);
        const below = crossed.flatMap((other) => {
          const step = holdingStep(steps, other.id);
          return step ? [{ other, step }] : [];
        });
        const isCrossing = below.some(({ other }) => !isWithin(card, other, parent));
        return [
          ...(under
            ? [isCrossing ? arrow(under, held, 'crosses') : arrow(held, under, 'off-card')]
            : []),
          ...below.map(({ other, step }) =>
            arrow(step, held, isWithin(card, other, parent) ? 'lowest-first' : 'crosses'),
          ),
          ...(held.kind === 'insert'
            ? pocketsOver(card, piece).flatMap((pocket) => {
                const step = holdingStep(steps, pocket.id);
                return step ? [arrow(step, held, 'slides-in')] : [];
              })
            : []),
        ];
      }),
      ...ofKind(steps, 'hinge').flatMap((hinge) => {
        const held = holdingStep(steps, hinge.pieces[0] ?? '');
        return held ? [arrow(hinge, held, 'hinge-first')] : [];
      }),
    ];
  },
};

/** The papers before it on its face that it lies over, without those it is stuck to. */
function crossedBy(card: ResolvedCard, piece: ResolvedPiece, at: number): readonly ResolvedPiece[] {
  const chain: readonly string[] = supportsUnder(card, piece);
  const outline = outlineOf(piece);
  return card.pieces
    .slice(0, at)
    .filter(
      (other) =>
        other.face === piece.face && !chain.includes(other.id) && meets(outlineOf(other), outline),
    );
}

/** Whether a piece belongs to what is built on another, so that both go on together. */
function isWithin(
  card: ResolvedCard,
  piece: ResolvedPiece,
  whole: ResolvedPiece | undefined,
): boolean {
  return whole === undefined || supportsUnder(card, piece).includes(whole.id);
}
