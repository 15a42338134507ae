import type { Rect } from '../outline/outline';
import {
  longerOf,
  subtractLengths,
  sumLengths,
  timesLength,
  zeroLength,
  type Length,
} from '../length/length';
import { isInside, type FaceId } from '../plan/faces';
import type { Library } from '../plan/library';
import { isPaper } from '../plan/pieces';
import { resolveMark, resolvePiece, startResolving, type PlacedOnly } from './resolvePieces';
import type { Plan } from '../plan/plan';
import { groupBySupport } from './groupBySupport';
import { layOver, marksOver } from './layOver';
import { letterAt } from './letterAt';
import { thicknessOfRibbon } from '../kinds/ribbon/ribbonKind';
import type { SupportId } from './origins';
import { isMark, type Placed } from './outlineOf';
import { markOrder, paintOrder, stackOrder, type PaintOrder } from './paintOrder';
import { isRibbon, papersBefore, ribbonBehind, ribbonTops } from './ribbonParts';
import { ribbonsAfter } from './ribbonsAfter';
import { resolveBase } from './resolveBase';
import { resolveScenes } from './resolveScenes';
import type { ResolvedBase, ResolvedCard } from './resolvedCard';
import type { ResolvedPiece } from './resolvedPiece';
import type { ResolvedMark } from './resolvedMark';
import { topOf } from './topOf';

/**
 * Turns every rule of a plan into figures: exact sizes, places, reveals and heights, each with its
 * origin. Layers turned off are left out, and what lies on them lies on what is under them. Pieces
 * that lie in a circle, on nothing, or come out without a size are listed with the reason, as are
 * those lying on them; the rest of the card is resolved all the same.
 * @example resolvePlan(plan, library).pieces[0]?.rect.width // 4 1/8 in
 */
export function resolvePlan(plan: Plan, library: Library): ResolvedCard {
  const base = resolveBase(plan.base, library);
  const task = startResolving(plan, base, library);
  const shown = plan.pieces.filter(({ isOff }) => !isOff);
  const found = shown.filter(isPaper).map((piece) => resolvePiece(piece, task));
  const marked = shown.flatMap((piece) => (isPaper(piece) ? [] : [resolveMark(piece, task)]));
  const placed = found.flatMap((outcome) => (outcome.ok ? [outcome.piece] : []));
  const ordered = task.faces.flatMap((face) => stackOrder(onFace(placed, face)));
  const bySupport = groupBySupport(ordered);
  const flat = ordered.map((piece, index): ResolvedPiece => {
    const lyingOn = bySupport.get(piece.id) ?? [];
    // Written out: a copy spread into a record of so many takes twice as long (half of all resolving, measured).
    return {
      id: piece.id,
      letter: letterAt(index + 1),
      name: piece.name,
      face: piece.face,
      support: piece.support,
      role: lyingOn.length > 0 ? 'mat' : isInside(piece.face) ? 'liner' : 'panel',
      rect: piece.rect,
      cut: piece.cut,
      reveals: piece.reveals,
      opening: openingIn(piece, lyingOn),
      crossesGate: piece.crossesGate,
      origins: piece.origins,
      uncut: piece.uncut,
      clip: piece.clip,
      shape: piece.shape,
      stitch: piece.stitch,
      isJoined: piece.isJoined,
      stock: piece.stock,
      paint: piece.paint,
      caliper: piece.caliper,
      bonds: piece.bonds,
      lift: piece.lift,
      foot: piece.foot,
      raised: piece.raised,
      piece: piece.piece,
    };
  });
  const laid = marked.flatMap((outcome) => (outcome.ok ? [outcome.mark] : []));
  const places = new Map<string, number>(shown.map(({ id }, at) => [id, at]));
  const placeOf = (id: string) => places.get(id) ?? 0;
  const pieces = layOver(flat, plan.habits, {
    after: ribbonsAfter(flat, laid, placeOf),
    behind: thicknessBehind(laid),
  });
  const { scenes, marks } = resolveScenes(plan, base, pieces, markOrder(marksOver(pieces, laid)));
  const painted = paintOrder(pieces, marks, ribbonsAfter(pieces, marks, placeOf));
  return {
    base,
    pieces,
    marks,
    scenes,
    painted,
    impossible: [...found, ...marked].flatMap((each) => (!each.ok ? [each.impossible] : [])),
    thickness: thicknessOf(painted, base, plan),
  };
}

/** The hole under the largest piece on it, all but the rim; none where that leaves nothing to cut. */
function openingIn({ piece }: PlacedOnly, lyingOn: readonly PlacedOnly[]): Rect | undefined {
  const rim = piece.cutOut?.rim.ticks;
  if (rim === undefined) return undefined;
  const area = ({ rect }: PlacedOnly) => rect.width * rect.height;
  const [largest] = lyingOn.toSorted((a, b) => area(b) - area(a));
  if (!largest) return undefined;
  const { x, y, width, height } = largest.rect;
  const opening = {
    x: sumLengths(x, rim),
    y: sumLengths(y, rim),
    width: subtractLengths(width, timesLength(rim, 2)),
    height: subtractLengths(height, timesLength(rim, 2)),
  };
  return opening.width > 0 && opening.height > 0 ? opening : undefined;
}

function onFace<P extends PlacedOnly>(pieces: readonly P[], face: FaceId): readonly P[] {
  return pieces.filter((piece) => piece.face === face);
}

/** The stacks inside meet when the card is closed, so both count. */
function thicknessOf(
  painted: PaintOrder,
  { caliper }: ResolvedBase,
  { base }: Plan,
): ResolvedCard['thickness'] {
  const top = (face: FaceId) =>
    painted[face].reduce<Length>(
      (highest, placed) => longerOf(highest, heightOf(placed, painted[face])),
      zeroLength,
    );
  const stacks: Readonly<Record<FaceId, Length>> = {
    front: top('front'),
    'inside-front': top('inside-front'),
    inside: top('inside'),
    back: top('back'),
  };
  const leaves = base.fold === 'flat' ? 1 : 2;
  return {
    ...stacks,
    closed: sumLengths(...Object.values(stacks), timesLength(caliper, leaves)),
  };
}

/** Of the upper side of anything above its face, at its highest. */
function heightOf(placed: Placed, order: readonly Placed[]): Length {
  if (!isMark(placed)) return topOf(placed);
  if (!isRibbon(placed)) return sumLengths(placed.foot, placed.height);
  return ribbonTops(placed, papersBefore(order, placed)).reduce<Length>(
    (most, { top }) => longerOf(most, top),
    zeroLength,
  );
}

/** How thick the ribbon is that goes behind a paper. */
function thicknessBehind(marks: readonly ResolvedMark[]): (paper: SupportId) => Length {
  const thickest = new Map<SupportId, Length>();
  for (const mark of marks)
    if (isRibbon(mark) && ribbonBehind(mark).length > 0)
      thickest.set(
        mark.support,
        longerOf(thickest.get(mark.support) ?? zeroLength, thicknessOfRibbon(mark.piece)),
      );
  return (paper) => thickest.get(paper) ?? zeroLength;
}
