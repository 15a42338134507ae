import { isObject, type Document } from './document';
import { upgradeHabits } from './upgradeHabits';
import { usualAbout4, usualPiece2 } from './usual4';

/** Plans of version 1 knew no layers turned off, groups, trims or cut-outs, and one set of borders. */
export function upgradePlan1(plan: Document): Document {
  const { about, habits, pieces } = plan;
  return {
    ...plan,
    schema: 2,
    about: isObject(about) ? { ...usualAbout4, ...about } : about,
    habits: upgradeHabits(habits),
    pieces: Array.isArray(pieces) ? pieces.map(upgradePiece1) : pieces,
  };
}

/** A piece of version 1, when all were rectangles of paper. */
export function upgradePiece1(piece: unknown): unknown {
  return isObject(piece) ? { ...usualPiece2, ...piece } : piece;
}
