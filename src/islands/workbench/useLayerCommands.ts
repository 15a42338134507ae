import { useState } from 'react';
import { computeCard } from '../../core/computeCard';
import { applyEdit } from '../../core/plan/applyEdit';
import type { Edit } from '../../core/plan/edit';
import type { PieceId } from '../../core/plan/ids';
import type { Library } from '../../core/plan/libraryItem';
import { movePieceBy } from '../../core/plan/movePiece';
import type { FaceId } from '../../core/plan/piece';
import type { CardPlan } from '../store/useCardPlan';
import { addLayer } from './addLayer';
import type { NoticeContent } from './Notice';
import { keepSizes, sizeChanges } from './sizeChanges';
import { changeAndEnterRow, changeAndFocusRow, type Selection } from './useSelection';

export interface LayerCommands {
  readonly notice: NoticeContent | undefined;
  readonly closeNotice: () => void;
  /** Makes a change, and says so when it does not fit. */
  readonly change: (edit: Edit) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly add: (face: FaceId) => void;
  readonly remove: (id: PieceId) => void;
  /** So many places towards the front (positive) or the back. */
  readonly moveBy: (id: PieceId, places: number) => void;
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
      const id = `p-${crypto.randomUUID().slice(0, 8)}` as PieceId;
      changeAndEnterRow(() => {
        restack(addLayer(plan, library, face, selection.selected, id));
        selection.select(id, face);
      }, id);
    },
    remove: (id) => {
      const next = selection.neighbourOf(id);
      changeAndFocusRow(() => {
        restack({ kind: 'remove-piece', id });
        selection.select(next);
      }, next);
    },
    moveBy: (id, places) => {
      const edit = movePieceBy(plan, id, places);
      if (edit) changeAndFocusRow(() => restack(edit), id);
    },
    keepFormerSizes: () => {
      if (!notice?.keep) return false;
      change(notice.keep);
      return true;
    },
  };
}
