import {
  freeMiddle,
  newArrangement,
  newScatter,
  repeatLine,
  type ArrangementKind,
} from '../../../core/composition/newArrangement';
import { usualCounts } from '../../../core/composition/usualCounts';
import type { Size } from '../../../core/length/length';
import { batchEdits } from '../../../core/plan/batchEdits';
import { addPieces } from '../../../core/plan/pieceEdits';
import { boxOnFace } from '../../../core/resolve/boxOnFace';
import { isMark } from '../../../core/resolve/outlineOf';
import { holdsWords } from '../../../core/resolve/resolvedMark';
import type { SupportId } from '../../../core/resolve/origins';
import { supportRect } from '../../../core/resolve/resolvedCard';
import { useCardSession } from '../../session/CardSession';
import { useLayout } from './LayoutContext';
import { newSupport } from '../../../core/composition/newSupport';
import { newGround } from './newGround';
import type { AskedArrangement } from './ArrangementDialog';
import type { ScatterChoice } from './ScatterDialog';
import { useAddAll } from './useAdding';

/** Many things laid at once. */
export interface Arranging {
  /** What an arrangement would go round, as one says it. */
  readonly middleName: string;
  readonly countsFor: (
    kind: ArrangementKind,
    sizes: readonly (Size | undefined)[],
  ) => readonly number[];
  /** Shows an arrangement on the card without laying it; none where it is undefined. */
  readonly show: (asked: AskedArrangement | undefined) => void;
  readonly arrange: (asked: AskedArrangement) => void;
  /** Repeats the selected line of words up and down the paper. */
  readonly repeat: () => void;
  readonly scatter: (choice: ScatterChoice) => void;
}

const groupNames: Readonly<Record<ArrangementKind, string>> = {
  oval: 'wreath',
  rectangle: 'wreath',
  arch: 'arch',
  branches: 'branches',
  hanging: 'hanging',
  list: 'list',
};

export function useArranging(): Arranging {
  const { plan, card, face, preview } = useCardSession();
  const { chosen, setTold } = useLayout();
  const addAll = useAddAll();
  const ground = (name: string) =>
    newGround(plan, card, newSupport(card, face, chosen.first), name);
  const { words } = chosen;
  const clearance = plan.habits.wordMargin.ticks;
  const middleOf = (support: SupportId) =>
    words ? boxOnFace(words) : freeMiddle(supportRect(card, support));
  const lay = ({ kind, tiers, seed }: AskedArrangement) => {
    const on = ground(groupNames[kind]);
    return newArrangement(on, kind, tiers, { around: middleOf(on.support), clearance, seed });
  };
  return {
    middleName: words ? words.name : 'the middle of the panel',
    countsFor: (kind, sizes) => {
      const { support } = ground('');
      return usualCounts(kind, {
        sizes,
        area: supportRect(card, support),
        around: middleOf(support),
        clearance,
      });
    },
    show: (asked) => preview(asked && batchEdits(addPieces(plan, lay(asked)))),
    arrange: (asked) => {
      addAll(lay(asked));
    },
    repeat: () => {
      if (!words) return;
      const lines = repeatLine({ ...ground('lines'), support: words.support }, words);
      if (lines.length > 0) addAll(lines);
      else setTold('There is no room for the line a second time.');
    },
    scatter: ({ isOffImages, ...how }) => {
      const on = ground('dots');
      const keepOff = [...card.pieces, ...card.marks].filter(
        (each) =>
          each.face === face &&
          each.support === on.support &&
          (isOffImages || (isMark(each) && holdsWords(each))),
      );
      const { marks, left } = newScatter(on, { ...how, keepOff });
      if (!addAll(marks) || left === 0) return;
      setTold(
        `${marks.length} of ${marks.length + left} dots found room; for more, make them smaller or let them lie nearer.`,
      );
    },
  };
}
