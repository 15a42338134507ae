import type { Outline } from '../outline/outline';
import type { Fold } from '../paper/cardFormat';
import { thicknessOfRibbon } from '../kinds/ribbon/ribbonKind';
import { subtractLengths, sumLengths, zeroLength, type Length } from '../length/length';
import { faceBehind, faceIds, type FaceId } from '../plan/faces';
import type { Plan } from '../plan/plan';
import { isLifted } from '../resolve/bond';
import { distinctName } from '../resolve/distinctNames';
import { isMark, outlineOf, outlineOfBase } from '../resolve/outlineOf';
import type { SupportId } from '../resolve/origins';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { isRibbon, ribbonBehind, ribbonParts, type Ribbon } from '../resolve/ribbonParts';
import type { Plate, Stack } from './plate';

/** What a card's heights are reckoned from. Prints and all that stand no higher than their paper are left out. */
export function stackOf({ base: { fold } }: Plan, card: ResolvedCard): Stack {
  const ribbons = card.marks.filter(isRibbon);
  const behind = (paper: SupportId) =>
    ribbons.filter((each) => each.support === paper && ribbonBehind(each).length > 0);
  const laid = faceIds.flatMap((face) =>
    card.painted[face].flatMap((placed): readonly Plate[] => {
      if (isRibbon(placed)) return platesOf(placed, card, fold);
      if (isMark(placed)) return [];
      const ground = subtractLengths(placed.foot, sumLengths(placed.lift, placed.raised));
      return [
        ...behind(placed.id).map((each) => plateBehind(each, card, { fold, face, foot: ground })),
        {
          id: placed.id,
          name: placed.name,
          face,
          outline: closedOutline(outlineOf(placed), face, fold, card),
          foot: placed.foot,
          caliper: placed.caliper,
          held: heldBy(placed),
        },
      ];
    }),
  );
  const roundLeaf = behind('base').map((each) =>
    plateBehind(each, card, { fold, face: faceBehind(each.face, fold), foot: zeroLength }),
  );
  const stuck = card.marks
    .filter((mark) => mark.height > 0 && !isRibbon(mark))
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
    plates: [...roundLeaf, ...laid, ...stuck],
    face: outlineOfBase(card.base),
    leaves: fold === 'flat' ? 1 : 2,
    caliper: card.base.caliper,
  };
}

/** A ribbon follows what is under it, and so does the bow on it. */
function platesOf(ribbon: Ribbon, card: ResolvedCard, fold: Fold): readonly Plate[] {
  const name = distinctName(card, ribbon.id);
  return ribbonParts(ribbon).map(({ of, outline, height }) => ({
    id: ribbon.id,
    name: of === 'bow' ? `${ribbon.piece.bow?.look === 'knot' ? 'knot' : 'bow'} of ${name}` : name,
    face: ribbon.face,
    outline: closedOutline(outline, ribbon.face, fold, card),
    foot: sumLengths(ribbon.foot, ...(of === 'bow' ? [thicknessOfRibbon(ribbon.piece)] : [])),
    caliper: height,
    held: undefined,
  }));
}

interface BehindAt {
  readonly fold: Fold;
  readonly face: FaceId;
  readonly foot: Length;
}

/** What of a ribbon lies behind its paper or its leaf. */
function plateBehind(ribbon: Ribbon, card: ResolvedCard, { fold, face, foot }: BehindAt): Plate {
  return {
    id: ribbon.id,
    name: `${distinctName(card, ribbon.id)} behind`,
    face,
    // Seen from the front it lies under what is seen of it there.
    outline: closedOutline(ribbonBehind(ribbon), ribbon.face, fold, card),
    foot,
    caliper: thicknessOfRibbon(ribbon.piece),
    held: undefined,
  };
}

/** What a spring under a piece is called among what holds pieces. */
export const springName = 'spring';

/** What lifts a piece, where something does that is not flat. */
function heldBy(piece: ResolvedCard['pieces'][number]): Plate['held'] {
  if (piece.raised > 0) return undefined;
  const { kind } = piece.piece.motion ?? {};
  if (kind === 'wobbler' && !isLifted(piece)) return { name: springName, height: piece.lift };
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
