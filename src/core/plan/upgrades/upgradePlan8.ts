import { isObject, objectsIn, type Document } from './document';
import { usualSchools9 } from './usual9';

/** Plans of version 8 knew no turns set by hand, no margin kept by a die, and no schools of what is stamped first. */
export function upgradePlan8(plan: Document): Document {
  const { habits, pieces, scenes } = plan;
  return {
    ...plan,
    schema: 9,
    // What is missing stays missing, so that it is told as that.
    ...(isObject(habits) && { habits: { ...usualSchools9, ...habits } }),
    pieces: Array.isArray(pieces) ? pieces.map(upgradePiece8) : pieces,
    scenes: Array.isArray(scenes) ? objectsIn(scenes).map(upgradeScene8) : scenes,
  };
}

export function upgradePiece8(piece: unknown): unknown {
  return isObject(piece) && piece['kind'] === 'blend' ? { ...piece, marginBy: 'tape' } : piece;
}

export function upgradeScene8(scene: Document): Document {
  return { ...scene, turns: null };
}
