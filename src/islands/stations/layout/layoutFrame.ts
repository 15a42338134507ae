import { breakGap, type DrawingScale } from '../../parts/drawingScale';
import type { Fold } from '../../../core/paper/cardFormat';
import type { ResolvedCard } from '../../../core/resolve/resolvedCard';
import type { View } from './useView';

/** How the face and its edge view stand in the drawing of the Layout station. */
export interface LayoutFrame extends DrawingScale {
  /** The face as large as fits, before it is looked at closer. */
  readonly fitted: number;
  /** Right of the face, level with it; or below it, where the face is broad. */
  readonly edgeIs: 'beside' | 'below';
}

/** Left for the whole sizes, above and to the right for the distances of what is selected, below for the caption. */
const room = { left: 92, top: 84, right: 82, bottom: 40 };
const edgeGap = 4;
const edgeRoom = 92;
/** Between a broad face with its caption and the edge view below it. */
const belowGap = 46;

/**
 * Fits a face into a drawing as large as goes: with its edge view level beside it, or below it where that leaves more for
 * the face; then as close as it is looked at, around the point that stays where it is.
 */
export function layoutFrame(
  card: ResolvedCard,
  fold: Fold,
  { width, height }: { readonly width: number; readonly height: number },
  view: View,
): LayoutFrame {
  const { face } = card.base;
  const high = height - room.top - room.bottom;
  const beside = Math.min(
    (width - room.left - room.right - edgeGap - edgeRoom) / face.width,
    high / face.height,
  );
  const below = Math.min(
    (width - room.left - room.right) / face.width,
    (high - belowGap) / (2 * face.height),
  );
  const edgeIs = below > beside ? 'below' : 'beside';
  const fitted = Math.max(beside, below);
  const pixelsPerTick = fitted * view.closer;
  const size = { width: face.width * pixelsPerTick, height: face.height * pixelsPerTick };
  // Of the whole face, so that looking closer moves nothing but by the view.
  const free =
    width -
    room.left -
    room.right -
    face.width * fitted -
    (edgeIs === 'beside' ? edgeGap + edgeRoom : 0);
  const x = room.left + Math.max(0, Math.floor(free / 3)) + view.x;
  const y = room.top + view.y;
  const closed = card.thickness.closed * fitted;
  const gap = fold === 'flat' ? 0 : breakGap;
  const thicknessFactor = Math.max(1, Math.floor((edgeRoom - gap) / Math.max(1, closed)));
  const edgeWidth = closed * view.closer * thicknessFactor + gap;
  return {
    fitted,
    edgeIs,
    pixelsPerTick,
    thicknessFactor,
    face: { x, y, ...size },
    edge: {
      x: edgeIs === 'below' ? x : x + size.width + room.right + edgeGap,
      y: edgeIs === 'below' ? y + size.height + belowGap : y,
      width: edgeWidth,
      height: size.height,
    },
  };
}
