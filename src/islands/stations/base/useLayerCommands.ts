import { applyEdit } from '../../../core/plan/applyEdit';
import { copyPieces } from '../../../core/plan/copyPieces';
import type { Edit } from '../../../core/plan/edit';
import { looksForward, type FaceId } from '../../../core/plan/faces';
import type { PieceId } from '../../../core/plan/ids';
import { faceOf } from '../../../core/plan/faceOf';
import { movePieceBy } from '../../../core/plan/movePiece';
import { moveToFace } from '../../../core/plan/moveToFace';
import type { Support } from '../../../core/plan/piece';
import { changePiece } from '../../../core/plan/pieceEdits';
import { turnOff } from '../../../core/plan/turnOff';
import { resolvePlan } from '../../../core/resolve/resolvePlan';
import { newPieceId } from '../../parts/newPieceId';
import { useCardSession } from '../../session/CardSession';
import { keepSizes, sizeChanges } from '../../session/sizeChanges';
import { addLayer, addMatRound, removeLayer } from './addLayer';
import { allRows } from './allRows';
import { paperUnder } from './paperUnder';
import { changeAndEnterRow, changeAndFocusRow } from './rowFocus';

export interface LayerCommands {
  readonly add: (face: FaceId) => void;
  /** Builds a mat outward round a piece. */
  readonly matRound: (id: PieceId) => void;
  readonly copy: (id: PieceId) => void;
  readonly turnOff: (id: PieceId) => void;
  readonly remove: (id: PieceId) => void;
  /** So many rows up (positive) or down in the list of layers. */
  readonly moveRows: (id: PieceId, rows: number) => void;
  /** Puts a piece on another one, or with its group and all on it on a face. */
  readonly putOn: (id: PieceId, support: Support) => void;
  /** Selects the layer so many rows down; at the ends it stays. */
  readonly walk: (rows: number) => void;
}

/** What can be done to the layers of a card; a change of the stack tells which sizes follow from it. */
export function useLayerCommands(): LayerCommands {
  const { plan, card, library, selected, select, commit, tell } = useCardSession();
  /** A change of the stack: the sizes that follow from it are told, and can be kept. */
  const restack = (edit: Edit) => {
    const outcome = applyEdit(plan, edit);
    commit(edit);
    if (!outcome.ok) return;
    const changes = sizeChanges(card, resolvePlan(outcome.plan, library));
    if (changes.length > 0) tell({ text: '', changes, keep: keepSizes(changes) });
  };
  return {
    walk: (count) => {
      const rows = allRows(plan);
      const at = rows.indexOf(paperUnder(plan, selected)) + count;
      const next = rows[Math.max(0, Math.min(rows.length - 1, at))];
      if (next) changeAndFocusRow(() => select(next), next);
    },
    add: (face) => {
      const id = newPieceId();
      changeAndEnterRow(() => {
        restack(addLayer(plan, card, library, face, selected, id));
        select(id, face);
      }, id);
    },
    matRound: (around) => {
      const id = newPieceId();
      const edit = addMatRound(plan, library, card, around, id);
      if (!edit) return;
      changeAndEnterRow(() => {
        restack(edit);
        select(id, faceOf(plan, around));
      }, id);
    },
    copy: (of) => {
      const copied = copyPieces(plan, of, newPieceId);
      if (!copied) return;
      changeAndFocusRow(() => {
        restack(copied.edit);
        select(copied.copy, faceOf(plan, of));
      }, copied.copy);
    },
    turnOff: (id) => {
      const edit = turnOff(plan, id);
      if (edit) changeAndFocusRow(() => restack(edit), id);
    },
    remove: (id) => {
      const rows = allRows(plan);
      const at = rows.indexOf(id);
      const next = rows[at + 1] ?? rows[at - 1] ?? 'base';
      changeAndFocusRow(() => {
        restack(removeLayer(plan, card, id));
        select(next);
      }, next);
    },
    moveRows: (id, rows) => {
      const edit = movePieceBy(plan, id, looksForward(faceOf(plan, id)) ? rows : -rows);
      if (edit) changeAndFocusRow(() => restack(edit), id);
    },
    putOn: (id, support) => {
      const piece = plan.pieces.find((each) => each.id === id);
      const edit: Edit | undefined =
        'face' in support && support.face !== faceOf(plan, id)
          ? moveToFace(plan, id, support.face)
          : piece && changePiece(piece, { on: support });
      if (!edit) return;
      const face = 'face' in support ? support.face : faceOf(plan, support.piece);
      changeAndFocusRow(() => {
        restack(edit);
        select(id, face);
      }, id);
    },
  };
}
