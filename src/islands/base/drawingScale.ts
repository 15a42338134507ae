import { sumLengths } from '../../core/length/length';
import { isLifted } from '../../core/resolve/bond';
import type { Fold } from '../../core/paper/cardFormat';
import { looksForward, type FaceId } from '../../core/plan/faces';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import type { ResolvedPiece } from '../../core/resolve/resolvedPiece';

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
export interface EdgeLayer {
  readonly key: string;
  /** The piece or the base it belongs to. */
  readonly row: string;
  readonly box: Box;
  readonly colour: string | undefined;
  readonly kind: 'piece' | 'front-leaf' | 'back-leaf';
  /** Foam under it, as blocks with air between. */
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

/**
 * The layers of the closed card from the front (left) to the back: front layers, front leaf, what is
 * behind it, a break, inside layers, back leaf, back layers.
 */
export function edgeLayers(
  card: ResolvedCard,
  fold: Fold,
  scale: DrawingScale,
): readonly EdgeLayer[] {
  const perTick = scale.pixelsPerTick * scale.thicknessFactor;
  const { thickness } = card;
  const { caliper, paint } = card.base;
  const leafWidth = caliper * perTick;
  const frontLeaf = scale.edge.x + thickness.front * perTick;
  const behindFront = frontLeaf + leafWidth;
  const backLeaf =
    behindFront + (thickness['inside-front'] + thickness.inside) * perTick + gapOf(fold);
  const behindBack = fold === 'flat' ? behindFront : backLeaf + leafWidth;
  const leaf = (kind: 'front-leaf' | 'back-leaf', x: number): EdgeLayer => ({
    key: kind,
    row: 'base',
    box: { x, y: scale.edge.y, width: leafWidth, height: scale.edge.height },
    colour: paint.colour,
    kind,
    foam: undefined,
  });
  const layersOf = (face: FaceId, surface: number) =>
    card.pieces
      .filter((piece) => piece.face === face)
      .map((piece) => pieceLayer(piece, fold, surface, perTick, scale));
  return [
    ...layersOf('front', frontLeaf),
    leaf('front-leaf', frontLeaf),
    ...layersOf('inside-front', behindFront),
    ...layersOf('inside', backLeaf),
    ...(fold === 'flat' ? [] : [leaf('back-leaf', backLeaf)]),
    ...layersOf('back', behindBack),
  ];
}

function pieceLayer(
  piece: ResolvedPiece,
  fold: Fold,
  surface: number,
  perTick: number,
  scale: DrawingScale,
): EdgeLayer {
  const { face, rect, foot, caliper } = piece;
  // The upper leaf of an open tent is upside down once it is closed.
  const top =
    fold === 'tent' && face === 'inside-front'
      ? scale.edge.height - (rect.y + rect.height) * scale.pixelsPerTick
      : rect.y * scale.pixelsPerTick;
  const y = scale.edge.y + top;
  const height = rect.height * scale.pixelsPerTick;
  const width = caliper * perTick;
  const lift = piece.lift * perTick;
  const x = looksForward(face)
    ? surface - sumLengths(foot, caliper) * perTick
    : surface + foot * perTick;
  const foamX = looksForward(face) ? x + width : x - lift;
  return {
    key: piece.id,
    row: piece.id,
    box: { x, y, width, height },
    colour: piece.paint.colour,
    kind: 'piece',
    foam: isLifted(piece) ? { x: foamX, y, width: lift, height } : undefined,
  };
}
