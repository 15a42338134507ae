import { corners, rounded, type Outline } from '../outline/outline';
import type { PlacedMark } from './markKind';
import type { Stroke } from './stroke';
import type { LetteringId } from '../lettering/letterings';

/** How far letters reach above and below their line, in ems; capitals and descenders, about. */
const aboveBaseline = 0.7;
const belowBaseline = 0.2;

/** Lines of words, each taken for the box of its letters, as one keeps clear of it; a single line for the box of its ink. */
export function wordOutline(
  words: NonNullable<PlacedMark['words']>,
  { rect, whole }: Pick<PlacedMark, 'rect' | 'whole'>,
): Outline {
  if (words.lines.length === 1) return [corners(rect)];
  return words.lines.map(({ x, baseline, advance }) =>
    corners({
      x: whole.x + x,
      y: whole.y + baseline - words.em * aboveBaseline,
      width: advance,
      height: words.em * (aboveBaseline + belowBaseline),
    }).map(rounded),
  );
}

export function wordStroke(
  { em, lines }: NonNullable<PlacedMark['words']>,
  lettering: LetteringId,
  colour: string,
): Stroke {
  return { kind: 'words', lines, em, lettering, colour };
}
