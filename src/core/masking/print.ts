import type { Outline } from '../outline/outline';

/**
 * What a print is to those it meets: lines one sees through, an area of ink, words, a pale texture, a background print, or
 * a ground of colour laid before the prints or over them.
 */
export const printKinds = [
  'outline',
  'solid',
  'words',
  'texture',
  'background',
  'ground',
  'late ground',
] as const;
export type PrintKind = (typeof printKinds)[number];

/** A print on one paper, as far as masking looks at it. */
export interface Print {
  readonly id: string;
  readonly kind: PrintKind;
  /** What it claims of its paper, in ticks: its silhouette less what is open in it. It is what a mask covers. */
  readonly body: Outline;
  /** The same with the ink that lies in its openings, which others must keep off too. */
  readonly reach: Outline;
  /** L* of its darkest and of its lightest ink, 0 to 100. */
  readonly darkest: number;
  readonly lightest: number;
  /** Its ink hides what is under it. */
  readonly isOpaque: boolean;
  /** Embossed: what is laid over it later is wiped off its lines. */
  readonly resists: boolean;
  /** What tape round it covers, and how wide the margin is that stays clean; undefined where there is none. */
  readonly tape:
    { readonly frame: Outline; readonly margin: number; readonly by: 'tape' | 'die' } | undefined;
  /** Where its body lies among those of the same shape, so that what is reckoned of one is moved to the others. */
  readonly shape: PrintShape | undefined;
  /** Prints of the same are covered by the same mask; undefined for one that has no stamp. */
  readonly stamp: string | undefined;
  /** Steps of one image belong together and are not masked from one another; undefined for one alone. */
  readonly imageOf: string | undefined;
}

/** A shape that never changes, and where it lies, in ticks. */
export interface PrintShape {
  /** What it is the shape of, with how it lies. */
  readonly of: object;
  readonly as: string;
  readonly x: number;
  readonly y: number;
}

/** Whether it is colour over an area, which is laid rather than stamped. */
export function isLaid({ kind }: Pick<Print, 'kind'>): boolean {
  return kind === 'ground' || kind === 'late ground';
}
