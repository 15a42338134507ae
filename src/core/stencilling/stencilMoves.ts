import { lengthFromTicks, type Size } from '../length/length';
import type { Stencil } from '../plan/libraryItem';
import type { Rect } from '../outline/outline';

/** One laying-down of the stencil. */
export interface StencilPlacement {
  /** The field with the openings, from the corner of the zone that is coloured; it may reach beyond it. */
  readonly field: Rect;
  /** What of the zone under the field is finished already and is masked off. */
  readonly finished: readonly Rect[];
}

export type StencilMoves =
  | {
      readonly ok: true;
      /** In the order they are done: along each row, row by row. */
      readonly placements: readonly StencilPlacement[];
      /** Slanted stripes are worked out with sines and rounded to the tick; all else is exact. */
      readonly isMeasured: boolean;
    }
  /** One picture that is too small; a repeat longer than the field; more moves than anyone makes. */
  | { readonly ok: false; readonly reason: 'single' | 'long-repeat' | 'too-many' };

/** More moves than this are no plan. */
const mostMoves = 400;

/**
 * The fewest layings-down that cover a zone so that the pattern goes on from each to the next: whole repeats
 * across and down; stripes slide freely along themselves, so that only what is moved across them counts. The
 * first lies in the top left corner, the last of a row as near the far edge as its repeat allows.
 * ```
 *  +-----+-----+--+      slanted stripes: each column slid along
 *  |  1  |  2  |3 |      to be in step, the rows fewer for it
 *  +-----+-----+--+
 * ```
 * @example 6 x 6 in with a repeat of 1 in on 3 1/2 x 8 1/2 in // two, the second 3 in further down
 */
export function stencilMoves(field: Size, repeat: Stencil['repeat'], zone: Size): StencilMoves {
  if (field.width >= zone.width && field.height >= zone.height)
    return laid([{ x: 0, y: 0 }], field, zone, false);
  switch (repeat.kind) {
    case 'single':
      return { ok: false, reason: 'single' };
    case 'grid':
      return inGrid(field, { x: repeat.across.ticks, y: repeat.down.ticks }, zone, false);
    case 'stripes':
      return alongStripes(field, repeat.pitch.ticks, repeat.slope, zone);
    default:
      throw new TypeError(`stencilMoves: unknown repeat ${JSON.stringify(repeat satisfies never)}`);
  }
}

/** A corner of the field, in ticks from the corner of the zone. */
interface Corner {
  readonly x: number;
  readonly y: number;
}

/** The least whole repeats each way; 0 where it slides freely. */
function inGrid(field: Size, pitch: Corner, zone: Size, isMeasured: boolean): StencilMoves {
  const across = stepsOver(field.width, pitch.x, zone.width);
  const down = stepsOver(field.height, pitch.y, zone.height);
  if (!across || !down) return { ok: false, reason: 'long-repeat' };
  if (across.length * down.length > mostMoves) return { ok: false, reason: 'too-many' };
  const corners = down.flatMap((y) => across.map((x) => ({ x, y })));
  return laid(corners, field, zone, isMeasured);
}

/** Where the field starts along one side; undefined where a repeat is longer than the field. */
function stepsOver(field: number, pitch: number, zone: number): readonly number[] | undefined {
  if (field >= zone) return [0];
  const wholeStep = pitch === 0 ? field : Math.floor(field / pitch) * pitch;
  if (wholeStep <= 0) return undefined;
  const count = 1 + Math.ceil((zone - field) / wholeStep);
  if (count > mostMoves) return [];
  const last = pitch === 0 ? zone - field : Math.ceil((zone - field) / pitch) * pitch;
  return Array.from({ length: count }, (_, index) => Math.min(index * wholeStep, last));
}

