import { isObject, upgradeHabits, type Document } from './upgradePlan1';

/** Plans of version 3 knew only rectangles that lay straight, the right side up, their overhang kept, and none that moved. */
export function upgradePlan3(plan: Document): Document {
  const { habits, pieces } = plan;
  return {
    ...plan,
    schema: 4,
    habits: upgradeHabits(habits),
    pieces: Array.isArray(pieces) ? pieces.map(upgradePiece) : pieces,
  };
}

function upgradePiece(piece: unknown): unknown {
  if (!isObject(piece)) return piece;
  const place = upgradePlace(piece['place']);
  return { ...piece, place, isMirrored: false, crop: null, overhang: 'kept', motion: null };
}

/** A place of version 3 lay straight; one of a later version stays as it is. */
export function upgradePlace(place: unknown): unknown {
  return isObject(place) ? { turn: 0, ...place } : place;
}
