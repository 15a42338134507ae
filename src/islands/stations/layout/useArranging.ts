import {
  freeMiddle,
  newArrangement,
  newScatter,
  repeatLine,
  type ArrangementKind,
  type Tier,
} from '../../../core/composition/newArrangement';
import { boxOnFace } from '../../../core/resolve/boxOnFace';
import { isMark } from '../../../core/resolve/outlineOf';
import { holdsWords } from '../../../core/resolve/resolvedMark';
import { supportRect } from '../../../core/resolve/resolvedCard';
import { useCardSession } from '../../session/CardSession';
import { useLayout } from './LayoutContext';
import { newGround, newSupport } from './newSupport';
import type { ScatterChoice } from './ScatterDialog';
import { useAddAll } from './useAdding';

/** Many things laid at once. */
export interface Arranging {
  /** What an arrangement would go round, as one says it. */
  readonly middleName: string;
  readonly arrange: (kind: ArrangementKind, tiers: readonly Tier[], seed: number) => void;
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
  const { plan, card, face } = useCardSession();
  const { chosen, setTold } = useLayout();
  const addAll = useAddAll();
  const ground = (name: string) =>
    newGround(plan, card, newSupport(card, face, chosen.first), name);
  const { words } = chosen;
  return {
    middleName: words ? words.name : 'the middle of the panel',
    arrange: (kind, tiers, seed) => {
      const on = ground(groupNames[kind]);
      const around = words ? boxOnFace(words) : freeMiddle(supportRect(card, on.support));
      const clearance = plan.habits.wordMargin.ticks;
      addAll(newArrangement(on, kind, tiers, { around, clearance, seed }));
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
      addAll(marks);
      if (left > 0) setTold(`${left} of them found no room; make them fewer or smaller.`);
    },
  };
}
