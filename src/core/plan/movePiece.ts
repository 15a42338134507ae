import { applyEdit } from './applyEdit';
import type { Edit, SimpleEdit } from './edit';
import { batchEdits, simpleEditsOf } from './batchEdits';
import type { PieceId } from './ids';
import type { FaceId } from './faces';
import type { Paper, Piece, Support } from './piece';
import { papersOf, sameSupport } from './pieces';
import type { Plan } from './plan';
import { changePiece, movePieceTo, putPieces } from './pieceEdits';
import { faceOf } from './faceOf';

/** Towards the viewer, or towards the base. */
export type StackDirection = 'up' | 'down';

/**
 * The edit that takes a piece past its neighbour in the gluing order of its face; undefined at the
 * end of the stack. Rules are kept. Where one lies on the other they change places, and what lay on
 * the upper lies on whichever is upper then; pieces side by side only change their order.
 *
 *    E            D'          before: C < D < E     (D up)
 *    D     =>     E           after:  C < E < D'    E by its rule on C, D' by its rule on E
 *    C            C
 */
export function movePiece(plan: Plan, id: PieceId, direction: StackDirection): Edit | undefined {
  const stack = stackOn(plan, faceOf(plan, id));
  const at = stack.findIndex((piece) => piece.id === id);
  const neighbour = stack[direction === 'up' ? at + 1 : at - 1];
  const piece = stack[at];
  if (!piece || !neighbour) return undefined;
  const [lower, upper] = direction === 'up' ? [piece, neighbour] : [neighbour, piece];
  const reorder = movePieceTo(
    plan,
    upper.id,
    plan.pieces.findIndex(({ id: each }) => each === lower.id),
  );
  if (!sameSupport(upper.on, { piece: lower.id })) return batchEdits(reorder);
  const onUpper = papersOf(plan).filter(({ on }) => sameSupport(on, { piece: upper.id }));
  return batchEdits([
    rehang(upper, lower.on),
    rehang(lower, { piece: upper.id }),
    ...onUpper.map((each) => rehang(each, { piece: lower.id })),
    ...reorder,
  ]);
}

/** The edit that takes a piece so many places up (or, negative, down), as far as the stack goes. */
export function movePieceBy(plan: Plan, id: PieceId, places: number): Edit | undefined {
  const edits: SimpleEdit[] = [];
  let moved = plan;
  for (let step = 0; step < Math.abs(places); step++) {
    const edit = movePiece(moved, id, places > 0 ? 'up' : 'down');
    const outcome = edit && applyEdit(moved, edit);
    if (!edit || !outcome?.ok) break;
    edits.push(...simpleEditsOf(edit));
    moved = outcome.plan;
  }
  return edits.length === 0 ? undefined : batchEdits(edits);
}

/**
 * The edit that puts a new piece into the stack directly on a support: what lay on the support lies
 * on the new piece then. Marks stay where they are.
 */
export function insertPiece(plan: Plan, piece: Paper): Edit {
  const lifted = papersOf(plan).filter(({ on }) => sameSupport(on, piece.on));
  const first = plan.pieces.findIndex(({ id }) => id === lifted[0]?.id);
  return batchEdits([
    ...putPieces(plan, first < 0 ? plan.pieces.length : first, [piece]),
    ...lifted.map((each) => rehang(each, { piece: piece.id })),
  ]);
}

/** The papers of a face in gluing order; those in a circle or on nothing count to the front. */
export function stackOn(plan: Plan, face: FaceId): readonly Paper[] {
  return papersOf(plan).filter(({ id }) => faceOf(plan, id) === face);
}

function rehang(piece: Piece, on: Support): SimpleEdit {
  return changePiece(piece, { on });
}
