import { defaultHabits } from './habits';
import { plainPiece } from './piece';
import { plainAbout } from './plan';

type Document = Readonly<Record<string, unknown>>;

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
  if (!isObject(habits) || !isObject(habits['reveals']) || 'in' in habits['reveals']) return habits;
  const unit = habits['leadingUnit'] === 'mm' ? 'mm' : 'in';
  const usual = defaultHabits(unit);
  return { ...usual, ...habits, reveals: { ...usual.reveals, [unit]: habits['reveals'] } };
}

/** An edit as it was saved at any version, with what pieces have gained since. */
export function upgradeEdit(edit: unknown): unknown {
  if (!isObject(edit)) return edit;
  if (Array.isArray(edit['edits'])) return { ...edit, edits: edit['edits'].map(upgradeEdit) };
  return edit['kind'] === 'add-piece' ? { ...edit, piece: upgradePiece(edit['piece']) } : edit;
}

function upgradePiece(piece: unknown): unknown {
  return isObject(piece) ? { ...plainPiece, ...piece } : piece;
}

function isObject(value: unknown): value is Document {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
