import { outlineOfPaper } from './outlineOf';
import { turned, type Outline, type Rect } from '../outline/outline';
import { subtractLengths, sumLengths, zeroLength, type Length } from '../length/length';
import type { Combination } from '../plan/combination';
import { facesOf, type FaceId } from '../plan/faces';
import type { PieceId } from '../plan/ids';
import { findStock, type Library } from '../plan/library';
import type { Mark, Paper, Piece, PieceOf, PlaceRule } from '../plan/piece';
import { isPaper } from '../plan/pieces';
import type { Plan } from '../plan/plan';
import { bondsOf, liftOf, liftOfPiece } from './bond';
import { cutLine } from './cutLine';
import { placePiece, revealsOf } from './placePiece';
import { unknownCaliper } from './resolveBase';
import type { ImpossiblePiece, ResolvedBase } from './resolvedCard';
import type { ResolvedPiece } from './resolvedPiece';
import type { SupportId } from './origins';
import type { ResolvedMark } from './resolvedMark';
import { kindOf } from '../kinds/kinds';
import { paintOfStock, type Paint } from '../kinds/paint';
import { isInCircle, sizeOf, supportOf, type SizeTask } from './sizePlan';

/** A piece as far as it is known by itself, before those that lie on it and its letter are. */
export type PlacedOnly = Omit<ResolvedPiece, 'letter' | 'role' | 'opening'>;
type Failed = { readonly ok: false; readonly impossible: ImpossiblePiece };
type Outcome = { readonly ok: true; readonly piece: PlacedOnly } | Failed;
type MarkOutcome = { readonly ok: true; readonly mark: ResolvedMark } | Failed;

/** What is settled so far of a plan that is being resolved. */
export interface Resolving extends SizeTask {
  readonly plan: Plan;
  readonly base: ResolvedBase;
  readonly faces: readonly FaceId[];
  /** What is settled already; each piece is resolved once. */
  readonly outcomes: Map<PieceId, Outcome>;
  readonly marksById: ReadonlyMap<PieceId, Mark>;
  readonly marks: Map<PieceId, MarkOutcome>;
  readonly combinations: ReadonlyMap<string, Combination>;
  /** What is being placed, so that neighbours that wait for one another are found out. */
  readonly underWay: Set<PieceId>;
}

export function startResolving(plan: Plan, base: ResolvedBase, library: Library): Resolving {
  return {
    plan,
    base,
    faces: facesOf(plan.base.fold),
    face: base.face,
    library,
    byId: new Map(plan.pieces.filter(isPaper).map((piece) => [piece.id, piece])),
    marksById: new Map(plan.pieces.flatMap((piece) => (isPaper(piece) ? [] : [[piece.id, piece]]))),
    sizes: new Map(),
    outcomes: new Map(),
    marks: new Map(),
    combinations: new Map(plan.combinations.map((each) => [each.id, each])),
    underWay: new Set(),
  };
}

/** Resolves what the piece lies on first. */
export function resolvePiece(piece: Paper, task: Resolving): Outcome {
  return settle(piece, task, task.outcomes, resolveOnSupport);
}

/** Resolves a piece once, and keeps in mind that it is being resolved. */
function settle<P extends Piece, O>(
  piece: P,
  task: Resolving,
  outcomes: Map<PieceId, O>,
  resolve: (piece: P, task: Resolving) => O,
): O {
  const known = outcomes.get(piece.id);
  if (known) return known;
  task.underWay.add(piece.id);
  const outcome = resolve(piece, task);
  task.underWay.delete(piece.id);
  outcomes.set(piece.id, outcome);
  return outcome;
}

function resolveOnSupport(piece: Paper, task: Resolving): Outcome {
  const under = underOf(piece, task);
  return under.ok ? resolveOn(piece, task, under.under) : under;
}

