import { lengthFromTicks, type Length, type Size, type Unit } from '../length/length';
import { joinWords } from '../words/phrases';
import type { Rect } from '../outline/outline';
import { writeMeasured } from '../measuring/rulerWords';
import type { StencilMoves, StencilPlacement } from '../stencilling/stencilMoves';

/**
 * How a stencil is laid down, one sentence a time; where it cannot go on, why not.
 * @example 'Lay its top left corner on that of the zone.'
 * @example 'Move it: flush with the left, 3 from the top of the zone. Mask off the finished 3 at its top.'
 */
export function stencilWords(moves: StencilMoves, zone: Size, unit: Unit): readonly string[] {
  if (!moves.ok) return [whyNot[moves.reason]];
  const write = (length: Length) => writeMeasured(length, unit, moves.isMeasured);
  return moves.placements.map(({ field, finished }, index) => {
    const off = finished.map((rect) => stripWords(rect, field, zone, write));
    const mask = off.length === 0 ? '' : ` Mask off what is finished: ${joinWords(off)}.`;
    const isAtCorner = field.x === 0 && field.y === 0;
    const place = isAtCorner
      ? 'its top left corner on that of the zone'
      : `${edgeWords(field.x, 'left', write)}, ${edgeWords(field.y, 'top', write)} of the zone`;
    return `${index === 0 ? 'Lay it' : 'Move it'}: ${place}.${mask}`;
  });
}

const whyNot: Readonly<Record<Extract<StencilMoves, { ok: false }>['reason'], string>> = {
  single: 'It is one picture and smaller than the zone, so it cannot go on. Make the zone smaller.',
  'long-repeat':
    'It repeats after more than its own size, so it cannot be moved to go on. Make the zone smaller.',
  'too-many': 'It is so small that it would be moved hundreds of times. Make the zone smaller.',
};

function edgeWords(at: Length, side: 'left' | 'top', write: (length: Length) => string): string {
  if (at === 0) return `flush with the ${side}`;
  const distance = write(lengthFromTicks(Math.abs(at)));
  return at > 0 ? `${distance} from the ${side}` : `${distance} over the ${side}`;
}

/** A strip along a whole side of what is coloured now is told by its width alone. */
function stripWords(
  rect: Rect,
  field: StencilPlacement['field'],
  zone: Size,
  write: (length: Length) => string,
): string {
  const [left, top] = [Math.max(0, field.x), Math.max(0, field.y)];
  const width = Math.min(zone.width, field.x + field.width) - left;
  const height = Math.min(zone.height, field.y + field.height) - top;
  if (rect.width === width)
    return `${write(rect.height)} at its ${rect.y === top ? 'top' : 'foot'}`;
  if (rect.height === height)
    return `${write(rect.width)} at its ${rect.x === left ? 'left' : 'right'}`;
  return `${write(rect.width)} × ${write(rect.height)} at its ${rect.y === top ? 'top' : 'foot'} ${rect.x === left ? 'left' : 'right'}`;
}
