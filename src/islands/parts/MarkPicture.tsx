import { memo } from 'react';
import type { DrawnMark } from '../../core/pictures/drawFace';
import { markShape } from '../../core/pictures/faceShapes';
import type { Rect } from '../../core/outline/outline';
import { Shapes } from './Shapes';

interface Props {
  readonly mark: DrawnMark;
  /** Pixels (or other units of the surrounding drawing) to the tick. */
  readonly scale: number;
}

/** What is printed, written, stuck or drawn on paper. */
export const MarkPicture = memo(function MarkPicture({ mark, scale }: Props) {
  return <Shapes shapes={[markShape(mark)]} scale={scale} />;
}, looksAlike);

/** A card is resolved anew at each step of a drag, though most of its marks stay as they are. */
function looksAlike({ mark: a, scale }: Props, { mark: b, scale: next }: Props): boolean {
  return (
    scale === next &&
    a.from !== undefined &&
    a.from.every((part, index) => part === b.from?.[index]) &&
    isSameBox(a.rect, b.rect) &&
    isSameBox(a.whole, b.whole)
  );
}

const isSameBox = (a: Rect, b: Rect) =>
  a.x === b.x && a.y === b.y && a.width === b.width && a.height === b.height;
