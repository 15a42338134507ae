import type { FaceId } from '../plan/faces';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { drawFace } from './drawFace';
import { faceShapes } from './faceShapes';
import type { Page } from '../drawing/shape';

/** A face of the card as a picture of its size in life. */
export function facePage(card: ResolvedCard, face: FaceId, title: string): Page {
  const { width, height } = card.base.face;
  return {
    title,
    width,
    height,
    layers: [{ id: face, shapes: faceShapes(drawFace(card, face)) }],
  };
}
