import {
  longerOf,
  subtractLengths,
  sumLengths,
  timesLength,
  zeroLength,
  type Length,
} from '../length/length';
import { facesOf, isInside, type FaceId } from '../plan/faces';
import type { PieceId } from '../plan/ids';
import { findStock, type Library } from '../plan/libraryItem';
import type { Piece, PlaceRule } from '../plan/piece';
import type { Plan } from '../plan/plan';
import { letterAt } from './letterAt';
import { placePiece } from './placePiece';
import { resolveBase, unknownCaliper } from './resolveBase';
import type {
  ImpossiblePiece,
  Rect,
  ResolvedBase,
  ResolvedCard,
  ResolvedPiece,
  SupportId,
} from './resolvedCard';
import { isInCircle, sizeOf, supportOf, type SizeTask } from './sizePlan';

/**
 * Turns every rule of a plan into figures: exact sizes, places, reveals and heights, each with its
 * origin. Layers turned off are left out, and what lies on them lies on what is under them. Pieces
 * that lie in a circle, on nothing, or come out without a size are listed with the reason, as are
 * those lying on them; the rest of the card is resolved all the same.
 * @example resolvePlan(plan, library).pieces[0]?.rect.width // 4 1/8 in
 */
export function resolvePlan(plan: Plan, library: Library): ResolvedCard {
  const base = resolveBase(plan.base, library);
  const faces = facesOf(plan.base.fold);
  const task: Task = {
    plan,
    base,
    faces,
    face: base.face,
    library,
    byId: new Map(plan.pieces.map((piece) => [piece.id, piece])),
    sizes: new Map(),
    outcomes: new Map(),
  };
  const found = plan.pieces.filter(({ isOff }) => !isOff).map((piece) => resolvePiece(piece, task));
  const placed = found.flatMap((outcome) => (outcome.ok ? [outcome.piece] : []));
  const ordered = faces.flatMap((face) => onFace(placed, face));
  const bySupport = groupBySupport(ordered);
  const pieces = ordered.map((piece, index): ResolvedPiece => {
    const lyingOn = bySupport.get(piece.id) ?? [];
    return {
      ...piece,
      letter: letterAt(index + 1),
      role: lyingOn.length > 0 ? 'mat' : isInside(piece.face) ? 'liner' : 'panel',
      opening: openingIn(piece, lyingOn),
    };
  });
  return {
    base,
    pieces,
    impossible: found.flatMap((outcome) => (!outcome.ok ? [outcome.impossible] : [])),
    thickness: thicknessOf(pieces, base, plan),
  };
}

type PlacedOnly = Omit<ResolvedPiece, 'letter' | 'role' | 'opening'>;
type Outcome =
  | { readonly ok: true; readonly piece: PlacedOnly }
  | { readonly ok: false; readonly impossible: ImpossiblePiece };

interface Task extends SizeTask {
  readonly plan: Plan;
  readonly base: ResolvedBase;
  readonly faces: readonly FaceId[];
  /** What is settled already; each piece is resolved once. */
  readonly outcomes: Map<PieceId, Outcome>;
}

/** Resolves what the piece lies on first. */
function resolvePiece(piece: Piece, task: Task): Outcome {
  const known = task.outcomes.get(piece.id);
  if (known) return known;
  const outcome = resolveOnSupport(piece, task);
  task.outcomes.set(piece.id, outcome);
  return outcome;
}

function resolveOnSupport(piece: Piece, task: Task): Outcome {
  const on = supportOf(piece, task.byId);
  if ('face' in on) {
    if (!task.faces.includes(on.face)) return fail(piece, { code: 'no-face', face: on.face });
    const rect = { x: zeroLength, y: zeroLength, ...task.base.face };
    return resolveOn(piece, task, { id: 'base', face: on.face, rect, top: zeroLength });
  }
  const under = task.byId.get(on.piece);
  if (!under) return fail(piece, { code: 'nothing-under' });
  if (isInCircle(piece, (each) => pieceUnder(each, task))) return fail(piece, { code: 'circle' });
  const support = resolvePiece(under, task);
  if (!support.ok) return fail(piece, { code: 'below', support: under.id });
  const { id, face, rect, foot, caliper } = support.piece;
  return resolveOn(piece, task, { id, face, rect, top: sumLengths(foot, caliper), mat: under });
}

