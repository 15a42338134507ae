import type { Polygon } from '../geometry/flattenPath';
import type { Paint } from '../kinds/paint';
import type { Length, Size } from '../length/length';
import type { Rect } from '../outline/outline';
import type { FaceId } from '../plan/faces';
import type { PieceId } from '../plan/ids';
import type { DieSet, Stock } from '../plan/libraryItem';
import type { Paper } from '../plan/piece';
import type { Bond } from './bond';
import type { PlaceOrigin, Reveals, SizeOrigin, SupportId } from './origins';

/** A mat has a piece on it; a liner is the topmost piece inside; all else is a panel. */
export type PieceRole = 'mat' | 'panel' | 'liner';

export interface ResolvedPiece {
  readonly id: PieceId;
  /** As on the project sheet; the base is A, then front and inside in gluing order. */
  readonly letter: string;
  readonly name: string;
  readonly face: FaceId;
  readonly support: SupportId;
  readonly role: PieceRole;
  readonly rect: Rect;
  /** What is cut from the sheet: the size, and what is trimmed off after decorating. */
  readonly cut: Size;
  readonly reveals: Reveals;
  /** The hole cut in its middle, on its face; also the size of the piece that is recovered. */
  readonly opening: Rect | undefined;
  /** Lies on the base across the middle of a gate fold's front, so it is glued to one flap only. */
  readonly crossesGate: boolean;
  readonly origins: {
    readonly width: SizeOrigin;
    readonly height: SizeOrigin;
    readonly x: PlaceOrigin;
    readonly y: PlaceOrigin;
  };
  /** Its box before it was cut down: what its die or the size rule gives; the same where nothing is cut off. */
  readonly uncut: Rect;
  /** It is cut off along this line on its face, at the edge of the card or of its panel; undefined where it is not. */
  readonly clip: Polygon | undefined;
  /** What is cut that is no rectangle, by a die or round a print, stretched to its box; undefined for a rectangle. */
  readonly shape: DieSet['shape'] | undefined;
  /** How far inside its cut a stitched line is embossed; undefined for none. */
  readonly stitch: Length | undefined;
  /** Its parts stay bridged together as they are cut, so that it is cut first, coloured in its sheet, and parted then. */
  readonly isJoined: boolean;
  readonly stock: Stock | undefined;
  readonly paint: Paint;
  readonly caliper: Length;
  /** What holds it. */
  readonly bonds: readonly Bond[];
  /** How far that lifts it. */
  readonly lift: Length;
  /** Height of its lower side above the face. */
  readonly foot: Length;
  /** How much higher than its adhesive lifts it, where it crosses something higher. */
  readonly raised: Length;
  readonly piece: Paper;
}
