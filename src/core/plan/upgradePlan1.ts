import { defaultHabits } from './habits';
import { plainPiece } from './pieces';
import { plainAbout } from './planFacts';

export type Document = Readonly<Record<string, unknown>>;

/** Plans of version 1 knew no layers turned off, groups, trims or cut-outs, and one set of borders. */
export function upgradePlan1(plan: Document): Document {
  const { about, habits, pieces } = plan;
  return {
    ...plan,
    schema: 2,
    about: isObject(about) ? { ...plainAbout, ...about } : about,
    habits: upgradeHabits(habits),
    pieces: Array.isArray(pieces) ? pieces.map(upgradePiece) : pieces,
  };
}

/** Habits of any version as the current one has them; current ones and what is none stay as they are. */
export function upgradeHabits(habits: unknown): unknown {
  if (!isObject(habits) || !isObject(habits['reveals'])) return habits;
  const unit = habits['leadingUnit'] === 'mm' ? 'mm' : 'in';
  const usual = defaultHabits(unit);
  const reveals =
    'in' in habits['reveals'] ? habits['reveals'] : { ...usual.reveals, [unit]: habits['reveals'] };
  return {
    ...usual,
    ...habits,
    reveals,
    adhesiveHeights: merged(usual.adhesiveHeights, habits['adhesiveHeights']),
    adhesiveRates: merged(usual.adhesiveRates, habits['adhesiveRates']),
  };
}

/** Adhesives that came later have their usual figures. */
function merged(usual: object, own: unknown): unknown {
  return own === undefined || isObject(own) ? { ...usual, ...own } : own;
}

/** A piece of version 1, when all were rectangles of paper. */
export function upgradePiece(piece: unknown): unknown {
  return isObject(piece) ? { ...plainPiece, ...piece } : piece;
}

export function isObject(value: unknown): value is Document {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
