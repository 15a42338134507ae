import type { Length, Unit } from '../length/length';
import { parseLength, parseSize } from '../length/parseLength';
import type { CardText, StandingCard } from './standingCard';

/** Whether a card is what is looked for; while its text has not come, by what stands beneath it. */
export type CardMatch = (card: StandingCard, text: CardText | undefined) => boolean;

/**
 * Reads a query once, to be asked of many cards. A size (`4 1/8 x 5 3/8`) finds cards with a piece cut
 * so, either way round; a single figure (`4 1/8`, `105 mm`) one with such a side; anything else cards
 * in which every word stands somewhere, in the title, a stock, a layer, or the names given for it. What reads
 * as a figure is looked for as words too. No query finds all.
 * @param namesOf who made the card and for what, as the names of the team.
 */
export function readQuery(
  query: string,
  unit: Unit,
  namesOf: (card: StandingCard) => string,
): CardMatch {
  const wanted = query.trim().toLowerCase();
  if (wanted === '') return () => true;
  const asSize = matchSize(wanted, unit);
  const words = wanted.split(/\s+/);
  return (card, text) => {
    if (text && asSize?.(text)) return true;
    const where = `${text?.words ?? wordsBeneath(card)} ${namesOf(card).toLowerCase()}`;
    return words.every((word) => where.includes(word));
  };
}

function wordsBeneath({ title, format, fold, occasion, techniques, status }: StandingCard): string {
  return [title, format, fold, occasion, ...techniques, status].join(' ').toLowerCase();
}

function matchSize(text: string, unit: Unit): ((text: CardText) => boolean) | undefined {
  const length = parseLength(text, unit);
  if (length.ok)
    return ({ sizes }) =>
      sizes.some(({ width, height }) => width === length.length || height === length.length);
  const size = parseSize(text, unit);
  if (!size.ok) return undefined;
  const [a, b] = [size.width.length, size.height.length];
  const is = (width: Length, height: Length) => width === a && height === b;
  return ({ sizes }) => sizes.some(({ width, height }) => is(width, height) || is(height, width));
}
