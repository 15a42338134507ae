import { lengthFromTicks, type Length } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { PieceId } from '../plan/ids';
import type { PlaceRule } from '../plan/piece';
import type { Rect } from '../outline/outline';
import { placeAt } from '../measuring/placeAt';

/** What a moving piece snaps to. */
export type SnapKind = 'centre' | 'third' | 'edge' | 'neighbour' | 'gap' | 'mark';

/** A line on the face that a piece has snapped to. */
export interface Guide {
  readonly axis: 'x' | 'y';
  readonly kind: SnapKind;
  /** From the left or top of the face. */
  readonly at: Length;
}

export interface Snapped {
  readonly box: Rect;
  readonly place: PlaceRule;
  readonly guides: readonly Guide[];
}

export interface SnapInput {
  /** Where the hand has it. */
  readonly box: Rect;
  readonly turn: number;
  /** What it lies on. */
  readonly support: Rect;
  /** What else lies there, nearest or not. */
  readonly neighbours: readonly { readonly id: PieceId; readonly rect: Rect }[];
  /** From mark to mark of the ruler. */
  readonly marks: Length;
  /** How near it must come, in ticks. */
  readonly reach: number;
}

/**
 * Moves a box to what it nearly stands at: the middle, a third or an edge of its support, an edge or the
 * middle of a neighbour, a gap as wide as that between two neighbours; else so that its distance to the
 * nearer edge lies on the marks. Each way for itself; the nearest wins, of two as near the first named.
 */
export function snapMove(input: SnapInput): Snapped {
  const x = snapAxis('x', input);
  const y = snapAxis('y', input);
  const box: Rect = { ...input.box, x: x.at, y: y.at };
  const plain = placeAt(box, input.support, input.turn);
  return {
    box,
    place: {
      x: x.kind === 'centre' || x.kind === 'third' ? ruleOf(x) : plain.x,
      y: y.kind === 'centre' || y.kind === 'third' ? ruleOf(y) : plain.y,
      turn: input.turn,
    },
    guides: [
      ...(x.kind === 'mark' ? [] : [{ axis: 'x' as const, kind: x.kind, at: x.line }]),
      ...(y.kind === 'mark' ? [] : [{ axis: 'y' as const, kind: y.kind, at: y.line }]),
    ],
  };
}

interface AxisSnap {
  readonly at: Length;
  readonly kind: SnapKind;
  readonly line: Length;
  readonly which: 1 | 2;
}

const ruleOf = ({ kind, which }: AxisSnap) =>
  kind === 'centre' ? { from: 'centre' as const } : { from: 'third' as const, which };

function snapAxis(axis: 'x' | 'y', input: SnapInput): AxisSnap {
  const along = (rect: Rect) => {
    const [from, size] = axis === 'x' ? [rect.x, rect.width] : [rect.y, rect.height];
    return { from, size, to: from + size };
  };
  const box = along(input.box);
  const support = along(input.support);
  const candidates: AxisSnap[] = [];
  const add = (kind: SnapKind, at: number, line: number, which: 1 | 2 = 1) => {
    candidates.push({
      at: lengthFromTicks(Math.floor(at)),
      kind,
      line: lengthFromTicks(Math.floor(line)),
      which,
    });
  };
  const middle = support.from + support.size / 2;
  add('centre', middle - box.size / 2, middle);
  for (const which of [1, 2] as const) {
    const third = support.from + (support.size * which) / 3;
    // Twice and three times the figures, as placing on a third computes them.
    add(
      'third',
      support.from + Math.floor((2 * which * support.size - 3 * box.size) / 6),
      third,
      which,
    );
  }
  add('edge', support.from, support.from);
  add('edge', support.to - box.size, support.to);
  const others = input.neighbours.map(({ rect }) => along(rect));
  for (const other of others) {
    add('neighbour', other.from, other.from);
    add('neighbour', other.to - box.size, other.to);
    add('neighbour', other.to, other.to);
    add('neighbour', other.from - box.size, other.from);
    const otherMiddle = other.from + other.size / 2;
    add('neighbour', otherMiddle - box.size / 2, otherMiddle);
  }
  for (const { gap, before, after } of gapsIn(others)) {
    add('gap', after + gap, after + gap);
    add('gap', before - gap - box.size, before - gap);
  }
  const nearest = candidates
    .filter(({ at }) => Math.abs(at - box.from) <= input.reach)
    .toSorted((a, b) => Math.abs(a.at - box.from) - Math.abs(b.at - box.from))[0];
  return (
    nearest ?? { at: onMark(box, support, input.marks), kind: 'mark', line: input.marks, which: 1 }
  );
}

interface Gap {
  readonly gap: number;
  /** Where the pair begins and ends. */
  readonly before: number;
  readonly after: number;
}

/** The gaps between neighbours that follow one another. */
function gapsIn(
  extents: readonly { readonly from: number; readonly to: number }[],
): readonly Gap[] {
  const ordered = extents.toSorted((a, b) => a.from - b.from);
  return ordered.flatMap((extent, index): Gap[] => {
    const next = ordered[index + 1];
    return next && next.from > extent.to
      ? [{ gap: next.from - extent.to, before: extent.from, after: next.to }]
      : [];
  });
}

function onMark(
  box: { readonly from: number; readonly size: number; readonly to: number },
  support: { readonly from: number; readonly to: number },
  marks: Length,
): Length {
  const near = box.from - support.from;
  const far = support.to - box.to;
  const toMark = (distance: number) => Math.round(distance / marks) * marks;
  return lengthFromTicks(
    Math.abs(near) <= Math.abs(far)
      ? support.from + toMark(near)
      : support.to - toMark(far) - box.size,
  );
}

/**
 * The rule after a step each way, in ticks; what was centred is measured from the nearer edge then. A step goes
 * from mark to mark, so what stood between two marks comes to the next.
 */
export function nudgePlace(
  place: PlaceRule,
  box: Rect,
  support: Rect,
  dx: number,
  dy: number,
): PlaceRule {
  const plain = placeAt(box, support, place.turn);
  return {
    x: dx === 0 ? place.x : stepped(place.x, plain.x, dx),
    y: dy === 0 ? place.y : stepped(place.y, plain.y, dy),
    turn: place.turn,
  };
}

/** A distance that is there already is stepped on; another rule gives way to the plain one. */
function stepped<Rule extends PlaceRule['x'] | PlaceRule['y']>(
  rule: Rule,
  plain: Rule,
  by: number,
): Rule {
  if (rule.from === 'piece') {
    const away = rule.side === 'left' || rule.side === 'top' ? -by : by;
    return { ...rule, gap: asTyped(toMark(rule.gap.ticks, away)) };
  }
  const own = 'distance' in rule ? rule : plain;
  if (!('distance' in own)) return own;
  const isNear = own.from === 'left' || own.from === 'top';
  return { ...own, distance: asTyped(toMark(own.distance.ticks, isNear ? by : -by)) };
}

/** The next mark of a scale as fine as the step, in its direction. */
function toMark(ticks: number, by: number): Length {
  const step = Math.abs(by);
  const marks = by > 0 ? Math.floor(ticks / step) + 1 : Math.ceil(ticks / step) - 1;
  return lengthFromTicks(marks * step);
}
