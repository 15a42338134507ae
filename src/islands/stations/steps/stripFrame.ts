import type { WorkPlan } from '../../../core/process/planWork';
import type { Step } from '../../../core/process/step';
import { workPlaces, type WorkPlace } from '../../../core/plan/workFacts';

/** One evening on the strip, in pixels. */
export interface StripEvening {
  readonly from: number;
  readonly to: number;
  readonly x: number;
  readonly width: number;
  /** The work of it ends then, and so many minutes are left. */
  readonly until: number;
  readonly left: number;
}

/** What stands where on the strip. */
export interface StripFrame {
  readonly width: number;
  readonly evenings: readonly StripEvening[];
  /** Where a moment lies; nights are narrow. */
  readonly xOf: (moment: number) => number;
  /** The places something is done at, in their order. */
  readonly rows: readonly WorkPlace[];
}

/** A minute is at least and at most so wide, a night so, and what is left of an evening at the most so. */
const leastPerMinute = 3;
const mostPerMinute = 14;
const night = 76;
const leftOver = 110;
export const labelWidth = 96;

/** Heights: of the days, of the row of a place, and of a block in it. */
export const headHeight = 34;
export const rowHeight = 38;
export const barHeight = 28;

/** A part of the time that is drawn evenly. */
interface Span {
  readonly from: number;
  readonly to: number;
  readonly x: number;
  readonly width: number;
}

/**
 * Time from left to right: the work of each evening as wide as there is room, what is left of it and the nights narrow.
 * @param room in pixels
 */
export function stripFrame(
  { sessions, planned }: WorkPlan,
  steps: readonly Step[],
  room: number,
): StripFrame {
  const worked = sessions.map(({ from, to }) => {
    const ends = planned.filter(({ start }) => start < to).map(({ end }) => Math.min(end, to));
    return (Math.max(from + 60_000, ...ends.filter((end) => end > from)) - from) / 60_000;
  });
  const minutes = worked.reduce((sum, each) => sum + each, 0);
  const rests = sessions.map(({ from, to }, at) => (to - from) / 60_000 - (worked[at] ?? 0));
  const nights = Math.max(0, sessions.length - 1) * night;
  const taken = labelWidth + nights + rests.filter((rest) => rest > 0).length * leftOver + 10;
  const per = Math.min(mostPerMinute, Math.max(leastPerMinute, (room - taken) / minutes));
  let x = labelWidth;
  const spans: Span[] = [];
  const evenings = sessions.map(({ from, to }, at): StripEvening => {
    const [own, rest] = [worked[at] ?? 0, rests[at] ?? 0];
    const width = own * per;
    const left = rest > 0 ? Math.min(leftOver, rest * per) : 0;
    const until = from + own * 60_000;
    spans.push({ from, to: until, x, width }, { from: until, to, x: x + width, width: left });
    const evening = { from, to, x, width: width + left, until, left: rest };
    const next = sessions[at + 1];
    if (next) spans.push({ from: to, to: next.from, x: x + width + left, width: night });
    x += width + left + night;
    return evening;
  });
  const places = new Set(steps.map(({ place }) => place));
  const end = x - night;
  return {
    width: Math.max(room, end + 10),
    evenings,
    xOf: (moment) => {
      const span = spans.find((each) => moment >= each.from && moment < each.to);
      if (span) return span.x + ((moment - span.from) / (span.to - span.from)) * span.width;
      // What dries on after the last evening runs out of the drawing.
      return moment < (sessions[0]?.from ?? 0) ? labelWidth : end;
    },
    rows: workPlaces.filter((place) => places.has(place)),
  };
}
