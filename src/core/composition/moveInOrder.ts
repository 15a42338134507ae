import type { Edit } from '../plan/edit';
import { batchEdits } from '../plan/batchEdits';
import { applyEdit } from '../plan/applyEdit';
import { looksForward } from '../plan/faces';
import type { PieceId } from '../plan/ids';
import { faceOf } from '../plan/faceOf';
import { movePieceBy, stackOn } from '../plan/movePiece';
import type { OrderedPiece } from '../plan/piece';
import { movePieceTo } from '../plan/pieceEdits';
import { withAllOn } from '../plan/pieceSets';
import { isPaper, sameSupport } from '../plan/pieces';
import type { Plan } from '../plan/plan';

/**
 * The edit that takes what is selected so many places nearer to the viewer (negative: further away): marks past others on
 * the same thing, a group of those at once, all that are selected together; a ribbon past what lies on what it goes round; a
 * paper past its neighbour in the stack.
 * Undefined at the end.
 */
export function moveInOrder(
  plan: Plan,
  ids: ReadonlySet<PieceId>,
  places: number,
): Edit | undefined {
  const chosen = plan.pieces.filter(({ id }) => ids.has(id));
  const [first] = chosen;
  if (!first || places === 0) return undefined;
  if (isPaper(first)) {
    const forward = looksForward(faceOf(plan, first.id)) ? places : -places;
    return movePieceBy(plan, first.id, forward);
  }
  const row = rowOf(plan, first);
  const block = row.filter(({ id }) => ids.has(id));
  const rest = row.filter(({ id }) => !ids.has(id));
  const runs = runsOf(rest);
  const isBelow = (each: OrderedPiece, than: OrderedPiece | undefined) =>
    than !== undefined && row.indexOf(each) < row.indexOf(than);
  // How many of the others lie below the foremost, or the hindmost, that is moved.
  const below = runs.filter((run) =>
    places > 0
      ? run.every((each) => isBelow(each, block.at(-1)))
      : run.some((each) => isBelow(each, block[0])),
  ).length;
  const at = Math.max(0, Math.min(runs.length, below + places));
  const wanted = [...runs.slice(0, at).flat(), ...block, ...runs.slice(at).flat()];
  if (wanted.every(({ id }, index) => id === row[index]?.id)) return undefined;
  let after = runs[at - 1]?.at(-1)?.id;
  let moved = plan;
  const edits = block.flatMap(({ id }) => {
    const others = moved.pieces.filter((piece) => piece.id !== id);
    const index =
      after === undefined
        ? firstOf(others, rest)
        : others.findIndex((piece) => piece.id === after) + 1;
    after = id;
    const step = movePieceTo(moved, id, index);
    const outcome = applyEdit(moved, batchEdits(step));
    if (outcome.ok) moved = outcome.plan;
    return step;
  });
  return batchEdits(edits);
}

/**
 * The edit that takes what is dragged to the place of another thing: marks past the other mark on the same thing, with the
 * group it is of; a paper past the other paper of its face, or past the one that carries the other.
 * Undefined where they do not lie in one order.
 */
export function movePast(plan: Plan, ids: ReadonlySet<PieceId>, past: PieceId): Edit | undefined {
  const first = plan.pieces.find(({ id }) => ids.has(id));
  const other = plan.pieces.find(({ id }) => id === past);
  if (!first || !other || ids.has(past)) return undefined;
  if (isPaper(first)) return movePaperPast(plan, first.id, other);
  if (!rowOf(plan, first).includes(other)) return undefined;
  const isBeyond = (pieces: Plan['pieces'], way: 1 | -1) => {
    const at = pieces.findIndex(({ id }) => id === past);
    return pieces.every(({ id }, index) => !ids.has(id) || (index - at) * way > 0);
  };
  const way = isBeyond(plan.pieces, -1) ? 1 : -1;
  for (let places = way; Math.abs(places) <= plan.pieces.length; places += way) {
    const edit = moveInOrder(plan, ids, places);
    const outcome = edit && applyEdit(plan, edit);
    if (outcome?.ok && isBeyond(outcome.plan.pieces, way)) return edit;
  }
  return undefined;
}

function movePaperPast(plan: Plan, id: PieceId, other: OrderedPiece): Edit | undefined {
  const carrier = isPaper(other) ? other.id : 'piece' in other.on ? other.on.piece : undefined;
  const papers = stackOn(plan, faceOf(plan, id));
  const places = papers.findIndex((each) => each.id === carrier);
  if (places < 0) return undefined;
  const by = places - papers.findIndex((each) => each.id === id);
  return by === 0 ? undefined : movePieceBy(plan, id, by);
}

/** What a mark lies in one order with: the marks on the same paper; of a ribbon all papers on that, and other ribbons. */
function rowOf(plan: Plan, first: OrderedPiece): readonly OrderedPiece[] {
  if (first.kind !== 'ribbon')
    return plan.pieces.filter(
      (piece) => !isPaper(piece) && piece.kind !== 'ribbon' && sameSupport(piece.on, first.on),
    );
  const own = papersOn(plan, first);
  return plan.pieces.filter((piece) =>
    isPaper(piece) ? own.has(piece.id) : piece.kind === 'ribbon' && sameSupport(piece.on, first.on),
  );
}

/** The papers that lie on what a ribbon is on, and on those. */
function papersOn(plan: Plan, { on }: OrderedPiece): ReadonlySet<PieceId> {
  const papers = plan.pieces.filter(isPaper);
  if ('face' in on)
    return new Set(papers.filter(({ id }) => faceOf(plan, id) === on.face).map(({ id }) => id));
  const own = papers.filter(({ id }) => id === on.piece);
  const all = withAllOn(plan, own).map(({ id }) => id);
  return new Set(all.filter((id) => id !== on.piece));
}

/** Neighbours of one group, which are passed together. */
function runsOf(row: readonly OrderedPiece[]): readonly (readonly OrderedPiece[])[] {
  const runs: OrderedPiece[][] = [];
  for (const piece of row) {
    const last = runs.at(-1);
    if (last && piece.group !== null && last[0]?.group === piece.group) last.push(piece);
    else runs.push([piece]);
  }
  return runs;
}

/** Where the first of a row stands among all pieces. */
function firstOf(all: Plan['pieces'], [first]: Plan['pieces']): number {
  return all.findIndex(({ id }) => id === first?.id);
}
