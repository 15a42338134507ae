import type { LetteringId } from '../lettering/letterings';
import type { Outline } from '../outline/outline';
import type { Point } from '../geometry/flattenPath';

/** How a line is drawn. */
export interface Line {
  readonly colour: string;
  /** Ticks; of a hairline, hairs. */
  readonly width: number;
  /** Lengths of strokes and gaps in turn, in the same unit. */
  readonly dash?: readonly number[];
  readonly opacity?: number;
  /** As thin at every scale: a hair is a pixel on screen, and 0.2 mm on paper. */
  readonly isHairline?: boolean;
  /** Its ends are round, as a pen's. */
  readonly isRound?: boolean;
}

/** A hair on paper, in ticks: 0.2 mm. */
export const hair = 3200;

/** What an area is filled with. */
export type Fill =
  | { readonly kind: 'plain'; readonly colour: string; readonly opacity?: number }
  /** From one point to another, and on beyond them in the first and last colour. */
  | {
      readonly kind: 'gradient';
      readonly from: Point;
      readonly to: Point;
      readonly stops: readonly GradientStop[];
    }
  /** From a point outward to a circle about it, and on beyond it in the last colour. */
  | {
      readonly kind: 'rings';
      readonly at: Point;
      readonly radius: number;
      readonly stops: readonly GradientStop[];
    }
  /** The same shapes over and over, each tile so wide and high. */
  | {
      readonly kind: 'tiles';
      readonly width: number;
      readonly height: number;
      readonly shapes: readonly Shape[];
    };

export interface GradientStop {
  /** From 0 to 1 along the way. */
  readonly at: number;
  readonly colour: string;
  readonly opacity?: number;
}

/** Clockwise, in degrees, about a point. */
export interface Turn {
  readonly degrees: number;
  readonly x: number;
  readonly y: number;
}

interface Drawn {
  readonly fill?: Fill | undefined;
  readonly line?: Line | undefined;
  readonly turn?: Turn | undefined;
}

/** An area, or the line round it; inside by the even-odd rule. */
export type Area = Drawn &
  (
    | { readonly kind: 'outline'; readonly outline: Outline }
    /** An SVG path in a box of its own units, stretched to where it lies; turned over, left to right. */
    | {
        readonly kind: 'path';
        readonly path: string;
        readonly box: { readonly width: number; readonly height: number };
        readonly at: Place;
        readonly isMirrored?: boolean;
      }
    | { readonly kind: 'circle'; readonly x: number; readonly y: number; readonly radius: number }
  );

export interface Place {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * What can be drawn: ticks from the top left corner, y downward. Screen, SVG, DXF and PDF all draw the same shapes.
 */
export type Shape =
  | Area
  /** From point to point, not closed. */
  | (Drawn & { readonly kind: 'line'; readonly points: readonly Point[] })
  | Text
  /** Shapes that turn together, or show only within all of some areas. */
  | {
      readonly kind: 'group';
      readonly shapes: readonly Shape[];
      readonly turn?: Turn | undefined;
      readonly clips?: readonly Area[];
    };

export type Text = {
  readonly kind: 'text';
  readonly words: string;
  readonly colour: string;
  /** Of the letters' em. */
  readonly height: number;
  readonly x: number;
  readonly y: number;
} & (
  | { readonly align: 'centre' }
  /** From the left end of the baseline; so long, where it is given. */
  | { readonly align: 'left'; readonly lettering: LetteringId; readonly advance?: number }
);

/** Shapes of one meaning, which a plotter or printer may tell apart. */
export interface Layer {
  readonly id: string;
  readonly shapes: readonly Shape[];
}

/** A drawing at 1:1. */
export interface Page {
  readonly title: string;
  /** Ticks. */
  readonly width: number;
  readonly height: number;
  readonly layers: readonly Layer[];
}

export const plain = (colour: string, opacity?: number): Fill =>
  opacity === undefined ? { kind: 'plain', colour } : { kind: 'plain', colour, opacity };
