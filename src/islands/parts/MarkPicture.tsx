import { memo } from 'react';
import type { DrawnMark } from '../../core/pictures/drawFace';
import type { Area } from '../../core/drawing/shape';
import { markShapes } from '../../core/pictures/faceShapes';
import type { Rect } from '../../core/outline/outline';
import { Shapes } from './Shapes';

interface Props {
  readonly mark: DrawnMark;
  /** What it lies on. */
  readonly paper: Area;
  /** Pixels (or other units of the surrounding drawing) to the tick. */
  readonly scale: number;
}

/** What is printed, written, stuck or drawn on paper. */
export const MarkPicture = memo(function MarkPicture({ mark, paper, scale }: Props) {
  return <Shapes shapes={markShapes(mark, paper)} scale={scale} />;
}, looksAlike);

/** A card is resolved anew at each step of a drag, though most of its marks stay as they are. */
function looksAlike(before: Props, now: Props): boolean {
  const isOnPaper = before.mark.strokes.some(({ kind }) => kind === 'edge');
  return before.scale === now.scale && !isOnPaper && areAlike(before.mark, now.mark);
}

/** Whether two marks are drawn the same, so that the second need not be. */
export function areAlike(a: DrawnMark, b: DrawnMark): boolean {
  return (
    a.look === b.look &&
    a.within === b.within &&
    a.over.length === b.over.length &&
    a.over.every((each, index) => {
      const other = b.over[index];
      return other !== undefined && areAlike(each, other);
    }) &&
    a.from !== undefined &&
    a.from.every((part, index) => part === b.from?.[index]) &&
    isSameBox(a.rect, b.rect) &&
    isSameBox(a.whole, b.whole)
  );
}

const isSameBox = (a: Rect, b: Rect) =>
  a.x === b.x && a.y === b.y && a.width === b.width && a.height === b.height;
