import type { Outline } from '../outline/outline';
import type { Fold } from '../paper/cardFormat';
import type { FaceId } from '../plan/faces';
import type { Plan } from '../plan/plan';
import { isLifted } from '../resolve/bond';
import { distinctName } from '../resolve/distinctNames';
import { outlineOf, outlineOfBase } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { Plate, Stack } from './plate';

/** What a card's heights are reckoned from. Prints and all that stand no higher than their paper are left out. */
export function stackOf({ base: { fold } }: Plan, card: ResolvedCard): Stack {
  const papers = card.pieces.map((piece): Plate => ({
    id: piece.id,
    name: piece.name,
    face: piece.face,
    outline: closedOutline(outlineOf(piece), piece.face, fold, card),
    foot: piece.foot,
    caliper: piece.caliper,
    held: heldBy(piece),
  }));
  const stuck = card.marks
    .filter(({ height }) => height > 0)
    .map((mark): Plate => ({
      id: mark.id,
      name: distinctName(card, mark.id),
      face: mark.face,
      outline: closedOutline(outlineOf(mark), mark.face, fold, card),
      foot: mark.foot,
      caliper: mark.height,
      held: undefined,
    }));
  return {
    plates: [...papers, ...stuck],
    face: outlineOfBase(card.base),
    leaves: fold === 'flat' ? 1 : 2,
    caliper: card.base.caliper,
  };
}

/** What lifts a piece, where something does that is not flat. */
function heldBy(piece: ResolvedCard['pieces'][number]): Plate['held'] {
  if (piece.raised > 0) return undefined;
  const { kind } = piece.piece.motion ?? {};
  if (kind === 'wobbler' && !isLifted(piece)) return { name: 'spring', height: piece.lift };
  const [highest] = piece.bonds.toSorted((a, b) => b.height - a.height);
  return highest && { name: highest.adhesive.name, height: highest.height };
}

/** The outlines of faces one sees from behind, as they lie in the closed card, by the size of the card. */
const known = new WeakMap<Outline, Map<string, Outline>>();

/**
 * An outline on a face as it lies in the closed card seen from its front. Back and inside left are seen from behind, so
 * left and right change places; the inside top of a tent is folded down, so top and bottom do.
 */
export function closedOutline(
  outline: Outline,
  face: FaceId,
  fold: Fold,
  { base: { face: size } }: Pick<ResolvedCard, 'base'>,
): Outline {
  const isTurned = face === 'inside-front' && fold === 'tent';
  const isMirrored = !isTurned && (face === 'inside-front' || face === 'back');
  if (!isTurned && !isMirrored) return outline;
  const key = isTurned ? `down ${size.height}` : `across ${size.width}`;
  const own = known.get(outline) ?? new Map<string, Outline>();
  known.set(outline, own);
  const laid =
    own.get(key) ??
    outline.map((polygon) =>
      polygon.map(({ x, y }) => (isTurned ? { x, y: size.height - y } : { x: size.width - x, y })),
    );
  own.set(key, laid);
  return laid;
}
