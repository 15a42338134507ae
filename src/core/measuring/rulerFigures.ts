import { subtractLengths, sumLengths, lengthFromTicks, type Length } from '../length/length';
import type { Side } from '../plan/faces';
import { supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import type { Reveals, SupportId } from '../resolve/origins';
import { boundsOf, boxGap, corners, type Outline, type Rect } from '../outline/outline';
import { nearestBetween } from '../outline/distance';
import { isGround } from '../resolve/resolvedMark';
import { boxOnFace } from '../resolve/boxOnFace';
import { revealsOf } from '../resolve/placePiece';
import { isMark, outlineOf, type Placed } from '../resolve/outlineOf';

/** One distance as it is laid off with a ruler: from an edge of something to the same side of the piece. */
export interface RulerFigure {
  readonly side: Side;
  /** What the ruler is laid against. */
  readonly from: SupportId;
  /** Negative where the piece hangs over that edge. */
  readonly distance: Length;
  /** Measured to the tick, where the piece is turned or curved; else exact. */
  readonly isMeasured: boolean;
}

export interface RulerFigures {
  readonly x: RulerFigure;
  readonly y: RulerFigure;
}

/**
 * The two distances that put a piece in its place on the table, each from the nearest clean edge of what it
 * lies on, or the one it was typed from: one with nothing else between, where a ruler lies flat. To the piece itself,
 * not to its box before turning.
 */
export function rulerFigures(card: ResolvedCard, placed: Placed): RulerFigures {
  const box = boxOnFace(placed);
  const support = supportRect(card, placed.support);
  const isMeasured = box !== placed.rect;
  const figure = (side: Side): RulerFigure => ({
    side,
    from: placed.support,
    distance: distanceTo(side, box, support),
    isMeasured,
  });
  const others = neighboursOf(card, placed).map(({ rect }) => rect);
  const isClean = (side: Side) => {
    const strip = stripTo(side, box, support);
    return others.every((other) => !overlap(strip, other));
  };
  const { x, y } = placed.piece.place;
  const chosen = (near: Side, far: Side, rule: typeof x | typeof y): RulerFigure => {
    // The edge that was typed is meant; a figure that was dragged is from the nearer one anyway.
    const typed = 'distance' in rule && rule.distance.typed !== undefined ? rule.from : undefined;
    const isNear =
      Math.abs(distanceTo(near, box, support)) <= Math.abs(distanceTo(far, box, support));
    const first = typed ?? (isNear ? near : far);
    const second = first === near ? far : near;
    return figure(!isClean(first) && isClean(second) ? second : first);
  };
  return { x: chosen('left', 'right', x), y: chosen('top', 'bottom', y) };
}

/** Where the ruler lies: between an edge of the support and the box. */
function stripTo(side: Side, box: Rect, support: Rect): Rect {
  const distance = lengthFromTicks(Math.max(0, distanceTo(side, box, support)));
  switch (side) {
    case 'left':
      return { ...box, x: support.x, width: distance };
    case 'right':
      return { ...box, x: sumLengths(box.x, box.width), width: distance };
    case 'top':
      return { ...box, y: support.y, height: distance };
    case 'bottom':
      return { ...box, y: sumLengths(box.y, box.height), height: distance };
    default:
      throw new TypeError(`stripTo: unknown side ${String(side satisfies never)}`);
  }
}

function overlap(a: Rect, b: Rect): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;
}

/** From an edge of what it lies on to the same side of a box; negative where it hangs over. */
export function distanceTo(side: Side, box: Rect, support: Rect): Length {
  switch (side) {
    case 'left':
      return subtractLengths(box.x, support.x);
    case 'top':
      return subtractLengths(box.y, support.y);
    case 'right':
      return subtractLengths(sumLengths(support.x, support.width), sumLengths(box.x, box.width));
    case 'bottom':
      return subtractLengths(sumLengths(support.y, support.height), sumLengths(box.y, box.height));
    default:
      throw new TypeError(`distanceTo: unknown side ${String(side satisfies never)}`);
  }
}

/** From the box a piece is placed by, before it is turned, to the edges of what it lies on. */
export function placingDistances(card: ResolvedCard, { rect, support }: Placed): Reveals {
  return revealsOf([corners(rect)], supportRect(card, support));
}

/** How far a piece is from another. */
export interface Clearance {
  readonly other: Placed;
  /** Ticks; zero where they touch or overlap. */
  readonly distance: Length;
}

/**
 * What lies beside a piece on the same face, with how far it is, the nearest first and no more than so many. Boxes are
 * never further apart than what is in them, so that the far ones need not be measured.
 */
export function clearances(
  card: ResolvedCard,
  placed: Placed,
  most = Infinity,
): readonly Clearance[] {
  return nearestOf(outlineOf(placed), neighboursOf(card, placed), most);
}

/** The same of a line, be it of something that lies there or would, and of what is beside it. */
export function nearestOf(
  outline: Outline,
  others: readonly Placed[],
  most = Infinity,
): readonly Clearance[] {
  const bounds = boundsOf(outline);
  const waiting = others
    .map((other) => {
      const line = outlineOf(other);
      return { other, line, least: boxGap(bounds, boundsOf(line)) };
    })
    .toSorted((a, b) => a.least - b.least);
  let found: readonly Clearance[] = [];
  for (const { other, line, least } of waiting) {
    const last = found[most - 1];
    if (last && least > last.distance) break;
    const distance = lengthFromTicks(Math.round(nearestBetween(outline, line).distance));
    found = [...found, { other, distance }].toSorted((a, b) => a.distance - b.distance);
  }
  return found.slice(0, most);
}

/** What lies on the same thing as a piece, but for a ground that all of it lies on. */
export function neighboursOf(card: ResolvedCard, placed: Placed): readonly Placed[] {
  return [...card.pieces, ...card.marks].filter(
    (other) =>
      other.id !== placed.id &&
      other.face === placed.face &&
      other.support === placed.support &&
      !(isMark(other) && isGround(other)),
  );
}
