import {
  halveLength,
  inches,
  lengthFromTicks,
  millimetres,
  sameSize,
  subtractLengths,
  type Length,
  type Size,
  type Unit,
} from '../length/length';
import { sides } from '../plan/faces';
import type { ResolvedCard, ResolvedPiece, Reveals } from '../resolve/resolvedCard';
import { isSameBorder } from '../tolerances';

/** What a proposal may do, by the unit that leads; common practice. */
interface Ease {
  /** Sizes come out on these marks. */
  readonly marks: Length;
  /** No border changes by more. */
  readonly mostReveal: Length;
  /** No size changes by more. */
  readonly mostSize: Length;
}

const eases: Readonly<Record<Unit, Ease>> = {
  in: { marks: inches(0, 1, 8), mostReveal: inches(0, 1, 16), mostSize: inches(0, 1, 8) },
  mm: { marks: millimetres(1), mostReveal: millimetres(1.5), mostSize: millimetres(2) },
};

/** A piece with the size and borders it would have. */
export interface EasierPiece {
  readonly piece: ResolvedPiece;
  readonly size: Size;
  readonly reveals: Reveals;
}

/**
 * A size on eighths of an inch (or whole millimetres) for every layer, or undefined where there is no
 * such set, or all lie there already. No border changes by more than 1/16 in (1.5 mm), none falls below
 * the visible minimum, and borders of one piece that are equal stay equal. Sizes a die gives, and
 * pieces set on a third, stay as they are.
 *
 * Found by search over the tree of layers from the base outward: for each size a layer may have, the
 * best sizes of what lies on it. The least change of borders wins, then the least change of sizes,
 * then the smaller size.
 */
export function proposeEasier(
  card: ResolvedCard,
  unit: Unit,
  minimumReveal: Length,
): readonly EasierPiece[] | undefined {
  const ease = eases[unit];
  const isOff = (piece: ResolvedPiece) =>
    !isFixed(piece) && !(isOn(piece.rect.width, ease) && isOn(piece.rect.height, ease));
  if (!card.pieces.some(isOff) || card.pieces.some((piece) => isLooseOutset(piece, card)))
    return undefined;
  const children = new Map<string, ResolvedPiece[]>();
  for (const piece of card.pieces)
    children.set(piece.support, [...(children.get(piece.support) ?? []), piece]);
  const search: Search = { ease, minimumReveal, children, memo: new Map() };
  const chosen = (children.get('base') ?? []).map((piece) => best(piece, card.base.face, search));
  return chosen.every((choice) => choice !== undefined)
    ? chosen.flatMap((choice) => flatten(choice))
    : undefined;
}

interface Search {
  readonly ease: Ease;
  readonly minimumReveal: Length;
  readonly children: ReadonlyMap<string, readonly ResolvedPiece[]>;
  readonly memo: Map<string, Choice | undefined>;
}

interface Choice extends EasierPiece {
  /** Of this piece and all that lies on it. */
  readonly cost: number;
  readonly above: readonly Choice[];
}

/** A change of a border weighs more than any change of sizes: 500 pieces change by less than this. */
const revealWeight = 1e8;

function best(piece: ResolvedPiece, support: Size, search: Search): Choice | undefined {
  const key = `${piece.id} ${support.width} ${support.height}`;
  if (search.memo.has(key)) return search.memo.get(key);
  let found: Choice | undefined;
  for (const width of candidates(piece, 'width', search.ease))
    for (const height of candidates(piece, 'height', search.ease)) {
      const choice = choose(piece, { width, height }, support, search, found?.cost ?? Infinity);
      if (choice) found = choice;
    }
  search.memo.set(key, found);
  return found;
}

/** The choice of this size where it is allowed and costs less than `limit`. */
function choose(
  piece: ResolvedPiece,
  size: Size,
  support: Size,
  search: Search,
  limit: number,
): Choice | undefined {
  const reveals = newReveals(piece, size, support);
  if (!isAllowed(piece.reveals, reveals, search)) return undefined;
  let cost = costOf(piece, size, reveals);
  const above: Choice[] = [];
  for (const child of search.children.get(piece.id) ?? []) {
    if (cost >= limit) return undefined;
    const choice = best(child, size, search);
    if (!choice) return undefined;
    cost += choice.cost;
    above.push(choice);
  }
  return cost < limit ? { piece, size, reveals, cost, above } : undefined;
}

function costOf({ rect, reveals }: ResolvedPiece, size: Size, after: Reveals): number {
  const borders = sides.reduce((sum, side) => sum + Math.abs(after[side] - reveals[side]), 0);
  const sizes = Math.abs(size.width - rect.width) + Math.abs(size.height - rect.height);
  return borders * revealWeight + sizes;
}

function isAllowed(before: Reveals, after: Reveals, { ease, minimumReveal }: Search): boolean {
  return sides.every((side, index) => {
    const [old, now] = [before[side], after[side]];
    if (Math.abs(now - old) > ease.mostReveal || now < Math.min(old, minimumReveal)) return false;
    return sides
      .slice(index + 1)
      .every((other) => !isSameBorder(old, before[other]) || isSameBorder(now, after[other]));
  });
}

/** Equal borders share what is left; of unequal ones the measured (or left or top) one stays. */
function newReveals({ reveals, origins }: ResolvedPiece, size: Size, support: Size): Reveals {
  const [left, right] = pair(reveals.left, reveals.right, origins.x, support.width, size.width);
  const [top, bottom] = pair(reveals.top, reveals.bottom, origins.y, support.height, size.height);
  return { left, top, right, bottom };
}

function pair(
  near: Length,
  far: Length,
  origin: ResolvedPiece['origins']['x'],
  room: Length,
  size: Length,
): readonly [Length, Length] {
  const spare = subtractLengths(room, size);
  if (isSameBorder(near, far)) return halveLength(spare);
  const isFarMeasured =
    origin.kind === 'from-edge' && (origin.edge === 'right' || origin.edge === 'bottom');
  return isFarMeasured ? [subtractLengths(spare, far), far] : [near, subtractLengths(spare, near)];
}

/** Smaller first, so that of two equal costs the smaller size is kept. */
function candidates(piece: ResolvedPiece, axis: 'width' | 'height', ease: Ease): Length[] {
  const size = piece.rect[axis];
  if (isFixed(piece)) return [size];
  const found: Length[] = [];
  const first = Math.ceil((size - ease.mostSize) / ease.marks);
  for (let mark = Math.max(1, first); mark * ease.marks <= size + ease.mostSize; mark++)
    found.push(lengthFromTicks(mark * ease.marks));
  return found;
}

function isFixed({ piece, origins }: ResolvedPiece): boolean {
  return piece.size.by === 'die' || origins.x.kind === 'on-third' || origins.y.kind === 'on-third';
}

const isOn = (length: Length, { marks }: Ease) => length % marks === 0;

/** A piece sized round another that does not lie on it: two branches of the tree would pull at it. */
function isLooseOutset({ id, piece: { size } }: ResolvedPiece, { pieces }: ResolvedCard): boolean {
  return size.by === 'outset' && pieces.find((each) => each.id === size.around)?.support !== id;
}

function flatten(choice: Choice): EasierPiece[] {
  const { piece, size, reveals, above } = choice;
  return [{ piece, size, reveals }, ...above.flatMap(flatten)];
}

/** Whether a proposal changes a piece's own figure, its size. */
export function isChanged({ piece, size }: EasierPiece): boolean {
  return !sameSize(piece.rect, size);
}