function pieceUnder(piece: Piece, { byId }: Task): Piece | undefined {
  const on = supportOf(piece, byId);
  return 'piece' in on ? byId.get(on.piece) : undefined;
}

function fail({ id, name }: Piece, reason: ImpossiblePiece['reason']): Outcome {
  return { ok: false, impossible: { id, name, reason } };
}

interface Under {
  readonly id: SupportId;
  readonly face: FaceId;
  readonly rect: Rect;
  readonly top: Length;
  readonly mat?: Piece;
}

function resolveOn(piece: Piece, task: Task, under: Under): Outcome {
  const sized = sizeOf(piece, task);
  if (!sized.ok) return fail(piece, sized.reason);
  const { size } = sized;
  const { rect, reveals, origins } = placePiece(
    placeRuleOf(piece, under.mat),
    size,
    under.rect,
    under.id,
  );
  const stock = findStock(task.library, piece.stock);
  const lift = task.plan.habits.adhesiveHeights[piece.attach].ticks;
  return {
    ok: true,
    piece: {
      id: piece.id,
      name: piece.name,
      face: under.face,
      support: under.id,
      rect,
      cut: cutSize(piece, rect),
      reveals,
      crossesGate: under.id === 'base' && under.face === 'front' && crossesGate(rect, task),
      origins: { ...size.origins, ...origins },
      stock,
      caliper: stock?.caliper.ticks ?? unknownCaliper,
      lift,
      foot: sumLengths(under.top, lift),
      piece,
    },
  };
}

/** A size given side by side places the piece too, and so does a mat built round it. */
function placeRuleOf({ id, size, place }: Piece, mat: Piece | undefined): PlaceRule {
  const sides =
    size.by === 'sides'
      ? size
      : mat?.size.by === 'outset' && mat.size.around === id
        ? mat.size
        : undefined;
  if (!sides) return place;
  return { x: { from: 'left', distance: sides.left }, y: { from: 'top', distance: sides.top } };
}

function cutSize({ trim }: Piece, { width, height }: Rect): ResolvedPiece['cut'] {
  if (!trim) return { width, height };
  return {
    width: sumLengths(width, trim.left.ticks, trim.right.ticks),
    height: sumLengths(height, trim.top.ticks, trim.bottom.ticks),
  };
}

function crossesGate({ x, width }: Rect, { plan, base }: Task): boolean {
  const middle = plan.base.fold === 'gate' ? base.scores[0]?.at : undefined;
  return middle !== undefined && x < middle && sumLengths(x, width) > middle;
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

function groupBySupport(
  pieces: readonly PlacedOnly[],
): ReadonlyMap<SupportId, readonly PlacedOnly[]> {
  const groups = new Map<SupportId, PlacedOnly[]>();
  for (const piece of pieces) {
    const group = groups.get(piece.support);
    if (group) group.push(piece);
    else groups.set(piece.support, [piece]);
  }
  return groups;
}

function onFace<P extends PlacedOnly>(pieces: readonly P[], face: FaceId): readonly P[] {
  return pieces.filter((piece) => piece.face === face);
}

/** The stacks inside meet when the card is closed, so both count. */
function thicknessOf(
  pieces: readonly ResolvedPiece[],
  { caliper }: ResolvedBase,
  { base }: Plan,
): ResolvedCard['thickness'] {
  const top = (face: FaceId) =>
    onFace(pieces, face).reduce<Length>(
      (highest, { foot, caliper: own }) => longerOf(highest, sumLengths(foot, own)),
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
