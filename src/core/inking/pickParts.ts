import { contains } from '../outline/distance';
import type { Outline, Rect } from '../outline/outline';
import { pointWithin } from '../kinds/image/pointWithin';
import { stampAreas } from '../kinds/image/stampAreas';
import { layerAt } from '../kinds/layerAt';
import type { TypedLength } from '../length/typedLength';
import type { Stamp } from '../plan/libraryItem';
import type { PieceOf } from '../plan/piece';
import type { ChangeOf } from '../plan/pieceEdits';
import type { ResolvedMark } from '../resolve/resolvedMark';
import { mostImageParts, mostPartAreas } from '../plan/planFacts';

type Image = PieceOf<'image'>;
type Part = Image['parts'][number];

/** An area that can be pointed at. */
export interface PickableArea {
  /** Which of all it is, from 0. */
  readonly index: number;
  /** In the units of the box it is drawn in. */
  readonly outline: Outline;
}

/** Areas on a mark that can be pointed at. */
export interface PickableAreas {
  readonly mark: ResolvedMark;
  readonly areas: readonly PickableArea[];
  readonly box: { readonly width: number; readonly height: number };
  /** Where that box lies on the face. */
  readonly at: Rect;
  /** Those of the chosen part, by their index. */
  readonly own: readonly number[];
}

/** The image of the chosen part whose lines enclose areas, and how parts are picked out of them. */
export interface PickableParts extends PickableAreas {
  readonly kind: 'lines';
  readonly piece: PieceOf<'image'>;
  readonly stamp: Stamp;
  readonly gap: TypedLength;
  /** The chosen part, where that was picked out of the lines. */
  readonly index: number | undefined;
}

/**
 * What can be picked on a mark.
 * @param layer the chosen one, which may be a part already
 * @param usual so wide a gap is closed where none is chosen
 * @returns undefined where its lines enclose nothing
 */
export function pickableOf(
  mark: ResolvedMark,
  layer: number,
  usual: TypedLength,
): PickableParts | undefined {
  const { piece, stamp } = mark;
  if (piece.kind !== 'image' || !stamp || stamp.words) return undefined;
  const at = layerAt(piece, layer);
  const picked = at.kind === 'part' ? at : undefined;
  const gap = picked?.part.gap ?? usual;
  const areas = stampAreas(stamp, gap.ticks).map((outline, index) => ({ index, outline }));
  if (areas.length === 0) return undefined;
  return {
    kind: 'lines',
    ...{ mark, piece, stamp, areas, gap, index: picked?.index },
    box: stamp.shape.box,
    at: mark.whole,
    own: picked ? areasOfPart(picked.part, stamp) : [],
  };
}

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
