import { contains } from '../outline/distance';
import type { Outline } from '../outline/outline';
import { stampAreas, pointWithin } from '../kinds/image/stampAreas';
import type { TypedLength } from '../length/typedLength';
import type { Stamp } from '../plan/libraryItem';
import type { PieceOf } from '../plan/piece';
import type { ChangeOf } from '../plan/pieceEdits';
import { mostImageParts, mostPartAreas } from '../plan/pieces/image';

type Image = PieceOf<'image'>;
type Part = Image['parts'][number];

/** Which areas of a stamp a part lies on, by their index. */
export function areasOfPart({ at, gap }: Part, stamp: Stamp): readonly number[] {
  return stampAreas(stamp, gap.ticks).flatMap((area, index) => (isOn(at, area) ? [index] : []));
}

/** The change that makes a part of one area, uncoloured to begin with; undefined where there are as many as there may be. */
export function pickPart(
  { parts }: Image,
  stamp: Stamp,
  area: Outline,
  gap: TypedLength,
): ChangeOf<'image'> | undefined {
  if (parts.length >= mostImageParts) return undefined;
  const names = new Set(parts.map(({ name }) => name));
  let number = parts.length + 1;
  while (names.has(`part ${number}`)) number++;
  const at = [pointWithin(area)];
  const part: Part = { name: `part ${number}`, at, gap, drawing: stamp.version, colour: null };
  return { parts: [...parts, part] };
}

/** The change that adds an area to a part, or takes it out; a part keeps its last one. */
export function toggleArea(
  { parts }: Image,
  index: number,
  area: Outline,
): ChangeOf<'image'> | undefined {
  const part = parts[index];
  if (!part) return undefined;
  const left = part.at.filter((point) => !contains(area, point));
  const at = left.length < part.at.length ? left : [...part.at, pointWithin(area)];
  if (at.length === 0 || at.length > mostPartAreas) return undefined;
  return changePart(parts, index, { at });
}

/** The change of one part of an image. */
export function changePart(
  parts: Image['parts'],
  index: number,
  change: Partial<Part>,
): ChangeOf<'image'> {
  return { parts: parts.map((part, at) => (at === index ? { ...part, ...change } : part)) };
}

const isOn = (at: Part['at'], area: Outline) => at.some((point) => contains(area, point));
