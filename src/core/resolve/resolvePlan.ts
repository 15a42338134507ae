import { outlineOfPaper } from './outlineOf';
import type { Outline, Rect } from '../outline/outline';
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
import { findStock, type Library } from '../plan/library';
import type { Mark, Paper, Piece, PlaceRule } from '../plan/piece';
import { isPaper } from '../plan/pieces';
import type { Plan } from '../plan/plan';
import { cutLine } from './cutLine';
import { letterAt } from './letterAt';
import { placePiece } from './placePiece';
import { resolveBase, unknownCaliper } from './resolveBase';
import type {
  ImpossiblePiece,
  ResolvedBase,
  ResolvedCard,
  ResolvedPiece,
  SupportId,
} from './resolvedCard';
import type { ResolvedMark } from './resolvedMark';
import { sizeMark } from './sizeMark';
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
    byId: new Map(plan.pieces.filter(isPaper).map((piece) => [piece.id, piece])),
    marksById: new Map(plan.pieces.flatMap((piece) => (isPaper(piece) ? [] : [[piece.id, piece]]))),
    sizes: new Map(),
    outcomes: new Map(),
    marks: new Map(),
    underWay: new Set(),
  };
  const shown = plan.pieces.filter(({ isOff }) => !isOff);
  const found = shown.filter(isPaper).map((piece) => resolvePiece(piece, task));
  const marked = shown.flatMap((piece) => (isPaper(piece) ? [] : [resolveMark(piece, task)]));
  const placed = found.flatMap((outcome) => (outcome.ok ? [outcome.piece] : []));
  const marks = marked.flatMap((outcome) => (outcome.ok ? [outcome.mark] : []));
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
    marks,
    impossible: [...found, ...marked].flatMap((each) => (!each.ok ? [each.impossible] : [])),
    thickness: thicknessOf(pieces, marks, base, plan),
  };
}

type PlacedOnly = Omit<ResolvedPiece, 'letter' | 'role' | 'opening'>;
type Failed = { readonly ok: false; readonly impossible: ImpossiblePiece };
type Outcome = { readonly ok: true; readonly piece: PlacedOnly } | Failed;
type MarkOutcome = { readonly ok: true; readonly mark: ResolvedMark } | Failed;

interface Task extends SizeTask {
  readonly plan: Plan;
  readonly base: ResolvedBase;
  readonly faces: readonly FaceId[];
  /** What is settled already; each piece is resolved once. */
  readonly outcomes: Map<PieceId, Outcome>;
  readonly marksById: ReadonlyMap<PieceId, Mark>;
  readonly marks: Map<PieceId, MarkOutcome>;
  /** What is being placed, so that neighbours that wait for one another are found out. */
  readonly underWay: Set<PieceId>;
}

/** Resolves what the piece lies on first. */
function resolvePiece(piece: Paper, task: Task): Outcome {
  return settle(piece, task, task.outcomes, resolveOnSupport);
}

/** Resolves a piece once, and keeps in mind that it is being resolved. */
function settle<P extends Piece, O>(
  piece: P,
  task: Task,
  outcomes: Map<PieceId, O>,
  resolve: (piece: P, task: Task) => O,
): O {
  const known = outcomes.get(piece.id);
  if (known) return known;
  task.underWay.add(piece.id);
  const outcome = resolve(piece, task);
  task.underWay.delete(piece.id);
  outcomes.set(piece.id, outcome);
  return outcome;
}

function resolveOnSupport(piece: Paper, task: Task): Outcome {
  const under = underOf(piece, task);
  return under.ok ? resolveOn(piece, task, under.under) : under;
}

/** What a piece lies on, resolved. */
function underOf(piece: Piece, task: Task): { readonly ok: true; readonly under: Under } | Failed {
  const on = supportOf(piece, task.byId);
  if ('face' in on) {
    if (!task.faces.includes(on.face)) return fail(piece, { code: 'no-face', face: on.face });
    const rect = { x: zeroLength, y: zeroLength, ...task.base.face };
    return { ok: true, under: { id: 'base', face: on.face, rect, top: zeroLength } };
  }
  const under = task.byId.get(on.piece);
  if (!under) return fail(piece, { code: 'nothing-under' });
  if (isPaper(piece) && isInCircle(piece, (each) => pieceUnder(each, task)))
    return fail(piece, { code: 'circle' });
  const support = resolvePiece(under, task);
  if (!support.ok) return fail(piece, { code: 'below', support: under.id });
  const { id, face, rect, foot, caliper } = support.piece;
  return {
    ok: true,
    under: {
      id,
      face,
      rect,
      top: sumLengths(foot, caliper),
      mat: under,
      outline:
        isPaper(piece) && piece.overhang === 'with-support'
          ? outlineOfPaper(support.piece)
          : undefined,
    },
  };
}

