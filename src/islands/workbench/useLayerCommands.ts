import { newPieceId } from '../parts/newPieceId';
import { useState } from 'react';
import { computeCard } from '../../core/compute/computeCard';
import { applyEdit } from '../../core/plan/applyEdit';
import { copyPieces } from '../../core/plan/copyPieces';
import type { Edit } from '../../core/plan/edit';
import { looksForward, type FaceId } from '../../core/plan/faces';
import type { PieceId } from '../../core/plan/ids';
import type { Library } from '../../core/plan/library';
import { faceOf, movePieceBy } from '../../core/plan/movePiece';
import { moveToFace } from '../../core/plan/moveToFace';
import type { Support } from '../../core/plan/piece';
import { turnOff } from '../../core/plan/turnOff';
import type { CardPlan } from '../store/useCardPlan';
import { addLayer, addMatRound, removeLayer } from './addLayer';
import type { NoticeContent } from './Notice';
import { keepSizes, sizeChanges } from './sizeChanges';
import { changeAndEnterRow, changeAndFocusRow, type Selection } from './useSelection';
import { changePiece } from '../../core/plan/pieceEdits';

export interface LayerCommands {
  readonly notice: NoticeContent | undefined;
  readonly closeNotice: () => void;
  /** Makes a change, and says so when it does not fit. */
  readonly change: (edit: Edit) => void;
  readonly undo: () => void;
  readonly redo: () => void;
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
  /** Takes the sizes back that the last move changed; false when there is nothing to take back. */
  readonly keepFormerSizes: () => boolean;
}

const doesNotFit: NoticeContent = {
  text: 'That does not fit the card as it is now, so it was left as it is.',
};

/** What can be done to the layers of a card, with what is to be told about it. */
export function useLayerCommands(
  { plan, computed, commit, undo, redo, canUndo, canRedo }: CardPlan,
  library: Library,
  selection: Selection,
): LayerCommands {
  const [notice, setNotice] = useState<NoticeContent>();
  const change = (edit: Edit) => setNotice(commit(edit) ? undefined : doesNotFit);
  /** A change of the stack: the sizes that follow from it are told, and can be kept. */
  const restack = (edit: Edit) => {
    const outcome = applyEdit(plan, edit);
    change(edit);
    if (!outcome.ok) return;
    const changes = sizeChanges(computed.card, computeCard(outcome.plan, library).card);
    if (changes.length > 0) setNotice({ text: '', changes, keep: keepSizes(changes) });
  };
  return {
    notice,
    closeNotice: () => setNotice(undefined),
    change,
    undo: () => setNotice(!canUndo || undo() ? undefined : doesNotFit),
    redo: () => setNotice(!canRedo || redo() ? undefined : doesNotFit),
    add: (face) => {
      const id = newPieceId();
      changeAndEnterRow(() => {
        restack(addLayer(plan, library, face, selection.selected, id));
        selection.select(id, face);
      }, id);
    },
    matRound: (around) => {
      const id = newPieceId();
      const edit = addMatRound(plan, library, computed.card, around, id);
      if (!edit) return;
      changeAndEnterRow(() => {
        restack(edit);
        selection.select(id, faceOf(plan, around));
      }, id);
    },
    copy: (of) => {
      const copied = copyPieces(plan, of, newPieceId);
      if (!copied) return;
      changeAndFocusRow(() => {
        restack(copied.edit);
        selection.select(copied.copy, faceOf(plan, of));
      }, copied.copy);
    },
    turnOff: (id) => {
      const edit = turnOff(plan, id);
      if (edit) changeAndFocusRow(() => restack(edit), id);
    },
    remove: (id) => {
      const next = selection.neighbourOf(id);
      changeAndFocusRow(() => {
        restack(removeLayer(plan, computed.card, id));
        selection.select(next);
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
        selection.select(id, face);
      }, id);
    },
    keepFormerSizes: () => {
      if (!notice?.keep) return false;
      change(notice.keep);
      return true;
    },
  };
}
