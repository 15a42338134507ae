import { lengthFromTicks, type Length } from '../../length/length';
import type { Rect } from '../../outline/outline';
import type { Side } from '../../plan/faces';
import type { Stamp } from '../../plan/libraryItem';
import type { PieceOf } from '../../plan/piece';
import type { PlacedMark } from '../markKind';
import type { Paint } from '../paint';
import type { Stroke } from '../stroke';
import { layerOfFinish } from '../layerAt';

/** What is drawn of finishes, under the image and over it. */
export interface FinishStrokes {
  readonly under: readonly Stroke[];
  readonly over: readonly Stroke[];
}

/**
 * A halo all round an image and a shadow to one side under it, a line round it over it. What shines, and details of a pen,
 * lie on parts and are told, not drawn.
 */
export function finishStrokes(
  stamp: Stamp,
  { piece, paints, whole }: PlacedMark<PieceOf<'image'>>,
): FinishStrokes {
  const [under, over]: [Stroke[], Stroke[]] = [[], []];
  for (const [index, { kind, width, side }] of piece.finishes.entries()) {
    const paint = paints[layerOfFinish(piece, index)];
    if (!paint || !width) continue;
    if (kind === 'halo') under.push(roundIt(stamp, paint, 2 * width.ticks));
    if (kind === 'outline') over.push(roundIt(stamp, paint, width.ticks));
    if (kind === 'shadow') {
      const shifted = {
        ...roundIt(stamp, paint, 0),
        at: movedTo(whole, side ?? 'right', width.ticks),
      };
      under.push(shifted);
    }
  }
  return { under, over };
}

function roundIt(
  { shape }: Stamp,
  paint: Paint,
  lineWidth: number,
): Extract<Stroke, { kind: 'path' }> {
  return { kind: 'path', path: shape.outline, box: shape.box, paint, lineWidth, at: undefined };
}

function movedTo(box: Rect, side: Side, by: Length): Rect {
  const moved = (at: Length, sign: number) => lengthFromTicks(at + sign * by);
  switch (side) {
    case 'left':
      return { ...box, x: moved(box.x, -1) };
    case 'right':
      return { ...box, x: moved(box.x, 1) };
    case 'top':
      return { ...box, y: moved(box.y, -1) };
    case 'bottom':
      return { ...box, y: moved(box.y, 1) };
    default:
      throw new TypeError(`movedTo: unknown ${JSON.stringify(side satisfies never)}`);
  }
}
