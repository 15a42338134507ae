import type { LetteringId } from '../lettering/letterings';
import type { SetLine } from '../lettering/setWords';
import type { Rect } from '../outline/outline';
import type { PieceOf } from '../plan/piece';
import type { Paint } from './paint';

/** One stroke of a mark, in the box of the whole. */
export type Stroke =
  | {
      readonly kind: 'path';
      readonly path: string;
      /** The units of the path. */
      readonly box: { readonly width: number; readonly height: number };
      readonly paint: Paint;
      /** Ticks; zero where it is filled. */
      readonly lineWidth: number;
      /** Where its box lies on the face, where that is not the whole of the mark. */
      readonly at: Rect | undefined;
      /** What a colour that varies goes over, where that is not its own box. */
      readonly over?: Rect;
    }
  | {
      readonly kind: 'words';
      readonly lines: readonly SetLine[];
      readonly em: number;
      readonly lettering: LetteringId;
      readonly paint: Paint;
    }
  | {
      readonly kind: 'dot';
      readonly look: PieceOf<'dot'>['look'];
      readonly paint: Paint;
    }
  /** A part of a ribbon, with a rim that tells it from what it lies on. */
  | {
      readonly kind: 'ribbon';
      readonly path: string;
      readonly box: { readonly width: number; readonly height: number };
      /** On the face. */
      readonly at: Readonly<Record<'x' | 'y' | 'width' | 'height', number>>;
      readonly paint: Paint;
      /** Ticks; zero where it is filled. */
      readonly lineWidth: number;
    }
  /** Along the edge of its paper, so wide; strongest at the edge and fading inward to the colour of the ground. */
  | {
      readonly kind: 'edge';
      readonly width: number;
      readonly paint: Paint;
      readonly ground: string;
      /** Laid over what is printed, which is seen through it. */
      readonly isLate: boolean;
    };
