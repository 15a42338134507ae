import type { Edit } from '../plan/edit';
import { batchEdits } from '../plan/batchEdits';
import { applyEdit } from '../plan/applyEdit';
import { looksForward } from '../plan/faces';
import type { PieceId } from '../plan/ids';
import { faceOf, movePieceBy } from '../plan/movePiece';
import { movePieceTo } from '../plan/pieceEdits';
import { isPaper, sameSupport } from '../plan/pieces';
import type { Plan } from '../plan/plan';

/**
 * The edit that takes what is selected so many places nearer to the viewer (negative: further away): marks past others on
 * the same thing, all that are selected together; a paper past its neighbour in the stack. Undefined at the end.
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
  const row = plan.pieces.filter((piece) => !isPaper(piece) && sameSupport(piece.on, first.on));
  const block = row.filter(({ id }) => ids.has(id));
  const rest = row.filter(({ id }) => !ids.has(id));
  // How many of the others lie below the foremost, or the hindmost, that is moved.
  const edge = places > 0 ? block.at(-1) : block[0];
  const below = rest.filter((each) => row.indexOf(each) < (edge ? row.indexOf(edge) : 0)).length;
  const at = Math.max(0, Math.min(rest.length, below + places));
  const wanted = [...rest.slice(0, at), ...block, ...rest.slice(at)];
  if (wanted.every(({ id }, index) => id === row[index]?.id)) return undefined;
  let after = rest[at - 1]?.id;
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

/** Where the first of a row stands among all pieces. */
function firstOf(all: Plan['pieces'], [first]: Plan['pieces']): number {
  return all.findIndex(({ id }) => id === first?.id);
}
