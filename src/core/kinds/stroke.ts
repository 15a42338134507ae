import type { LetteringId } from '../lettering/letterings';
import type { SetLine } from '../lettering/setWords';
import type { Rect } from '../outline/outline';
import type { PieceOf } from '../plan/piece';

/** One stroke of a mark, in the box of the whole. */
export type Stroke =
  | {
      readonly kind: 'path';
      readonly path: string;
      /** The units of the path. */
      readonly box: { readonly width: number; readonly height: number };
      readonly colour: string;
      /** Ticks; zero where it is filled. */
      readonly lineWidth: number;
      /** Where its box lies on the face, where that is not the whole of the mark. */
      readonly at: Rect | undefined;
    }
  | {
      readonly kind: 'words';
      readonly lines: readonly SetLine[];
      readonly em: number;
      readonly lettering: LetteringId;
      readonly colour: string;
    }
  | {
      readonly kind: 'dot';
      readonly look: PieceOf<'dot'>['look'];
      readonly colour: string;
    };
