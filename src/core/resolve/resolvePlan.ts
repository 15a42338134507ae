import { longerOf, millimetres, sumLengths, zeroLength, type Length } from '../length/length';
import { cardFormat } from '../paper/cardFormats';
import { layOutBlank, layOutFormat } from '../paper/layOutBlank';
import type { PieceId } from '../plan/ids';
import { findStock, type Library } from '../plan/libraryItem';
import type { FaceId, Piece } from '../plan/piece';
import type { Base, Plan } from '../plan/plan';
import { letterAt } from './letterAt';
import { placePiece } from './placePiece';
import type {
  ImpossiblePiece,
  Rect,
  ResolvedBase,
  ResolvedCard,
  ResolvedPiece,
  SupportId,
} from './resolvedCard';
import { sizePiece } from './sizePiece';

/** Taken where a plan names a stock the library does not hold; 270 g/m2, from memory. */
const unknownCaliper = millimetres(0.36);

/**
 * Turns every rule of a plan into figures: exact sizes, places, reveals and heights, each with its
 * origin. Pieces that lie in a circle, on nothing, or come out without a size are listed with the
 * reason, as are those lying on them; the rest of the card is resolved all the same.
 * @example resolvePlan(plan, library).pieces[0]?.rect.width // 4 1/8 in
 */
export function resolvePlan(plan: Plan, library: Library): ResolvedCard {
  const base = resolveBase(plan.base, library);
  const task: Task = {
    plan,
    base,
    library,
    byId: new Map(plan.pieces.map((piece) => [piece.id, piece])),
    outcomes: new Map(),
  };
  const found = plan.pieces.map((piece) => resolvePiece(piece, task));
  const unlettered = found.flatMap((outcome) => (outcome.ok ? [outcome.piece] : []));
  const ordered = [...onFace(unlettered, 'front'), ...onFace(unlettered, 'inside')];
  const pieces = ordered.map((piece, index): ResolvedPiece => ({
    ...piece,
    letter: letterAt(index + 1),
    role: roleOf(piece, ordered),
  }));
  const front = topOf(onFace(pieces, 'front'));
  const inside = topOf(onFace(pieces, 'inside'));
  return {
    base,
    pieces,
    impossible: found.flatMap((outcome) => (!outcome.ok ? [outcome.impossible] : [])),
    thickness: { front, inside, closed: sumLengths(front, base.caliper, inside, base.caliper) },
  };
}

type UnletteredPiece = Omit<ResolvedPiece, 'letter' | 'role'>;
type Outcome =
  | { readonly ok: true; readonly piece: UnletteredPiece }
  | { readonly ok: false; readonly impossible: ImpossiblePiece };

function resolveBase(base: Base, library: Library): ResolvedBase {
  const stock = findStock(library, base.stock);
  const common = { letter: letterAt(0), stock, caliper: stock?.caliper.ticks ?? unknownCaliper };
  if (base.format.kind === 'custom') {
    const { width, height } = base.format.size;
    const layout = layOutBlank({ width: width.ticks, height: height.ticks }, base.fold);
    return {
      ...layout,
      ...common,
      origins: { width: { kind: 'typed' }, height: { kind: 'typed' } },
    };
  }
  const { id, stand } = base.format;
  const layout = layOutFormat(cardFormat(id), stand, base.fold, base.blankId ?? undefined);
  const named = { kind: 'format', format: id } as const;
  if (!layout.sheetBlank) return { ...layout, ...common, origins: { width: named, height: named } };
  const across = base.fold === 'side' ? layout.blank.width : layout.blank.height;
  const half = { kind: 'half-blank', blank: across, from: layout.sheetBlank.from } as const;
  const origins =
    base.fold === 'side' ? { width: half, height: named } : { width: named, height: half };
  return { ...layout, ...common, origins };
}

interface Task {
  readonly plan: Plan;
  readonly base: ResolvedBase;
  readonly library: Library;
  readonly byId: ReadonlyMap<PieceId, Piece>;
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
  const { on } = piece;
  if ('face' in on) {
    const rect = { x: zeroLength, y: zeroLength, ...task.base.face };
    return resolveOn(piece, task, { id: 'base', face: on.face, rect, top: zeroLength });
  }
  const under = task.byId.get(on.piece);
  if (!under) return fail(piece, { code: 'nothing-under' });
  if (liesInCircle(piece, task.byId)) return fail(piece, { code: 'circle' });
  const support = resolvePiece(under, task);
  if (!support.ok) return fail(piece, { code: 'below', support: on.piece });
  const { id, face, rect, foot, caliper } = support.piece;
  return resolveOn(piece, task, { id, face, rect, top: sumLengths(foot, caliper) });
}

function fail({ id, name }: Piece, reason: ImpossiblePiece['reason']): Outcome {
  return { ok: false, impossible: { id, name, reason } };
}

interface Under {
  readonly id: SupportId;
  readonly face: FaceId;
  readonly rect: Rect;
  readonly top: Length;
}

function resolveOn(piece: Piece, { plan, library }: Task, under: Under): Outcome {
  const sized = sizePiece(piece.size, under.rect, under.id);
  if (sized.width <= 0 || sized.height <= 0) {
    const { width, height } = sized;
    return fail(piece, { code: 'no-size', width, height, support: under.id });
  }
  const placed = placePiece(piece, sized, under.rect, under.id);
  const stock = findStock(library, piece.stock);
  const lift = plan.habits.adhesiveHeights[piece.attach].ticks;
  return {
    ok: true,
    piece: {
      id: piece.id,
      name: piece.name,
      face: under.face,
      support: under.id,
      rect: placed.rect,
      reveals: placed.reveals,
      origins: { ...sized.origins, ...placed.origins },
      stock,
      caliper: stock?.caliper.ticks ?? unknownCaliper,
      lift,
      foot: sumLengths(under.top, lift),
      piece,
    },
  };
}

/** Whether going down from the piece comes back to it; a circle further down is not its own. */
function liesInCircle(piece: Piece, byId: ReadonlyMap<PieceId, Piece>): boolean {
  let current: Piece | undefined = piece;
  for (let steps = 0; current && steps < byId.size; steps++) {
    const { on }: Piece = current;
    if ('face' in on) return false;
    if (on.piece === piece.id) return true;
    current = byId.get(on.piece);
  }
  return false;
}

function roleOf(piece: UnletteredPiece, all: readonly UnletteredPiece[]): ResolvedPiece['role'] {
  if (all.some(({ support }) => support === piece.id)) return 'mat';
  return piece.face === 'inside' ? 'liner' : 'panel';
}

function onFace<P extends UnletteredPiece>(pieces: readonly P[], face: FaceId): readonly P[] {
  return pieces.filter((piece) => piece.face === face);
}

function topOf(pieces: readonly ResolvedPiece[]): Length {
  return pieces.reduce<Length>(
    (top, { foot, caliper }) => longerOf(top, sumLengths(foot, caliper)),
    zeroLength,
  );
}
