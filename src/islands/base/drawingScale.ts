import { sumLengths } from '../../core/length/length';
import { adhesive } from '../../core/paper/adhesives';
import type { FaceId } from '../../core/plan/piece';
import type { ResolvedCard, ResolvedPiece } from '../../core/resolve/resolvedCard';

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
const breakGap = 30;
const factors = [20, 16, 12, 10, 8, 6, 4, 3, 2, 1];

/**
 * Fits main and edge view into a drawing `width` pixels wide and `height` high, both at one scale
 * and level. Thickness is enlarged by the largest round factor that fits.
 */
export function scaleDrawing(card: ResolvedCard, width: number, height: number): DrawingScale {
  const { face } = card.base;
  const room = { width: width - faceLeft - viewGap - edgeRoom - 20, height };
  const pixelsPerTick = Math.min(room.width / face.width, room.height / face.height);
  const size = { width: face.width * pixelsPerTick, height: face.height * pixelsPerTick };
  const closed = card.thickness.closed * pixelsPerTick;
  const thicknessFactor = factors.find((factor) => closed * factor <= edgeRoom - breakGap) ?? 1;
  return {
    pixelsPerTick,
    thicknessFactor,
    face: { x: faceLeft, y: faceTop, ...size },
    edge: {
      x: faceLeft + Math.max(size.width + viewGap, captionRoom),
      y: faceTop,
      width: closed * thicknessFactor + breakGap,
      height: size.height,
    },
  };
}

/**
 * The layers of the closed card from the front (left) to the back: front layers, front leaf, a
 * break, inside layers, back leaf.
 */
export function edgeLayers(card: ResolvedCard, scale: DrawingScale): readonly EdgeLayer[] {
  const perTick = scale.pixelsPerTick * scale.thicknessFactor;
  const { front, inside } = card.thickness;
  const { caliper, stock } = card.base;
  const frontLeaf = scale.edge.x + front * perTick;
  const insideStart = frontLeaf + caliper * perTick + breakGap;
  const backLeaf = insideStart + inside * perTick;
  const leaf = (x: number): Box => ({
    x,
    y: scale.edge.y,
    width: caliper * perTick,
    height: scale.edge.height,
  });
  const layersOf = (face: FaceId, surface: number) =>
    card.pieces
      .filter((piece) => piece.face === face)
      .map((piece) => pieceLayer(piece, surface, perTick, scale));
  return [
    ...layersOf('front', frontLeaf),
    {
      key: 'front-leaf',
      row: 'base',
      box: leaf(frontLeaf),
      colour: stock?.colour,
      kind: 'front-leaf',
      foam: undefined,
    },
    ...layersOf('inside', backLeaf),
    {
      key: 'back-leaf',
      row: 'base',
      box: leaf(backLeaf),
      colour: stock?.colour,
      kind: 'back-leaf',
      foam: undefined,
    },
  ];
}

function pieceLayer(
  piece: ResolvedPiece,
  surface: number,
  perTick: number,
  scale: DrawingScale,
): EdgeLayer {
  const top = sumLengths(piece.foot, piece.caliper);
  const y = scale.edge.y + piece.rect.y * scale.pixelsPerTick;
  const height = piece.rect.height * scale.pixelsPerTick;
  const box = { x: surface - top * perTick, y, width: piece.caliper * perTick, height };
  const hasFoam = adhesive(piece.piece.attach).foam;
  return {
    key: piece.id,
    row: piece.id,
    box,
    colour: piece.stock?.colour,
    kind: 'piece',
    foam: hasFoam ? { x: box.x + box.width, y, width: piece.lift * perTick, height } : undefined,
  };
}
