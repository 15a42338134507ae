import { corners, rounded, type Outline } from '../outline/outline';
import type { PlacedMark } from './markKind';
import type { Paint } from './paint';
import type { Stroke } from './stroke';
import type { LetteringId } from '../lettering/letterings';

/** Lines of words, each taken for the box of its ink; a single line for the whole box, which a stamp may be larger by. */
export function wordOutline(
  words: NonNullable<PlacedMark['words']>,
  { rect, whole }: Pick<PlacedMark, 'rect' | 'whole'>,
): Outline {
  if (words.lines.length === 1) return [corners(rect)];
  return words.lines
    .filter(({ ink }) => ink.width > 0 && ink.height > 0)
    .map(({ ink }) => corners({ ...ink, x: whole.x + ink.x, y: whole.y + ink.y }).map(rounded));
}

export function wordStroke(
  { em, lines }: NonNullable<PlacedMark['words']>,
  lettering: LetteringId,
  paint: Paint,
): Stroke {
  return { kind: 'words', lines, em, lettering, paint };
}
