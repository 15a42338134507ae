import { writeLengthBoth } from '../length/writeBoth';
import type { Unit } from '../length/length';
import type { RibbonLength } from '../measuring/ribbonLength';
import type { PieceOf } from '../plan/piece';
import { joinWords } from '../words/phrases';

/** A ribbon as the sheet tells it. */
export interface ToldRibbon {
  readonly piece: PieceOf<'ribbon'>;
  readonly length: RibbonLength;
}

/**
 * How a ribbon goes, and how long it is cut.
 * @example 'wrapped round, tied in a bow 3 in (76.2 mm) from the left; cut 14 1⁄2 in (368.3 mm): 4 1⁄4 in (108 mm) in front, …'
 */
export function ribbonWords({ piece, length }: ToldRibbon, unit: Unit): string {
  const { way, tuck, fixing, bow, runs } = piece;
  const both = (each: Parameters<typeof writeLengthBoth>[0]) => writeLengthBoth(each, unit);
  const goes = {
    laid: 'from edge to edge',
    tucked: `both ends tucked ${both(tuck.ticks)} under`,
    round: 'wrapped round',
  }[way];
  const tied = bow
    ? `, with ${bowNames[bow.look]} ${both(bow.at.ticks)} from the ${runs === 'across' ? 'left' : 'top'}`
    : '';
  const held = fixing === 'tied' && bow ? '' : `, ${fixing}`;
  return `${goes}${held}${tied}; cut ${both(length.whole)}: ${joinWords(lengthTerms(length).map(([ticks, of]) => `${both(ticks)} ${of}`))}`;
}

export const bowNames = { bow: 'a bow', flat: 'a flat bow', knot: 'a knot' } as const;

/** What a length is made of, without what is none. */
export function lengthTerms({ front, behind, lap, bow, tails }: RibbonLength) {
  return (
    [
      [front, 'in front'],
      [behind, 'behind'],
      [lap, 'to overlap'],
      [bow, 'in the bow'],
      [tails, 'in its tails'],
    ] as const
  ).filter(([ticks]) => ticks > 0);
}
