import { isCutToShape } from '../plan/pieces';
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
import { easyMarks } from '../length/marks';
import { sides } from '../plan/faces';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedPiece } from '../resolve/resolvedPiece';
import type { Reveals } from '../resolve/origins';
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
  in: { marks: easyMarks.in, mostReveal: inches(0, 1, 16), mostSize: inches(0, 1, 8) },
  mm: { marks: easyMarks.mm, mostReveal: millimetres(1.5), mostSize: millimetres(2) },
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
  const nodes = new Map<string, Node[]>();
  for (const piece of card.pieces) {
    const { width, height } = piece.rect;
    const node: Node = {
      piece,
      widths: isFixed(piece) ? [width] : candidates(width, ease),
      heights: isFixed(piece) ? [height] : candidates(height, ease),
      best: [],
    };
    const beside = nodes.get(piece.support);
    if (beside) beside.push(node);
    else nodes.set(piece.support, [node]);
  }
  const search: Search = { ease, minimumReveal, nodes };
  const chosen = (nodes.get('base') ?? []).map((node) => best(node, card.base.face, 0, search));
  return chosen.every((choice) => choice !== undefined)
    ? chosen.flatMap((choice) => flatten(choice))
    : undefined;
}

/** A layer with the sizes it may have, and the best choice found for each size of what it lies on. */
interface Node {
  readonly piece: ResolvedPiece;
  readonly widths: readonly Length[];
  readonly heights: readonly Length[];
  readonly best: (Choice | null)[];
}

interface Search {
  readonly ease: Ease;
  readonly minimumReveal: Length;
  /** By what they lie on. */
  readonly nodes: ReadonlyMap<string, readonly Node[]>;
}

interface Choice extends EasierPiece {
  /** Of this piece and all that lies on it. */
  readonly cost: number;
  readonly above: readonly Choice[];
}

/** A change of a border weighs more than any change of sizes: 500 pieces change by less than this. */
const revealWeight = 1e8;
/** More than the sizes either side of a layer may have. */
const manySizes = 16;

/**
 * The best choice for a layer where what it lies on has this size, known by its number. Mutates the
 * node's `best`, so that each size of a support is searched once.
 */
function best(
  node: Node,
  support: Size,
  supportNumber: number,
  search: Search,
): Choice | undefined {
  const known = node.best[supportNumber];
  if (known !== undefined) return known ?? undefined;
  const { piece, widths, heights } = node;
  const { reveals, origins } = piece;
  let found: Choice | undefined;
  const downs = heights.map((height) =>
    pair(reveals.top, reveals.bottom, origins.y, support.height, height),
  );
  for (const [w, width] of widths.entries()) {
    const across = pair(reveals.left, reveals.right, origins.x, support.width, width);
    if (!isNear(reveals.left, across[0], search) || !isNear(reveals.right, across[1], search))
      continue;
    for (const [h, height] of heights.entries()) {
      const down = downs[h];
      if (
        !down ||
        !isNear(reveals.top, down[0], search) ||
        !isNear(reveals.bottom, down[1], search)
      )
        continue;
      const after = { left: across[0], top: down[0], right: across[1], bottom: down[1] };
      if (!keepsEqual(reveals, after)) continue;
      const size = { width, height };
      const number = w * manySizes + h;
      found = choose(node, size, number, after, search, found?.cost ?? Infinity) ?? found;
    }
  }
  node.best[supportNumber] = found ?? null;
  return found;
}

/** The choice of this size where all that lies on it finds one too and it costs less than `limit`. */
function choose(
  { piece }: Node,
  size: Size,
  sizeNumber: number,
  reveals: Reveals,
  search: Search,
  limit: number,
): Choice | undefined {
  let cost = costOf(piece, size, reveals);
  const above: Choice[] = [];
  for (const child of search.nodes.get(piece.id) ?? []) {
    if (cost >= limit) return undefined;
    const choice = best(child, size, sizeNumber, search);
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

function isNear(before: Length, after: Length, { ease, minimumReveal }: Search): boolean {
  return Math.abs(after - before) <= ease.mostReveal && after >= Math.min(before, minimumReveal);
}

/** Whether borders that were equal still are; of each pair of sides. */
function keepsEqual(before: Reveals, after: Reveals): boolean {
  return sides.every((side, index) =>
    sides
      .slice(index + 1)
      .every(
        (other) =>
          !isSameBorder(before[side], before[other]) || isSameBorder(after[side], after[other]),
      ),
  );
}

/** Equal borders share what is left; of unequal ones the measured (or left or top) one stays. */
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
function candidates(size: Length, { marks, mostSize }: Ease): readonly Length[] {
  const found: Length[] = [];
  const first = Math.ceil((size - mostSize) / marks);
  for (let mark = Math.max(1, first); mark * marks <= size + mostSize; mark++)
    found.push(lengthFromTicks(mark * marks));
  return found;
}

function isFixed({ piece, origins }: ResolvedPiece): boolean {
  const isGiven = isCutToShape(piece.size);
  return isGiven || origins.x.kind === 'on-third' || origins.y.kind === 'on-third';
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
