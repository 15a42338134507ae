import type { Coat } from '../colour/seenOver';
import { coatOf, isColourItem, thicknessOf } from '../kinds/coat';
import { meetingOf, type Meeting } from './blendCheck';
import { findItem, type Library } from '../plan/library';
import { plainStop } from '../plan/plainColours';
import type { ColourSource } from '../plan/pieces/colourSource';
import type { BlendStop } from '../plan/pieces/stops';

/** A stop of a blend with what its ink is called and how it lies. */
export interface StopCoat {
  readonly name: string;
  readonly coat: Coat;
  readonly from: number;
  readonly to: number;
}

/** Stops with their inks; a wish is taken to hide what is under it, and one of an unknown ink is left out. */
export function coatsOfStops(stops: readonly BlendStop[], library: Library): readonly StopCoat[] {
  return stops.flatMap(({ ink, from, to, strength }): readonly StopCoat[] => {
    if ('wish' in ink)
      return [{ name: 'a wish', coat: { colour: ink.wish, opacity: 1, thickness: 1 }, from, to }];
    const item = findItem(library, ink.item);
    if (!isColourItem(item)) return [];
    return [{ name: item.name, coat: coatOf(item, thicknessOf(strength)), from, to }];
  });
}

/**
 * Stops with an ink put between two that follow one another: it has the middle half of both, and they reach to the middle
 * of it.
 * ```
 *   ======            =====
 *      ======    ->      ====      the new one
 *                           =====
 * ```
 */
export function withBridge(
  stops: readonly BlendStop[],
  after: number,
  ink: ColourSource,
): readonly BlendStop[] {
  const [one, two] = [stops[after], stops[after + 1]];
  if (!one || !two) return stops;
  const quarter = (at: number) => round(one.from + ((two.to - one.from) * at) / 4);
  const bridge: BlendStop = { ...one, ink, from: quarter(1), to: quarter(3) };
  const before = { ...one, to: Math.max(quarter(2), round(one.from + 0.01)) };
  const behind = { ...two, from: Math.min(quarter(2), round(two.to - 0.01)) };
  return [...stops.slice(0, after), before, bridge, behind, ...stops.slice(after + 2)];
}

/** To the hundredth, as it is shown. */
const round = (share: number) => Math.round(share * 100) / 100;

/** Where two stops overlap, and what they give there. */
export interface StopMeeting {
  /** Of the first of the two, among the stops that have an ink. */
  readonly index: number;
  readonly one: StopCoat;
  readonly two: StopCoat;
  readonly meeting: Meeting;
}

/** What each stop gives with the one after it, where they overlap. */
export function meetingsOf(stops: readonly StopCoat[], ground: string): readonly StopMeeting[] {
  return stops.slice(1).flatMap((two, index): readonly StopMeeting[] => {
    const one = stops[index];
    if (!one || one.to <= two.from) return [];
    return [{ index, one, two, meeting: meetingOf(ground, one.coat, two.coat) }];
  });
}

/** How far an ink that is added reaches into the one before it. */
const overlap = 0.1;

/** Stops with one ink more at the end: what there is moves up to make room. */
export function withInkMore(stops: readonly BlendStop[]): readonly BlendStop[] {
  const last = stops.at(-1);
  if (!last) return stops;
  const share = stops.length / (stops.length + 1);
  const moved = stops.map((stop) => ({
    ...stop,
    from: round(stop.from * share),
    to: round(stop.to * share),
  }));
  return [...moved, { ...plainStop(last.ink), tool: last.tool, from: round(share - overlap) }];
}

/** A stop with one of its ends elsewhere, never past the other. */
export function withEndAt(stop: BlendStop, end: 'from' | 'to', at: number): BlendStop {
  return end === 'from'
    ? { ...stop, from: Math.min(round(at), round(stop.to - 0.01)) }
    : { ...stop, to: Math.max(round(at), round(stop.from + 0.01)) };
}
