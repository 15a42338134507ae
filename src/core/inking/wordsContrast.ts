import { contrast } from '../colour/contrast';
import { labOf } from '../colour/lab';
import { seenOver } from '../colour/seenOver';
import type { Point } from '../geometry/flattenPath';
import { colourAt, type Paint, type Variation } from '../kinds/paint';
import { contains } from '../outline/distance';
import type { Rect } from '../outline/outline';
import { turned } from '../outline/outline';
import { variedFill } from '../pictures/paintFill';
import { inkOf } from '../resolve/inkOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedMark } from '../resolve/resolvedMark';

/** How well words are told from what is really under them. */
export interface WordsContrast {
  /** WCAG 2.2 contrast ratio where it is least, and on average. */
  readonly worst: number;
  readonly average: number;
  /** The difference in lightness, L*, where the contrast is least. */
  readonly lightness: number;
  /** Every colour that is seen under them, `#rrggbb`. */
  readonly grounds: readonly string[];
}

/** Places along words, and across their height, at which is looked what is under them. */
const [along, across] = [24, 5];

const known = new WeakMap<ResolvedCard, Map<ResolvedMark, WordsContrast | undefined>>();

/**
 * The contrast of words with paper, blends, stencillings and images under them, as each is seen there.
 * @returns undefined where they have no colour
 */
export function wordsContrast(card: ResolvedCard, words: ResolvedMark): WordsContrast | undefined {
  const ofCard = known.get(card) ?? new Map<ResolvedMark, WordsContrast | undefined>();
  known.set(card, ofCard);
  if (!ofCard.has(words)) ofCard.set(words, measure(card, words));
  return ofCard.get(words);
}

function measure(card: ResolvedCard, words: ResolvedMark): WordsContrast | undefined {
  const [ink] = words.paints;
  if (!ink) return undefined;
  const under = card.marks
    .slice(0, card.marks.indexOf(words))
    .filter((mark) => mark.face === words.face && mark.support === words.support);
  const places = placesOn(words).map((point) => {
    const ground = groundAt(under, words.ground.colour, point);
    const seen = ink.coats.length > 0 ? seenOver(ground, ink.coats) : ink.colour;
    return { ground, seen, ratio: contrast(seen, ground) };
  });
  const [first] = places;
  if (!first) return undefined;
  const worst = places.reduce((least, each) => (each.ratio < least.ratio ? each : least), first);
  return {
    worst: worst.ratio,
    average: places.reduce((sum, { ratio }) => sum + ratio, 0) / places.length,
    lightness: Math.abs(labOf(worst.seen).l - labOf(worst.ground).l),
    grounds: [...new Set(places.map(({ ground }) => ground))],
  };
}

function placesOn({ rect, piece }: ResolvedMark): readonly Point[] {
  const points = Array.from({ length: along * across }, (_, index) => ({
    x: rect.x + (rect.width * ((index % along) + 0.5)) / along,
    y: rect.y + (rect.height * (Math.floor(index / along) + 0.5)) / across,
  }));
  return turned([points], rect, piece.place.turn)[0] ?? [];
}

/** What is seen at a place on paper that prints and grounds lie on, the lowest first. */
function groundAt(marks: readonly ResolvedMark[], paper: string, point: Point): string {
  return marks.reduce(
    (ground, mark) =>
      inkOf(mark).reduce(
        (below, { outline, halfWidth, paint }) =>
          // Lines are narrower than letters; between them words are read.
          halfWidth === undefined && contains(outline, point)
            ? seenAt(below, paint, mark, point)
            : below,
        ground,
      ),
    paper,
  );
}

function seenAt(ground: string, paint: Paint, mark: ResolvedMark, point: Point): string {
  const { varies, coats, colour } = paint;
  if (varies) return colourAt(varies, shareAt(varies, mark, point));
  return coats.length > 0 ? seenOver(ground, coats) : colour;
}

/** How far along the way of a blend a place lies. */
function shareAt(varies: Variation, { rect, piece }: ResolvedMark, at: Point): number {
  const [[point] = []] = turned([[at]], rect, -piece.place.turn);
  if (!point) return 0;
  const fill = variedFill(varies, rect satisfies Rect);
  if (fill.kind === 'rings')
    return Math.hypot(point.x - fill.at.x, point.y - fill.at.y) / Math.max(1, fill.radius);
  if (fill.kind !== 'gradient') return 0;
  const [dx, dy] = [fill.to.x - fill.from.x, fill.to.y - fill.from.y];
  const squared = Math.max(1, dx * dx + dy * dy);
  return ((point.x - fill.from.x) * dx + (point.y - fill.from.y) * dy) / squared;
}
