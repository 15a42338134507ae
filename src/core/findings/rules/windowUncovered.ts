import { lengthFromTicks } from '../../length/length';
import { type Bounds, boundsOf, type Rect } from '../../outline/outline';
import { outlineOf } from '../../resolve/outlineOf';
import { splitWindows } from '../../outline/splitWindows';
import type { Side } from '../../plan/faces';
import { supportRect, type ResolvedCard } from '../../resolve/resolvedCard';
import type { ResolvedPiece } from '../../resolve/resolvedPiece';
import { findOn, type Finding, type Rule } from '../finding';

/** So much of a window a panel fills that is meant to be seen through it whole. */
const fillsMost = 0.75;

/**
 * A window whose picture ends within it, or too near its rim: what is behind reaches beyond the opening by so much on
 * every side. A die cut that stands in a window is a figure, not its picture.
 */
export const windowUncovered: Rule = {
  id: 'window-uncovered',
  find: ({ plan, card }) => {
    const overlap = plan.habits.windowOverlap.ticks;
    return card.pieces.flatMap((frame): Finding[] => {
      if (!frame.shape) return [];
      const windows = splitWindows(outlineOf(frame)).windows.map((polygon) => boundsOf([polygon]));
      const lacking = windows.flatMap((window) => {
        const behind = picturesBehind(card, frame, window);
        // What lies topmost is what one sees.
        const seen = behind.at(-1);
        const short = seen && shortestSide(seen.rect, window, overlap);
        return short ? [{ name: seen.name, ...short }] : [];
      });
      const [first] = lacking;
      return first
        ? [
            findOn(
              frame,
              'look',
              {
                rule: 'window-uncovered',
                by: first.name,
                side: first.side,
                reach: lengthFromTicks(Math.round(first.reach)),
                overlap,
              },
              [],
            ),
          ]
        : [];
    });
  },
};

/** The panels put on before the frame that fill most of a window, and what the frame itself lies on. */
function picturesBehind(card: ResolvedCard, frame: ResolvedPiece, window: Bounds) {
  const at = card.pieces.indexOf(frame);
  const support = card.pieces.find(({ id }) => id === frame.support);
  const under = { name: support?.name ?? 'the base', rect: supportRect(card, frame.support) };
  const panels = card.pieces
    .slice(0, at)
    .filter(
      ({ id, face, shape, piece }) =>
        face === frame.face && !shape && piece.place.turn === 0 && id !== frame.support,
    )
    .filter(({ rect }) => partSeen(rect, window) >= fillsMost);
  return [under, ...panels];
}

function partSeen({ x, y, width, height }: Rect, { x0, y0, x1, y1 }: Bounds): number {
  const across = Math.max(0, Math.min(x1, x + width) - Math.max(x0, x));
  const down = Math.max(0, Math.min(y1, y + height) - Math.max(y0, y));
  return (across * down) / ((x1 - x0) * (y1 - y0));
}

function shortestSide(
  { x, y, width, height }: Rect,
  { x0, y0, x1, y1 }: Bounds,
  overlap: number,
): { readonly side: Side; readonly reach: number } | undefined {
  const reaches: readonly { readonly side: Side; readonly reach: number }[] = [
    { side: 'left', reach: x0 - x },
    { side: 'top', reach: y0 - y },
    { side: 'right', reach: x + width - x1 },
    { side: 'bottom', reach: y + height - y1 },
  ];
  return reaches.filter(({ reach }) => reach < overlap).toSorted((a, b) => a.reach - b.reach)[0];
}