function alongStripes(field: Size, pitch: number, slope: number, zone: Size): StencilMoves {
  if (slope === 0) return inGrid(field, { x: 0, y: pitch }, zone, false);
  if (Math.abs(slope) === 90) return inGrid(field, { x: pitch, y: 0 }, zone, false);
  const angle = (slope * Math.PI) / 180;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const pitches = { x: pitch / Math.abs(sin), y: pitch / Math.abs(cos) };
  // Moved across by x, stripes are in step again after so much down: x tan(slope), and any whole pitch.
  const tries = [
    inGrid(field, pitches, zone, true),
    inSlidColumns(field, zone, (x) => inStep(x * (sin / cos), pitches.y), pitches.y, false),
    inSlidColumns(
      turned(field),
      turned(zone),
      (y) => inStep(y * (cos / sin), pitches.x),
      pitches.x,
      true,
    ),
  ];
  const [first, ...others] = tries;
  if (!first) throw new RangeError('stencilMoves: expected a try');
  return others.reduce((best, each) => (countOf(each) < countOf(best) ? each : best), first);
}

const countOf = (moves: StencilMoves) => (moves.ok ? moves.placements.length : Infinity);
const turned = ({ width, height }: Size): Size => ({ width: height, height: width });

/** The least slide that is a distance plus a whole number of pitches. */
function inStep(distance: number, pitch: number): number {
  return distance - Math.round(distance / pitch) * pitch;
}

/** Columns side by side without a repeat, each slid up or down until the stripes meet. */
function inSlidColumns(
  field: Size,
  zone: Size,
  slideAt: (x: number) => number,
  pitch: number,
  isTurned: boolean,
): StencilMoves {
  const starts = stepsOver(field.width, 0, zone.width) ?? [];
  const slides = starts.map(slideAt);
  const [most, least] = [Math.max(...slides), Math.min(...slides)];
  const rows = stepsOver(field.height - (most - least), pitch, zone.height);
  if (!rows) return { ok: false, reason: 'long-repeat' };
  if (starts.length * rows.length > mostMoves) return { ok: false, reason: 'too-many' };
  const corners = rows.flatMap((row) =>
    starts.map((along, index): Corner => {
      const across = row + (slides[index] ?? 0) - most;
      return isTurned ? { x: across, y: along } : { x: along, y: across };
    }),
  );
  return isTurned
    ? laid(corners, turned(field), turned(zone), true)
    : laid(corners, field, zone, true);
}

function laid(
  corners: readonly Corner[],
  field: Size,
  zone: Size,
  isMeasured: boolean,
): StencilMoves {
  const fields = corners.map(({ x, y }): Rect => ({
    x: lengthFromTicks(Math.round(x)),
    y: lengthFromTicks(Math.round(y)),
    ...field,
  }));
  const whole: Rect = { x: lengthFromTicks(0), y: lengthFromTicks(0), ...zone };
  const placements = fields.map((each, index): StencilPlacement => {
    const here = shared(each, whole);
    const before = here
      ? fields.slice(0, index).flatMap((earlier) => shared(earlier, here) ?? [])
      : [];
    return { field: each, finished: before.filter((one) => !isWithinAnother(one, before)) };
  });
  return { ok: true, placements, isMeasured };
}

function shared(a: Rect, b: Rect): Rect | undefined {
  const [x, y] = [Math.max(a.x, b.x), Math.max(a.y, b.y)];
  const width = Math.min(a.x + a.width, b.x + b.width) - x;
  const height = Math.min(a.y + a.height, b.y + b.height) - y;
  return width > 0 && height > 0
    ? {
        x: lengthFromTicks(x),
        y: lengthFromTicks(y),
        width: lengthFromTicks(width),
        height: lengthFromTicks(height),
      }
    : undefined;
}

/** Of two alike the first stays. */
function isWithinAnother(one: Rect, all: readonly Rect[]): boolean {
  const at = all.indexOf(one);
  return all.some(
    (other, index) =>
      index !== at &&
      other.x <= one.x &&
      other.y <= one.y &&
      other.x + other.width >= one.x + one.width &&
      other.y + other.height >= one.y + one.height &&
      (area(other) > area(one) || index < at),
  );
}

const area = ({ width, height }: Size) => width * height;
