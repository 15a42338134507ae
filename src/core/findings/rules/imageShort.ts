import { lengthFromTicks } from '../../length/length';
import { boxOnFace } from '../../resolve/boxOnFace';
import { boundsOf, type Bounds } from '../../outline/outline';
import { outlineOf } from '../../resolve/outlineOf';
import { splitWindows } from '../../outline/splitWindows';
import { supportRect, type ResolvedCard } from '../../resolve/resolvedCard';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import { isGround, type ResolvedMark } from '../../resolve/resolvedMark';
import { findOn, type Finding, type Rule } from '../finding';
import { deed } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/** An image fills a window where it is at least so wide as this part of it. */
const fillsWidth = 0.7;

/**
 * An image in a window that ends above its foot with nothing to stand on: move it down, draw a ground, or choose a
 * smaller opening. The remedy lets it down to the rim.
 */
export const imageShort: Rule = {
  id: 'image-short',
  find: ({ plan, card }) => {
    const [mark] = plan.habits.trimmerMarks;
    return card.pieces.flatMap((frame): Finding[] => {
      if (!frame.shape) return [];
      const windows = splitWindows(outlineOf(frame)).windows.map((line) => boundsOf([line]));
      return windows.flatMap((window) =>
        imagesBehind(card, frame)
          .map((image) => ({ image, gap: gapAtFoot(image, window) }))
          .filter(({ gap }) => gap > (mark?.ticks ?? 0))
          .filter(({ image }) => !standsOnSomething(card, image, frame))
          .map(({ image, gap }) => letDown(card, image, gap)),
      );
    });
  },
};

function imagesBehind(card: ResolvedCard, frame: ResolvedPiece): readonly ResolvedMark[] {
  const before = card.pieces.slice(0, card.pieces.indexOf(frame)).map(({ id }) => id as string);
  return card.marks.filter(
    (mark) =>
      mark.face === frame.face &&
      mark.piece.kind === 'image' &&
      !mark.words &&
      !isGround(mark) &&
      (mark.support === 'base' || before.includes(mark.support)),
  );
}

/** From the foot of an image to the foot of the window it fills; zero where it fills none. */
function gapAtFoot(image: ResolvedMark, { x0, y0, x1, y1 }: Bounds): number {
  const { x, y, width, height } = boxOnFace(image);
  const isInIt = x + width > x0 && x < x1 && y + height > y0 && y + height < y1;
  const shown = Math.min(x1, x + width) - Math.max(x0, x);
  return isInIt && shown >= fillsWidth * (x1 - x0) ? y1 - (y + height) : 0;
}

/** Whether another thing on the same paper reaches from under its foot. */
function standsOnSomething(card: ResolvedCard, image: ResolvedMark, frame: ResolvedPiece): boolean {
  const box = boxOnFace(image);
  const foot = box.y + box.height;
  return [...card.marks, ...card.pieces].some((other) => {
    if (
      other.id === image.id ||
      other.id === frame.id ||
      other.face !== image.face ||
      other.support !== image.support
    )
      return false;
    const own = boxOnFace(other);
    return (
      own.y <= foot &&
      own.y + own.height > foot &&
      own.x < box.x + box.width &&
      own.x + own.width > box.x
    );
  });
}

function letDown(card: ResolvedCard, image: ResolvedMark, gap: number): Finding {
  const by = lengthFromTicks(Math.round(gap));
  const { rect, piece, support } = image;
  const top = lengthFromTicks(rect.y - supportRect(card, support).y + by);
  return findOn(image, 'look', { rule: 'image-short', gap: by }, [
    deed(
      'let-down',
      changePiece(image.piece, {
        place: { ...piece.place, y: { from: 'top', distance: { ticks: top } } },
      }),
    ),
  ]);
}
