import { isObject, type Document } from './document';
import { upgradeHabits } from './upgradeHabits';
import { addedToPiece4 } from './usual4';

/** Plans of version 3 knew only rectangles that lay straight, the right side up, their overhang kept, and none that moved. */
export function upgradePlan3(plan: Document): Document {
  const { habits, pieces } = plan;
  return {
    ...plan,
    schema: 4,
    habits: upgradeHabits(habits),
    pieces: Array.isArray(pieces) ? pieces.map(upgradePiece3) : pieces,
  };
}

/** A piece of paper of version 3. */
export function upgradePiece3(piece: unknown): unknown {
  if (!isObject(piece)) return piece;
  return { ...addedToPiece4, ...piece, place: upgradePlace3(piece['place']) };
}

/** A place of version 3 lay straight; one of version 4 stays as it is. */
export function upgradePlace3(place: unknown): unknown {
  return isObject(place) ? { turn: 0, ...place } : place;
}
