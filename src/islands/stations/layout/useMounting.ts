import { cutOutImage } from '../../../core/composition/cutOutImage';
import { diesThatHold, type DieChoice } from '../../../core/composition/diesThatHold';
import { newDieCut } from '../../../core/composition/newThing';
import { newStock } from '../../../core/composition/newStock';
import { plainStrip, putOnStrip, type PlainStrip } from '../../../core/composition/plainStrip';
import { putOnPaper } from '../../../core/composition/putOnPaper';
import type { Paper } from '../../../core/plan/piece';
import { supportRect } from '../../../core/resolve/resolvedCard';
import { isMark } from '../../../core/resolve/outlineOf';
import { newPieceId } from '../../parts/newPieceId';
import { useCardSession } from '../../session/CardSession';
import { useLayout } from './LayoutContext';

/** A print or words put on paper of their own. */
export interface Mounting {
  /** Puts the selected image on paper cut round it; false where none is selected. */
  readonly cutOut: () => boolean;
  /** The dies that hold the selected words and that their panel holds; none where no words are selected. */
  readonly labels: () => readonly DieChoice[];
  /** The strip that is cut to the selected words; none where their panel does not hold it. */
  readonly strip: () => PlainStrip | undefined;
  readonly putOnStrip: (strip: PlainStrip, withMat: boolean) => void;
  /** Puts the selected words on what a die cuts, where they stand. */
  readonly putOnLabel: (choice: DieChoice) => void;
}

export function useMounting(): Mounting {
  const { plan, card, library, holdings, unit, commit } = useCardSession();
  const stripInput = { plan, card, library, holdings, unit };
  const { chosen } = useLayout();
  const { first, words, choose } = chosen;
  return {
    cutOut: () => {
      if (!first || !isMark(first) || !first.stamp || first.stamp.words) return false;
      const { stamp } = first;
      const stock = newStock(plan, library, first.piece.on, 'print');
      const how = { library, id: newPieceId(), stock, unit };
      commit(cutOutImage(plan, card, { ...first, stamp }, how));
      choose([how.id]);
      return true;
    },
    labels: () => {
      if (!words) return [];
      const under = supportRect(card, words.support);
      return diesThatHold(library, words.rect, plan.habits.wordMargin.ticks).filter(
        ({ size }) => size.width <= under.width && size.height <= under.height,
      );
    },
    strip: () => words && plainStrip(stripInput, words),
    putOnStrip: (strip, withMat) => {
      if (!words) return;
      commit(putOnStrip(stripInput, words, strip, { withMat, newId: newPieceId }));
    },
    putOnLabel: ({ set, step, turned, size }) => {
      if (!words) return;
      const { on } = words.piece;
      const stock = newStock(plan, library, on, 'words');
      const die = newDieCut({ id: newPieceId(), on }, set, step, stock);
      const label: Paper = {
        ...die,
        name: 'Label',
        size: { by: 'die', set: { id: set.id, version: set.version }, step, turned },
      };
      commit(putOnPaper(plan, card, words, label, size));
    },
  };
}
