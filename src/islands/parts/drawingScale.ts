import { edgeSection, type SectionLayer } from '../../core/pictures/edgeSection';
import type { Rect } from '../../core/outline/outline';
import type { Fold } from '../../core/paper/cardFormat';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';

/** A rectangle on screen, in CSS pixels. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Where the main view and the edge view stand, and at what scale. */
export interface DrawingScale {
  readonly pixelsPerTick: number;
  readonly face: Box;
  readonly edge: Box;
  /** How many times thickness is enlarged against the face. */
  readonly thicknessFactor: number;
}

/** One layer cut through, as it stands in the edge view. */
export interface EdgeLayer extends Pick<SectionLayer, 'key' | 'row' | 'kind' | 'colour'> {
  readonly box: Box;
  readonly foam: Box | undefined;
}

const faceLeft = 92;
const faceTop = 66;
const viewGap = 64;
const edgeRoom = 128;
/** The caption of a narrow main view must end before the edge view's begins. */
const captionRoom = 262;
/** Between the leaves the card is drawn broken open. */
export const breakGap = 30;
const factors = [20, 16, 12, 10, 8, 6, 4, 3, 2, 1];

/** A gate fold also has a view from above, under the main view. */
export const fromAboveRoom = 76;

/**
 * Fits main and edge view into a drawing `width` pixels wide and `height` high, both at one scale
 * and level. Thickness is enlarged by the largest round factor that fits.
 */
export function scaleDrawing(
  card: ResolvedCard,
  fold: Fold,
  width: number,
  height: number,
): DrawingScale {
  const { face } = card.base;
  const room = {
    width: width - faceLeft - viewGap - edgeRoom - 20,
    height: fold === 'gate' ? height - fromAboveRoom : height,
  };
  const pixelsPerTick = Math.min(room.width / face.width, room.height / face.height);
  const size = { width: face.width * pixelsPerTick, height: face.height * pixelsPerTick };
  const closed = card.thickness.closed * pixelsPerTick;
  const gap = gapOf(fold);
  const thicknessFactor = factors.find((factor) => closed * factor <= edgeRoom - gap) ?? 1;
  return {
    pixelsPerTick,
    thicknessFactor,
    face: { x: faceLeft, y: faceTop, ...size },
    edge: {
      x: faceLeft + Math.max(size.width + viewGap, captionRoom),
      y: faceTop,
      width: closed * thicknessFactor + gap,
      height: size.height,
    },
  };
}

/** A flat card has one leaf, so nothing is broken open. */
const gapOf = (fold: Fold) => (fold === 'flat' ? 0 : breakGap);

/** The layers of the closed card as they stand in the edge view, broken open between the leaves. */
export function edgeLayers(
  card: ResolvedCard,
  fold: Fold,
  { edge, pixelsPerTick, thicknessFactor }: DrawingScale,
): readonly EdgeLayer[] {
  const across = pixelsPerTick * thicknessFactor;
  return edgeSection(card, fold).map(({ box, foam, isBehindGap, ...layer }) => {
    const left = edge.x + (isBehindGap ? gapOf(fold) : 0);
    const drawn = ({ x, y, width, height }: Rect): Box => ({
      x: left + x * across,
      y: edge.y + y * pixelsPerTick,
      width: width * across,
      height: height * pixelsPerTick,
    });
    return { ...layer, box: drawn(box), foam: foam && drawn(foam) };
  });
}
