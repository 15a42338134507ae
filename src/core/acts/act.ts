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
  /** Words are stamped before images, or after them, by habit. */
  'words-school',
  /** What is in front is too spindly to be covered where they meet. */
  'spindly',
  /** A mask is laid on what is printed, and taken off it. */
  'its-mask',
  /** The mask or tape stays on until this is done. */
  'stops-there',
  /** Tape is laid before the ink that stops at it. */
  'its-tape',
  /** Its strips have to be open, or covered. */
  'in-strips',
  /** A strip is laid back, and its neighbour lifted, only once its ink is dry. */
  'dry-strip',
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

/** A strip of a scene, by its number from the top. */
export interface ActStrip {
  /** `disc` for the disc, which has no number. */
  readonly id: string;
  /** From 0. */
  readonly at: number;
  readonly outline: Outline;
}

/** One act of making what is printed on a paper, in the order they are done. */
export type Act =
  /** Stamped, or laid where it is a ground, over the masks and the tape of these pieces. */
  | (AnyAct & {
      readonly kind: 'stamp' | 'lay';
      readonly over: readonly string[];
      /** In a scene only the strips that are open are inked. */
      readonly inside?: { readonly strips: readonly ActStrip[]; readonly outline: Outline };
    })
  /** Covered by the mask of this letter, once its ink is dry. */
  | (AnyAct & { readonly kind: 'mask'; readonly mask: string; readonly cut: Outline })
  | (AnyAct & { readonly kind: 'unmask'; readonly mask: string })
  /** Tape laid round what is inked, or the die it was cut with left on, so that a margin stays clean. */
  | (AnyAct & {
      readonly kind: 'tape';
      readonly cut: Outline;
      readonly margin: number;
      readonly by: 'tape' | 'die';
    })
  | (AnyAct & { readonly kind: 'untape'; readonly by: 'tape' | 'die' })
  /** The strips of a scene laid on the paper, some of them lifted, and laid back once they are dry. */
  | (AnyAct & {
      readonly kind: 'cover' | 'lift' | 'return';
      readonly strips: readonly ActStrip[];
    })
  /** All strips off. */
  | (AnyAct & { readonly kind: 'uncover' });

/** All kinds, as a service tells them. */
export const actKinds = [
  'stamp',
  'lay',
  'mask',
  'unmask',
  'tape',
  'untape',
  'cover',
  'lift',
  'return',
  'uncover',
] as const satisfies readonly Act['kind'][];

export const actId = (kind: Act['kind'], piece: string) => `${kind}:${piece}`;
