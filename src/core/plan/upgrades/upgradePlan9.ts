import { isObject, type Document } from './document';
import { usualPost10, usualPostHabits10, usualZones10 } from './usual10';

/** Plans of version 9 did not tell how the card is sent, and knew one adhesive for all of a piece. */
export function upgradePlan9(plan: Document): Document {
  const { habits, pieces } = plan;
  return {
    ...plan,
    schema: 10,
    ...(isObject(habits) && { habits: { ...usualPostHabits10, ...habits } }),
    pieces: Array.isArray(pieces) ? pieces.map(upgradePiece9) : pieces,
    post: usualPost10,
  };
}

export function upgradePiece9(piece: unknown): unknown {
  return isObject(piece) && piece['kind'] === 'panel' ? { ...piece, zones: usualZones10 } : piece;
}