/** What a piece lies on, resolved. */
function underOf(
  piece: Piece,
  task: Resolving,
): { readonly ok: true; readonly under: Under } | Failed {
  const on = supportOf(piece, task.byId);
  if ('face' in on) {
    if (!task.faces.includes(on.face)) return fail(piece, { code: 'no-face', face: on.face });
    const rect = { x: zeroLength, y: zeroLength, ...task.base.face };
    return {
      ok: true,
      under: { id: 'base', face: on.face, rect, top: zeroLength, paint: task.base.paint },
    };
  }
  const under = task.byId.get(on.piece);
  if (!under) return fail(piece, { code: 'nothing-under' });
  if (isPaper(piece) && isInCircle(piece, (each) => pieceUnder(each, task)))
    return fail(piece, { code: 'circle' });
  const support = resolvePiece(under, task);
  if (!support.ok) return fail(piece, { code: 'below', support: under.id });
  const { id, face, rect, foot, caliper, paint } = support.piece;
  return {
    ok: true,
    under: {
      id,
      face,
      rect,
      top: sumLengths(foot, caliper),
      paint,
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
  task: Resolving,
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
  task: Resolving,
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

function boxIn(task: Resolving): (id: PieceId) => Rect {
  return (id) => {
    const neighbour = neighbourOf(id, task);
    if (!neighbour) throw new RangeError(`resolvePlan: expected a neighbour, got ${id}`);
    return neighbour.rect;
  };
}

export function resolveMark(piece: Mark, task: Resolving): MarkOutcome {
  return settle(piece, task, task.marks, resolveMarkOnSupport);
}

function resolveMarkOnSupport(piece: Mark, task: Resolving): MarkOutcome {
  const found = underOf(piece, task);
  if (!found.ok) return found;
  const { under } = found;
  const sized = kindOf(piece).size(piece, task.library, under.rect);
  if (!sized.ok) return fail(piece, sized.reason);
  const place = piece.kind === 'ribbon' ? fromEdgeToEdge(piece) : piece.place;
  const issue = neighbourIssue(place, under.face, task);
  if (issue) return fail(piece, issue);
  const { shown, whole, height, stamp, stencil, words } = sized.mark;
  const { rect, reveals, origins } = placePiece(place, shown, under.rect, under.id, boxIn(task));
  const mark: ResolvedMark = {
    id: piece.id,
    name: piece.name,
    face: under.face,
    support: under.id,
    rect,
    whole: { ...whole, x: subtractLengths(rect.x, shown.x), y: subtractLengths(rect.y, shown.y) },
    reveals,
    origins,
    paints: kindOf(piece).paints(piece, {
      library: task.library,
      ground: under.paint,
      combinations: task.combinations,
    }),
    ground: under.paint,
    height,
    foot: under.top,
    stamp,
    stencil,
    words,
    within: undefined,
    piece,
  };
  if (piece.place.turn === 0) return { ok: true, mark };
  const outline = turned(kindOf(piece).outline(mark), rect, piece.place.turn);
  return { ok: true, mark: { ...mark, reveals: revealsOf(outline, under.rect) } };
}

/** A ribbon reaches from edge to edge along its way, so only its other place counts. */
function fromEdgeToEdge({ place, runs }: PieceOf<'ribbon'>): PlaceRule {
  return { ...place, [runs === 'across' ? 'x' : 'y']: { from: 'centre' } };
}

function pieceUnder(piece: Paper, { byId }: Resolving): Paper | undefined {
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
  readonly paint: Paint;
  readonly mat?: Paper;
  /** Of a piece, where it is asked for. */
  readonly outline?: Outline | undefined;
}

function resolveOn(piece: Paper, task: Resolving, under: Under): Outcome {
  const sized = sizeOf(piece, task);
  if (!sized.ok) return fail(piece, sized.reason);
  const { size } = sized;
  const place = placeRuleOf(piece, under.mat);
  const issue = neighbourIssue(place, under.face, task);
  if (issue) return fail(piece, issue);
  const { rect, reveals, origins } = placePiece(place, size, under.rect, under.id, boxIn(task));
  const { face, library } = task;
  const line = cutLine(piece, { rect, uncut: size.uncut, face, under, library });
  const isTurned = piece.place.turn !== 0;
  const stock = findStock(library, piece.stock);
  const bonds = bondsOf(piece, task.plan.habits);
  const lift = liftOfPiece(piece, liftOf(bonds));
  // Written out: what is spread into the middle of a record makes every copy of it slow (a quarter of the time, measured).
  return {
    ok: true,
    piece: {
      id: piece.id,
      name: piece.name,
      face: under.face,
      support: under.id,
      rect,
      cut: cutSize(piece, rect),
      reveals: isTurned ? revealsOf(outlineOfPaper({ rect, piece, ...line }), under.rect) : reveals,
      crossesGate: under.id === 'base' && under.face === 'front' && crossesGate(rect, task),
      origins: { ...size.origins, ...origins },
      uncut: line.uncut,
      clip: line.clip,
      shape: line.shape,
      stitch: line.stitch,
      isJoined: line.isJoined,
      stock,
      paint: paintOfStock(stock),
      caliper: stock?.caliper.ticks ?? unknownCaliper,
      bonds,
      lift,
      foot: sumLengths(under.top, lift),
      raised: zeroLength,
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

function crossesGate({ x, width }: Rect, { plan, base }: Resolving): boolean {
  const middle = plan.base.fold === 'gate' ? base.scores[0]?.at : undefined;
  return middle !== undefined && x < middle && sumLengths(x, width) > middle;
}
