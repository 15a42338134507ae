import { contrast } from '../colour/contrast';
import { labOf } from '../colour/lab';
import { seenOver } from '../colour/seenOver';
import type { Point } from '../geometry/flattenPath';
import { colourAt, type Paint, type Variation } from '../kinds/paint';
import { contains } from '../outline/distance';
import { boundsOf, boxesOverlap, turned, type Bounds, type Outline } from '../outline/outline';
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
  const points = placesOn(words);
  const box = boundsOf([points]);
  const at = card.marks.indexOf(words);
  const areas = areasOn(card, words).filter(
    ({ index, bounds }) => index < at && boxesOverlap(bounds, box),
  );
  // Where nothing lies between, all places are alike.
  const places = areas.length === 0 ? points.slice(0, 1) : points;
  const counts = new Map<string, number>();
  for (const point of places) {
    const ground = groundAt(areas, words.ground.colour, point);
    counts.set(ground, (counts.get(ground) ?? 0) + 1);
  }
  const seen = [...counts].map(([ground, count]) => {
    const colour = ink.coats.length > 0 ? seenOver(ground, ink.coats) : ink.colour;
    return { ground, count, colour, ratio: contrast(colour, ground) };
  });
  const worst = seen.reduce((least, each) => (each.ratio < least.ratio ? each : least));
  return {
    worst: worst.ratio,
    average: seen.reduce((sum, { ratio, count }) => sum + ratio * count, 0) / places.length,
    lightness: Math.abs(labOf(worst.colour).l - labOf(worst.ground).l),
    grounds: [...counts.keys()],
  };
}

/** What a mark fills, with the box of it. */
interface InkedArea {
  readonly mark: ResolvedMark;
  /** Of it among the marks of the card. */
  readonly index: number;
  readonly outline: Outline;
  readonly bounds: Bounds;
  readonly paint: Paint;
}

/** The areas on each paper of a card, the lowest first. */
const knownAreas = new WeakMap<ResolvedCard, ReadonlyMap<string, readonly InkedArea[]>>();

const paperKey = ({ face, support }: ResolvedMark) => `${face} ${support}`;

/** What is filled on the paper of some words. Lines are narrower than letters; between them words are read. */
function areasOn(card: ResolvedCard, words: ResolvedMark): readonly InkedArea[] {
  const before = knownAreas.get(card);
  if (before) return before.get(paperKey(words)) ?? [];
  const areas = new Map<string, InkedArea[]>();
  for (const [index, mark] of card.marks.entries())
    for (const { outline, halfWidth, paint } of inkOf(mark)) {
      if (halfWidth !== undefined) continue;
      const area = { mark, index, outline, paint, bounds: boundsOfArea(outline) };
      const there = areas.get(paperKey(mark));
      if (there) there.push(area);
      else areas.set(paperKey(mark), [area]);
    }
  knownAreas.set(card, areas);
  return areas.get(paperKey(words)) ?? [];
}

/** An area that lies as before is the same object. */
const knownBounds = new WeakMap<Outline, Bounds>();

function boundsOfArea(outline: Outline): Bounds {
  const before = knownBounds.get(outline);
  if (before) return before;
  const bounds = boundsOf(outline);
  knownBounds.set(outline, bounds);
  return bounds;
}

function placesOn({ rect, piece }: ResolvedMark): readonly Point[] {
  const points = Array.from({ length: along * across }, (_, index) => ({
    x: rect.x + (rect.width * ((index % along) + 0.5)) / along,
    y: rect.y + (rect.height * (Math.floor(index / along) + 0.5)) / across,
  }));
  return turned([points], rect, piece.place.turn)[0] ?? [];
}

/** What is seen at a place on paper that areas lie on, the lowest first. */
function groundAt(areas: readonly InkedArea[], paper: string, point: Point): string {
  return areas.reduce(
    (below, { mark, outline, bounds: { x0, y0, x1, y1 }, paint }) =>
      x0 <= point.x &&
      point.x <= x1 &&
      y0 <= point.y &&
      point.y <= y1 &&
      contains(outline, point) &&
      (!mark.within || contains(mark.within, point))
        ? seenAt(below, paint, mark, point)
        : below,
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
  const fill = variedFill(varies, rect);
  if (fill.kind === 'rings')
    return Math.hypot(point.x - fill.at.x, point.y - fill.at.y) / Math.max(1, fill.radius);
  if (fill.kind !== 'gradient') return 0;
  const [dx, dy] = [fill.to.x - fill.from.x, fill.to.y - fill.from.y];
  const squared = Math.max(1, dx * dx + dy * dy);
  return ((point.x - fill.from.x) * dx + (point.y - fill.from.y) * dy) / squared;
}
