import type { Outline } from '../outline/outline';

/** Why one act comes before another. */
export const actReasons = [
  /** It is seen whole, in front of the other. */
  'in-front',
  /** The designer has turned the two about. */
  'turned',
  /** It is hidden by what is darker than all of it. */
  'under-dark',
  /** It is hidden by opaque ink. */
  'under-opaque',
  /** Pale texture goes over everything, late. */
  'pale-late',
  /** A background print comes over what is in front of it, which is covered. */
  'before-background',
  /** Prints are stamped over a ground. */
  'on-ground',
  /** Grounds one after the other, as listed. */
  'grounds',
  /** A ground is laid over what is printed. */
  'ground-over',
  /** The ground is kept off it, as decided. */
  'kept-off',
  /** It is embossed: what is laid over it is wiped off. */
  'resists',
  /** Nothing opaque goes over words. */
  'words',
  /** What is in front is too spindly to be covered where they meet. */
  'spindly',
  /** A mask is laid on what is printed, and taken off it. */
  'its-mask',
  /** The mask or tape stays on until this is done. */
  'stops-there',
  /** Tape is laid before the ink that stops at it. */
  'its-tape',
] as const;
export type ActReason = (typeof actReasons)[number];

/** What has to be done before an act, and why. */
export interface ActBefore {
  readonly act: string;
  readonly because: ActReason;
}

interface AnyAct {
  /** Its kind and its piece. */
  readonly id: string;
  /** The piece it is done to. */
  readonly piece: string;
  readonly after: readonly ActBefore[];
}

/** One act of making what is printed on a paper, in the order they are done. */
export type Act =
  /** Stamped, or laid where it is a ground, over the masks and the tape of these pieces. */
  | (AnyAct & { readonly kind: 'stamp' | 'lay'; readonly over: readonly string[] })
  /** Covered by the mask of this letter, once its ink is dry. */
  | (AnyAct & { readonly kind: 'mask'; readonly mask: string; readonly cut: Outline })
  | (AnyAct & { readonly kind: 'unmask'; readonly mask: string })
  /** Tape laid round what is inked, so that a margin stays clean. */
  | (AnyAct & { readonly kind: 'tape'; readonly cut: Outline; readonly margin: number })
  | (AnyAct & { readonly kind: 'untape' });

export const actId = (kind: Act['kind'], piece: string) => `${kind}:${piece}`;
