import type { Length } from '../length/length';
import type { Outline } from '../outline/outline';
import type { FaceId } from '../plan/faces';

/**
 * Anything that has a thickness and lies on a face of the closed card: paper, a gem, a drop. It is level but for where it
 * bends over what is a little higher.
 */
export interface Plate {
  readonly id: string;
  readonly name: string;
  readonly face: FaceId;
  /** As the closed card is seen from its front, from the top left corner of the front. */
  readonly outline: Outline;
  /** Of its lower side above the face. */
  readonly foot: Length;
  readonly caliper: Length;
  /** What holds it, and how high that is: it is under the plate where just so much is free there, and elsewhere air is. */
  readonly held: { readonly name: string; readonly height: Length } | undefined;
}

/** A card as its heights are reckoned from: what lies on its faces, in the order it is put on, and its leaves. */
export interface Stack {
  readonly plates: readonly Plate[];
  /** Of the front. */
  readonly face: Outline;
  readonly leaves: 1 | 2;
  /** Of the base. */
  readonly caliper: Length;
}
