import { supportIdOf } from '../resolve/supportIdOf';
import { lengthFromTicks, type Length } from '../length/length';
import { asTyped } from '../length/typedLength';
import { sixteenthInch } from '../length/marks';
import { facesOf } from '../plan/faces';
import type { PieceId } from '../plan/ids';
import type { Library } from '../plan/library';
import type { Paper, Piece } from '../plan/piece';
import { withPieces } from '../plan/withPieces';
import { isPaper, papersOf } from '../plan/pieces';
import type { Base, Plan } from '../plan/plan';
import { mostPieces } from '../plan/planFacts';
import { resolvePlan } from '../resolve/resolvePlan';
import { sizeOf } from '../resolve/sizePlan';
import { placedById, supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import type { Rect } from '../outline/outline';
import { fitMark } from './fitMark';
import { fitPaper } from './fitPaper';
import { fitPlace } from './fitPlace';
import { fitScenes } from './fitScenes';
import type { LeftOut, Outcome, ReformatStep } from './reformatStep';
import { cutText } from '../text/cutText';

export interface Reformatted {
  readonly plan: Plan;
  /** One line for each piece of the card as it was, in gluing order; pieces turned off are not told. */
  readonly steps: readonly ReformatStep[];
}

export type NewFormat = Pick<Base, 'format' | 'fold'>;

/**
 * The same design on a card of another format: bases and mats by their rules, pieces kept, moved, cut down, repeated or
 * left out, each with what was done and why. What lies on a piece that is left out is left out with it.
 * @param newId makes the ids of repeated pieces.
 */
export function tryAs(
  plan: Plan,
  library: Library,
  next: NewFormat,
  newId: () => PieceId,
): Reformatted {
  const before = resolvePlan(plan, library);
  const base = { ...plan.base, format: next.format, fold: next.fold, blankId: null };
  let draft: Plan = { ...plan, base, pieces: [], accepted: [], uses: [] };
  const ordered = inSupportOrder(plan).filter(({ isOff }) => !isOff);
  /** What is to come is there as it was, since a mat may be sized round it. */
  const withRest = (done: number): Plan =>
    withPieces(draft, [...draft.pieces, ...ordered.slice(done).filter(isPaper)]);
  let card = resolvePlan(withRest(0), library);
  /** The piece that a repeated one was made from. */
  const origins = new Map<PieceId, PieceId>();
  const steps: ReformatStep[] = [];
  const note = (piece: Piece, outcome: Outcome) =>
    steps.push({ id: piece.id, name: piece.name, outcome });
  // Paper first, lowest first, as all else is placed on it; then the marks.
  for (const [index, piece] of ordered.entries()) {
    const made = makePiece(piece, { before, card, draft, rest: withRest(index), library, newId });
    note(piece, made.outcome);
    for (const { id } of made.pieces) origins.set(id, piece.id);
    draft = withPieces(draft, [...draft.pieces, ...made.pieces]);
    // Marks carry nothing, so nothing else has to be placed anew.
    if (isPaper(piece)) card = resolvePlan(withRest(index + 1), library);
  }
  const sound = withoutImpossible(draft, library);
  const lost = new Set(
    draft.pieces.filter((piece) => !sound.pieces.includes(piece)).map(({ id }) => id),
  );
  const finished = finish(plan, sound, origins);
  const scenes = fitScenes(finished, before, resolvePlan(finished, library));
  return {
    plan: { ...finished, scenes },
    steps: inGluingOrder(
      plan,
      steps.map((step) =>
        lost.has(step.id) ? { ...step, outcome: { kind: 'left-out', why: 'below' } } : step,
      ),
    ),
  };
}

/** A mat round a piece that is left out has no figures any more, and neither has what lies on it. */
function withoutImpossible(draft: Plan, library: Library): Plan {
  const { impossible } = resolvePlan(draft, library);
  if (impossible.length === 0) return draft;
  const gone = new Set(impossible.map(({ id }) => id));
  return withoutImpossible(
    { ...draft, pieces: draft.pieces.filter(({ id }) => !gone.has(id)) },
    library,
  );
}

interface Task {
  readonly before: ResolvedCard;
  /** Of the draft and what is to come. */
  readonly card: ResolvedCard;
  readonly draft: Plan;
  /** The draft, and the paper to come as it was. */
  readonly rest: Plan;
  readonly library: Library;
  readonly newId: () => PieceId;
}

interface Made {
  readonly pieces: readonly Piece[];
  readonly outcome: Outcome;
}

function makePiece(piece: Piece, task: Task): Made {
  const { before, card, draft, rest, library } = task;
  const placed = placedById(before, piece.id);
  if (!placed) return leaveOut('no-room');
  const { on } = piece;
  if ('face' in on && !facesOf(draft.base.fold).includes(on.face)) return leaveOut('no-face');
  if ('piece' in on && !draft.pieces.some(({ id }) => id === on.piece)) return leaveOut('below');
  const under = supportIdOf(on);
  if (under !== 'base' && !card.pieces.some(({ id }) => id === under)) return leaveOut('below');
  const support = supportRect(card, under);
  const supportBefore = supportRect(before, placed.support);
  const beforeBoxes = { box: placed.rect, support: supportBefore };
  const hangsOver = !isInside(placed.rect, supportBefore);
  const [mark] = draft.habits.trimmerMarks;
  const untied = withoutLostNeighbours(piece, draft, placed.rect, supportBefore);
  const placing = (size: { readonly width: Length; readonly height: Length }) =>
    fitPlace(untied.place, {
      before: beforeBoxes,
      after: { size, support },
      mark: mark?.ticks ?? sixteenthInch,
      hangsOver,
    });

  if (!isPaper(untied)) {
    if (!('whole' in placed)) return leaveOut('no-room');
    const margin = draft.habits.wordMargin.ticks;
    const fitted = fitMark({ before: { mark: placed, support: supportBefore }, support, margin });
    if (!fitted.ok) return { pieces: [], outcome: fitted.outcome };
    const place = placing(fitted.size);
    return settled({ ...fitted.piece, place }, untied, fitted.outcome);
  }
  const fitted = fitPaper(untied, { before: beforeBoxes, support, library });
  if (!fitted.ok) return { pieces: [], outcome: fitted.outcome };
  const sized: Paper = { ...untied, size: fitted.size };
  const others = papersOf(rest).filter(({ id }) => id !== piece.id);
  const found = sizeOf(sized, {
    face: card.base.face,
    library,
    byId: new Map([...others, sized].map((each) => [each.id, each])),
    sizes: new Map(),
  });
  if (!found.ok) return leaveOut('no-room');
  const box = found.size;
  const isOtherSize = box.width !== placed.rect.width || box.height !== placed.rect.height;
  const outcome: Outcome =
    fitted.outcome.kind === 'kept' && isOtherSize ? { kind: 're-derived' } : fitted.outcome;
  const made: Paper = { ...sized, place: placing(box) };
  const more = repeatsOf(
    made,
    { box: placed.rect, supportBefore, support, width: box.width },
    task,
  );
  return more.length > 0
    ? { pieces: more, outcome: { kind: 'repeated', more: more.length - 1 } }
    : settled(made, untied, outcome);
}

/** A piece that is otherwise kept is moved where its place is another. */
function settled(made: Piece, before: Piece, outcome: Outcome): Made {
  const isMoved = JSON.stringify(made.place) !== JSON.stringify(before.place);
  return {
    pieces: [made],
    outcome: outcome.kind === 'kept' && isMoved ? { kind: 'moved' } : outcome,
  };
}

/** A border that reached across the card and does not reach across the other. */
const reachesAcross = 0.9;
/** A border is no higher than this part of what it lay on. */
const lowAs = 0.6;

/**
 * As many of a border die as it takes to reach across, from edge to edge in even steps, each overlapping its neighbour
 * and every other one turned over, so that their edges meet; none where one does.
 */
function repeatsOf(
  made: Paper,
  {
    box,
    supportBefore,
    support,
    width,
  }: {
    readonly box: Rect;
    readonly supportBefore: Rect;
    readonly support: Rect;
    readonly width: Length;
  },
  { newId, draft }: Task,
): readonly Paper[] {
  const isBorder =
    made.size.by === 'die' &&
    made.place.turn === 0 &&
    box.width >= supportBefore.width * reachesAcross &&
    box.height <= supportBefore.height * lowAs &&
    width < support.width * reachesAcross;
  if (!isBorder) return [];
  const overlap = draft.habits.windowOverlap.ticks;
  const count = 1 + Math.ceil((support.width - width) / (width - overlap));
  const step = (support.width - width) / (count - 1);
  if (draft.pieces.length + count > mostPieces) return [];
  return Array.from({ length: count }, (_, at) => ({
    ...made,
    id: at === 0 ? made.id : newId(),
    name: at === 0 ? made.name : `${cutText(made.name, 54)} ${at + 1}`,
    isMirrored: at % 2 === 0 ? made.isMirrored : !made.isMirrored,
    overhang: 'trimmed' as const,
    place: {
      ...made.place,
      x: { from: 'left' as const, distance: asTyped(lengthFromTicks(Math.round(at * step))) },
    },
  }));
}

/** What was placed beside a piece that is left out, or comes later, keeps its distance from an edge instead. */
function withoutLostNeighbours(piece: Piece, draft: Plan, box: Rect, support: Rect): Piece {
  const isThere = (id: PieceId) => draft.pieces.some((each) => each.id === id);
  const { x, y } = piece.place;
  const place = {
    ...piece.place,
    x:
      x.from === 'piece' && !isThere(x.piece)
        ? { from: 'left' as const, distance: asTyped(lengthFromTicks(box.x - support.x)) }
        : x,
    y:
      y.from === 'piece' && !isThere(y.piece)
        ? { from: 'top' as const, distance: asTyped(lengthFromTicks(box.y - support.y)) }
        : y,
  };
  return { ...piece, place };
}

/** Each piece after what it lies on, what it is sized round and, of marks, after all paper. */
function inSupportOrder({ pieces }: Plan): readonly Piece[] {
  const ordered: Piece[] = [];
  const add = (piece: Piece, waiting: ReadonlySet<PieceId>) => {
    if (ordered.includes(piece) || waiting.has(piece.id)) return;
    const next = new Set([...waiting, piece.id]);
    const first = [
      'piece' in piece.on ? piece.on.piece : undefined,
      isPaper(piece) && piece.size.by === 'outset' ? piece.size.around : undefined,
    ];
    for (const id of first) {
      const found = pieces.find((each) => each.id === id);
      // A mat round a piece that lies on it waits for neither: the mat comes first.
      if (found && !(isPaper(piece) && 'piece' in found.on && found.on.piece === piece.id))
        add(found, next);
    }
    ordered.push(piece);
  };
  for (const piece of [...pieces.filter(isPaper), ...pieces.filter((each) => !isPaper(each))])
    add(piece, new Set());
  return ordered;
}

/** Pieces in the order they were glued in, repeats after their first; what was for a piece left out is for the card. */
function finish(plan: Plan, draft: Plan, origins: ReadonlyMap<PieceId, PieceId>): Plan {
  const order = new Map(plan.pieces.map(({ id }, at) => [id, at]));
  const at = ({ id }: Piece) => order.get(origins.get(id) ?? id) ?? plan.pieces.length;
  const pieces = draft.pieces.toSorted((a, b) => at(a) - at(b));
  const kept = new Set(pieces.map(({ id }) => id));
  return {
    ...draft,
    pieces,
    uses: plan.uses.map((use) =>
      use.pieceId !== null && !kept.has(use.pieceId) ? { ...use, pieceId: null } : use,
    ),
  };
}

function inGluingOrder(plan: Plan, steps: readonly ReformatStep[]): readonly ReformatStep[] {
  const order = new Map(plan.pieces.map(({ id }, at) => [id, at]));
  return steps.toSorted((a, b) => (order.get(a.id) ?? 0) - (order.get(b.id) ?? 0));
}

const isInside = (box: Rect, support: Rect) =>
  box.x >= support.x &&
  box.y >= support.y &&
  box.x + box.width <= support.x + support.width &&
  box.y + box.height <= support.y + support.height;

const leaveOut = (why: LeftOut): Made => ({ pieces: [], outcome: { kind: 'left-out', why } });