/** Why a piece cannot be placed beside its neighbours; undefined where it can. */
function neighbourIssue(
  { x, y }: PlaceRule,
  face: FaceId,
  task: Task,
): ImpossiblePiece['reason'] | undefined {
  for (const rule of [x, y]) {
    if (rule.from !== 'piece') continue;
    if (task.underWay.has(rule.piece)) return { code: 'circle' };
    const neighbour = neighbourOf(rule.piece, task);
    if (neighbour?.face !== face) return { code: 'no-neighbour' };
  }
  return undefined;
}

function neighbourOf(
  id: PieceId,
  task: Task,
): { readonly rect: Rect; readonly face: FaceId } | undefined {
  const paper = task.byId.get(id);
  if (paper) {
    const outcome = paper.isOff ? undefined : resolvePiece(paper, task);
    return outcome?.ok ? outcome.piece : undefined;
  }
  const mark = task.marksById.get(id);
  const outcome = !mark || mark.isOff ? undefined : resolveMark(mark, task);
  return outcome?.ok ? outcome.mark : undefined;
}

function boxIn(task: Task): (id: PieceId) => Rect {
  return (id) => {
    const neighbour = neighbourOf(id, task);
    if (!neighbour) throw new RangeError(`resolvePlan: expected a neighbour, got ${id}`);
    return neighbour.rect;
  };
}

function resolveMark(piece: Mark, task: Task): MarkOutcome {
  return settle(piece, task, task.marks, resolveMarkOnSupport);
}

function resolveMarkOnSupport(piece: Mark, task: Task): MarkOutcome {
  const found = underOf(piece, task);
  if (!found.ok) return found;
  const { under } = found;
  const sized = sizeMark(piece, task.library, under.rect);
  if (!sized.ok) return fail(piece, sized.reason);
  const issue = neighbourIssue(piece.place, under.face, task);
  if (issue) return fail(piece, issue);
  const { shown, whole, height, stamp, stencil, words } = sized.mark;
  const { rect, reveals, origins } = placePiece(
    piece.place,
    shown,
    under.rect,
    under.id,
    boxIn(task),
  );
  return {
    ok: true,
    mark: {
      id: piece.id,
      name: piece.name,
      face: under.face,
      support: under.id,
      rect,
      whole: { ...whole, x: subtractLengths(rect.x, shown.x), y: subtractLengths(rect.y, shown.y) },
      reveals,
      origins,
      height,
      foot: under.top,
      stamp,
      stencil,
      words,
      piece,
    },
  };
}

function pieceUnder(piece: Paper, { byId }: Task): Paper | undefined {
  const on = supportOf(piece, byId);
  return 'piece' in on ? byId.get(on.piece) : undefined;
}

function fail({ id, name }: Piece, reason: ImpossiblePiece['reason']): Failed {
  return { ok: false, impossible: { id, name, reason } };
}

interface Under {
  readonly id: SupportId;
  readonly face: FaceId;
  readonly rect: Rect;
  readonly top: Length;
  readonly mat?: Paper;
  /** Of a piece, where it is asked for. */
  readonly outline?: Outline | undefined;
}

function resolveOn(piece: Paper, task: Task, under: Under): Outcome {
  const sized = sizeOf(piece, task);
  if (!sized.ok) return fail(piece, sized.reason);
  const { size } = sized;
  const place = placeRuleOf(piece, under.mat);
  const issue = neighbourIssue(place, under.face, task);
  if (issue) return fail(piece, issue);
  const { rect, reveals, origins } = placePiece(place, size, under.rect, under.id, boxIn(task));
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
      ...cutLine(piece, { rect, uncut: size.uncut, face: task.face, under, library: task.library }),
      stock,
      caliper: stock?.caliper.ticks ?? unknownCaliper,
      lift,
      foot: sumLengths(under.top, lift),
      piece,
    },
  };
}

/** A size given side by side places the piece too, and so does a mat built round it. */
function placeRuleOf({ id, size, place }: Paper, mat: Paper | undefined): PlaceRule {
  const sides =
    size.by === 'sides'
      ? size
      : mat?.size.by === 'outset' && mat.size.around === id
        ? mat.size
        : undefined;
  if (!sides) return place;
  return {
    x: { from: 'left', distance: sides.left },
    y: { from: 'top', distance: sides.top },
    turn: place.turn,
  };
}

function cutSize({ trim }: Paper, { width, height }: Rect): ResolvedPiece['cut'] {
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
  marks: readonly ResolvedMark[],
  { caliper }: ResolvedBase,
  { base }: Plan,
): ResolvedCard['thickness'] {
  const tops = [
    ...pieces.map(({ face, foot, caliper: own }) => ({ face, top: sumLengths(foot, own) })),
    ...marks.map(({ face, foot, height }) => ({ face, top: sumLengths(foot, height) })),
  ];
  const top = (face: FaceId) =>
    tops.reduce<Length>(
      (highest, each) => (each.face === face ? longerOf(highest, each.top) : highest),
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
