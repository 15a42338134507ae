import { mostGplColours, type GplReading } from '../../core/colour/gpl';
import type { NearColour } from '../../core/inking/nearestColours';
import type { ShadeCheck } from '../../core/inking/shadeCheck';
import { hueTurn } from '../../core/inking/shadeCheck';
import type { Meeting } from '../../core/inking/blendCheck';
import type { ColourItem } from '../../core/kinds/coat';
import type { PaintSource } from '../../core/kinds/paint';
import { countWords } from '../../core/words/countWords';
import { joinWords } from '../../core/words/phrases';

/** What a colour comes out of, in a few words. @example 'White enamel over Clear sticky' */
export function sourceWords(from: PaintSource): string {
  switch (from.kind) {
    case 'item':
      return from.powder ? `${from.powder.name} over ${from.item.name}` : from.item.name;
    case 'wish':
      return 'a wish';
    case 'several':
      return joinWords(from.parts.map(sourceWords));
    case 'nothing':
      return 'left as it is';
    case 'open':
      return 'not coloured yet';
    case 'stock':
      return from.stock.name;
    case 'unknown':
      return 'not in the stash';
    default:
      throw new TypeError(`sourceWords: unknown ${JSON.stringify(from satisfies never)}`);
  }
}

/** How near something comes to a colour. @example 'Oat 2, a little darker and redder' */
export function nearWords({ item, difference, is }: NearColour): string {
  if (difference < 1 || is.length === 0) return `${item.name}, hardly told from it`;
  const much = difference < 6 ? 'a little ' : difference > 20 ? 'much ' : '';
  return `${item.name}, ${much}${joinWords(is)}`;
}

/** What is to be said of colours that shade into one another. */
export function shadeSentence({ steps, turn, gaps }: ShadeCheck): string {
  const [gap] = gaps;
  if (gap)
    return `From ${gap.from} to ${gap.to} in lightness there is nothing between, so the step shows.`;
  if (steps.length === 0) return 'One colour, flat.';
  const told =
    Math.max(...steps) - Math.min(...steps) <= 6
      ? `Even steps of ${Math.round(steps.reduce((sum, step) => sum + step, 0) / steps.length)}`
      : `Steps of ${joinWords(steps.map(String))}`;
  const hue = turn === 0 ? 'no turn of hue' : `hue turns by ${countWords(turn, 'degree')}`;
  return turn > hueTurn
    ? `${told}, but ${hue}: a blend between them may go dull.`
    : `${told}, ${hue}: it will blend.`;
}

/** What happens where two inks meet; undefined where there is nothing to say. */
export function meetingSentence(
  one: string,
  two: string,
  { isMuddy, loss, isLargeStep, step }: Meeting,
): string | undefined {
  if (isMuddy)
    return `Between ${one} and ${two} it loses ${Math.round(loss * 100)} % of its colour.`;
  return isLargeStep
    ? `From ${one} to ${two} is a step of ${Math.round(step)} in lightness.`
    : undefined;
}

/** What sort of thing a colour comes out of. */
export function mediumWords(item: ColourItem): string {
  switch (item.kind) {
    case 'ink':
      return `${item.ink} ink`;
    case 'medium':
      return item.medium;
    case 'powder':
      return `${item.powder} powder`;
    case 'embellishment':
      return item.embellishment;
    case 'stock':
      return item.paper;
    default:
      throw new TypeError(`mediumWords: unknown ${JSON.stringify(item satisfies never)}`);
  }
}

const gplIssueWords = {
  'no-colour': 'has no three numbers',
  'out-of-range': 'has a number over 255',
} as const;

/** What is to be said of a palette file that was read, or could not be; nothing where all is well. */
export function gplWords(read: GplReading): string {
  if (!read.ok)
    return read.code === 'no-palette'
      ? 'This is no GPL palette: its first line has to be GIMP Palette.'
      : `A palette has at most ${mostGplColours} colours.`;
  const [first, ...more] = read.issues;
  if (!first) return '';
  const others = more.length > 0 ? `, and ${countWords(more.length, 'line')} more` : '';
  return `Left out: line ${first.line} ${gplIssueWords[first.code]}${others}.`;
}
