import type { FaceId } from '../plan/faces';
import type { Support } from '../plan/piece';
import { contains } from '../outline/distance';
import { isCutToShape } from '../plan/pieces';
import { isMark, outlineOf, type Placed } from '../resolve/outlineOf';
import type { ResolvedPiece } from '../resolve/resolvedPiece';
import type { SupportId } from '../resolve/origins';
import type { ResolvedCard } from '../resolve/resolvedCard';

/**
 * New things go on the selected paper, or on the panel that hides most of it; on what a selected mark lies on; else on the
 * foremost panel: not on a frame, which has no middle, nor on a bird that was cut out.
 */
export function newSupport(card: ResolvedCard, face: FaceId, first: Placed | undefined): Support {
  const on = first
    ? isMark(first)
      ? first.support
      : topOfStack(card, first).id
    : foremost(card, face);
  return on === 'base' ? { face } : { piece: on };
}

/** The panel of a stack of mats that is seen whole, from one of its mats. */
function topOfStack(card: ResolvedCard, paper: ResolvedPiece): ResolvedPiece {
  const area = ({ rect }: ResolvedPiece) => rect.width * rect.height;
  const hiding = card.pieces.findLast(
    (other) =>
      other.support === paper.id &&
      !isCutToShape(other.piece.size) &&
      2 * area(other) >= area(paper),
  );
  return hiding ? topOfStack(card, hiding) : paper;
}

function foremost(card: ResolvedCard, face: FaceId): SupportId {
  const papers = card.pieces.filter((piece) => piece.face === face);
  const panel =
    papers.findLast(({ piece }) => !isCutToShape(piece.size)) ?? papers.findLast(isSolid);
  return panel?.id ?? 'base';
}

/** Whether there is paper in the middle of its box. */
function isSolid(paper: ResolvedPiece): boolean {
  const { x, y, width, height } = paper.rect;
  return contains(outlineOf(paper), { x: x + width / 2, y: y + height / 2 });
}
