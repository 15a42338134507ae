import { envelopeItem, withEnvelopeItem } from '../plan/envelopeItems';
import { placeAt } from '../measuring/placeAt';
import { lengthFromTicks } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { Rect } from '../outline/outline';
import type { SimpleEdit } from '../plan/edit';
import { findItem, type Library } from '../plan/library';
import type { LibraryRef } from '../plan/libraryItem';
import type { Paper, PlaceRule } from '../plan/piece';
import { changePiece, type ChangeOf } from '../plan/pieceEdits';
import { followsSupport, isPaper } from '../plan/pieces';
import type { Plan } from '../plan/plan';
import { sameJson } from '../plan/sameJson';
import { itemsOf, mapItems } from '../kinds/kinds';
import { mapCombination } from '../kinds/sourceItems';
import { isMark, type Placed } from '../resolve/outlineOf';
import { supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import type { SupportId } from '../resolve/origins';
import { trimBetween, type Part } from './trimBetween';

/** A newer version of an item that is to take the place of an older one. */
export interface NewerItem {
  readonly old: LibraryRef;
  readonly next: LibraryRef;
}

/**
 * The edits that make a card refer to newer versions of items wherever it refers to old ones. Where a newer one has been
 * trimmed to its ink, its box is another: all that is printed and cut stays where it is, to the tick, and so does what
 * lies on it or beside it.
 */
export function takeNewer(
  plan: Plan,
  card: ResolvedCard,
  library: Library,
  newer: readonly NewerItem[],
): readonly SimpleEdit[] {
  const taken = newer.map(({ old, next }) => ({
    old,
    next,
    part: trimBetween(library, old, next),
  }));
  const takenFor = ({ id, version }: LibraryRef) =>
    taken.find(({ old }) => old.id === id && old.version === version);
  const nextOf = (ref: LibraryRef) => takenFor(ref)?.next;
  const stock = nextOf(plan.base.stock);
  const base: SimpleEdit[] = stock ? [{ kind: 'set-base', change: { stock } }] : [];
  const placed = new Map([...card.pieces, ...card.marks].map((each) => [each.id, each]));
  const boxes = new Map<SupportId, NewBox>();
  for (const each of placed.values()) {
    const ref = sizingRef(each);
    const { next, part } = (ref && takenFor(ref)) ?? {};
    const size = next && part && sizeAs(each, library, next);
    if (size) boxes.set(each.id, newBox(each, turnedPart(each, part), size));
  }
  const pieces = plan.pieces.flatMap((piece): SimpleEdit[] => {
    const own = placed.get(piece.id);
    // What is turned off has no place that could be kept, so it keeps what it was made with.
    if (!own && itemsOf(piece).some((ref) => takenFor(ref)?.part)) return [];
    const now = itemsOf(piece).some(nextOf)
      ? changedIn(
          piece,
          mapItems(piece, (ref) => nextOf(ref) ?? ref),
        )
      : {};
    const change = { ...now, ...(own ? staying(card, own, boxes) : {}) };
    return Object.keys(change).length > 0 ? [changePiece(piece, change)] : [];
  });
  const uses = plan.uses.flatMap(({ id, item: old }): SimpleEdit[] => {
    const item = nextOf(old);
    return item ? [{ kind: 'change', in: 'uses', id, change: { item } }] : [];
  });
  const combinations = plan.combinations.flatMap((combination): SimpleEdit[] => {
    const now = mapCombination(combination, (ref) => nextOf(ref) ?? ref);
    const change = changedIn(combination, now);
    return Object.keys(change).length > 0
      ? [{ kind: 'change', in: 'combinations', id: combination.id, change }]
      : [];
  });
  const { envelope } = plan.post;
  const own = envelopeItem(envelope);
  const item = own && nextOf(own);
  const post: SimpleEdit[] = item
    ? [{ kind: 'set-post', change: { envelope: withEnvelopeItem(envelope, item) } }]
    : [];
  return [...base, ...pieces, ...combinations, ...uses, ...post];
}

/** A box as it will be, and what is cut off or masked off its sides then. */
interface NewBox {
  readonly rect: Rect;
  readonly crop: Paper['crop'];
}

type NewBoxes = ReadonlyMap<SupportId, NewBox>;

interface Extent {
  readonly width: number;
  readonly height: number;
}

/** The item that a piece is as large as; undefined where none is. */
function sizingRef({ piece }: Placed): LibraryRef | undefined {
  if (piece.kind === 'image') return piece.stamp;
  if (piece.kind !== 'panel') return undefined;
  if (piece.size.by === 'die') return piece.size.set;
  return piece.size.by === 'stamp' ? piece.size.stamp : undefined;
}

/** How large a piece is before anything is cut off, by the newer version of that item. */
function sizeAs({ piece }: Placed, library: Library, next: LibraryRef): Extent | undefined {
  const item = findItem(library, next);
  const rule = piece.kind === 'panel' ? piece.size : undefined;
  if (item?.kind === 'stamp') {
    const rims = rule?.by === 'stamp' ? 2 * rule.rim.ticks : 0;
    return { width: item.width.ticks + rims, height: item.height.ticks + rims };
  }
  if (rule?.by !== 'die' || item?.kind !== 'die-set') return undefined;
  const step = item.steps[rule.step];
  if (!step) return undefined;
  const [width, height] = [step.width.ticks, step.height.ticks];
  return rule.turned ? { width: height, height: width } : { width, height };
}

/** The part of its box that stays, as the piece lies: its die turned on its side, or turned over. */
function turnedPart({ piece }: Placed, { x, y, width, height }: Part): Part {
  if (piece.kind !== 'panel') return { x, y, width, height };
  const isTurned = piece.size.by === 'die' && piece.size.turned;
  const part = isTurned
    ? { x: 1 - y - height, y: x, width: height, height: width }
    : { x, y, width, height };
  return piece.isMirrored ? { ...part, x: 1 - part.x - part.width } : part;
}

function newBox(placed: Placed, part: Part, size: Extent): NewBox {
  const whole = isMark(placed) ? placed.whole : placed.uncut;
  const { piece, rect } = placed;
  const old = 'crop' in piece ? piece.crop : null;
  // Middle on middle: a rim of paper round a print is as wide as it was, so its box is larger than the part.
  const at = {
    x: Math.round(whole.x + (part.x + part.width / 2) * whole.width - size.width / 2),
    y: Math.round(whole.y + (part.y + part.height / 2) * whole.height - size.height / 2),
  };
  const off = old && {
    left: Math.max(0, whole.x + old.left.ticks - at.x),
    top: Math.max(0, whole.y + old.top.ticks - at.y),
    right: Math.max(0, at.x + size.width - (whole.x + whole.width - old.right.ticks)),
    bottom: Math.max(0, at.y + size.height - (whole.y + whole.height - old.bottom.ticks)),
  };
  const shown = {
    x: at.x + (off?.left ?? 0),
    y: at.y + (off?.top ?? 0),
    width: size.width - (off ? off.left + off.right : 0),
    height: size.height - (off ? off.top + off.bottom : 0),
  };
  return {
    rect: turnedAbout(shown, rect, piece.place.turn),
    crop: off && {
      left: typedTicks(off.left),
      top: typedTicks(off.top),
      right: typedTicks(off.right),
      bottom: typedTicks(off.bottom),
    },
  };
}

const typedTicks = (ticks: number) => asTyped(lengthFromTicks(ticks));

/** A box that is to lie as it does within another one turned about its own middle, before it is turned about its own. */
function turnedAbout(
  { x, y, width, height }: Extent & { readonly x: number; readonly y: number },
  other: Rect,
  turn: number,
): Rect {
  const angle = (turn * Math.PI) / 180;
  const middle = { x: other.x + other.width / 2, y: other.y + other.height / 2 };
  const [dx, dy] = [x + width / 2 - middle.x, y + height / 2 - middle.y];
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return {
    x: lengthFromTicks(Math.round(middle.x + dx * cos - dy * sin - width / 2)),
    y: lengthFromTicks(Math.round(middle.y + dx * sin + dy * cos - height / 2)),
    width: lengthFromTicks(width),
    height: lengthFromTicks(height),
  };
}

/** What keeps a piece where it is and as large as it is, when boxes change that it has or that it refers to. */
function staying(card: ResolvedCard, placed: Placed, boxes: NewBoxes): ChangeOf<'panel' | 'image'> {
  const { piece } = placed;
  const own = boxes.get(piece.id);
  const under = boxes.get(placed.support);
  const { x, y } = piece.place;
  const isBeside = [x, y].some((rule) => rule.from === 'piece' && boxes.has(rule.piece));
  const isRound = isPaper(piece) && piece.size.by === 'outset' && boxes.has(piece.size.around);
  if (!own && !under && !isBeside && !isRound) return {};
  const { rect } = own ?? placed;
  const place = placeAs(piece.place, rect, under?.rect ?? supportRect(card, placed.support));
  const keepsSize =
    isPaper(piece) && (isRound || (under !== undefined && followsSupport(piece.size)));
  return {
    place,
    ...(own && 'crop' in piece && piece.crop ? { crop: own.crop } : {}),
    ...(keepsSize
      ? { size: { by: 'measure', width: asTyped(rect.width), height: asTyped(rect.height) } }
      : {}),
  };
}

/** The place of a box, told from the edge it was told from before; centred where it still is, to the tick. */
function placeAs({ x, y, turn }: PlaceRule, box: Rect, support: Rect): PlaceRule {
  const nearer = placeAt(box, support, turn);
  const left = box.x - support.x;
  const top = box.y - support.y;
  const right = support.width - box.width - left;
  const bottom = support.height - box.height - top;
  const from = { left, right, top, bottom };
  return {
    x:
      x.from === 'left' || x.from === 'right'
        ? { from: x.from, distance: typedTicks(from[x.from]) }
        : isCentred(x.from, left, right)
          ? x
          : nearer.x,
    y:
      y.from === 'top' || y.from === 'bottom'
        ? { from: y.from, distance: typedTicks(from[y.from]) }
        : isCentred(y.from, top, bottom)
          ? y
          : nearer.y,
    turn,
  };
}

function isCentred(from: string, near: number, far: number): boolean {
  return from === 'centre' && Math.abs(near - far) <= 1;
}

/** The properties that are others now. */
function changedIn<Whole extends object>(before: Whole, now: Whole): Partial<Whole> {
  const keys = (Object.keys(now) as (keyof Whole)[]).filter(
    (key) => !sameJson(before[key], now[key]),
  );
  return Object.fromEntries(keys.map((key) => [key, now[key]])) as Partial<Whole>;
}
