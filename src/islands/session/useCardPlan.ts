import { cleanJson } from '../../core/text/readJson';
import { useCallback, useDeferredValue, useMemo, useRef, useState } from 'react';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import { resolvePlan } from '../../core/resolve/resolvePlan';
import type { Edit } from '../../core/plan/edit';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import {
  commitEdit,
  redoEdit,
  startHistory,
  takeOverPlan,
  undoEdit,
  type HistoryOutcome,
  type PlanHistory,
} from './planHistory';
import { useEditCheck } from './useEditCheck';
import { applyIfPossible, useSaving, type Saving } from './useSaving';

export interface CardPlan {
  /** The plan with the figure being typed in it, as long as the card stays possible. */
  readonly plan: Plan;
  readonly card: ResolvedCard;
  /** What is looked over: of what is typed a moment later than it is drawn, of what is kept at once. */
  readonly settled: { readonly plan: Plan; readonly card: ResolvedCard };
  readonly saving: Saving;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** Whether changes saved before this page was loaded may be taken back too, once they are brought. */
  readonly hasPast: boolean;
  /** Brings them; false where there are none of one's own. */
  readonly bringPast: () => Promise<boolean>;
  /** Makes a change; false when it no longer applies. Changes one after the other that join are undone together. */
  readonly commit: (edit: Edit, joining?: string) => boolean;
  /**
   * Shows a change without making it; undefined shows the plan as it is. What is in the hand changes with every frame, so
   * what is found of it waits until it is let go.
   */
  readonly preview: (edit: Edit | undefined, isInHand?: boolean) => void;
  readonly undo: () => boolean;
  readonly redo: () => boolean;
  /** Changes are checked by the server only, since the check could not be loaded. */
  readonly isUnchecked: boolean;
  /** Goes on from what is saved, after a conflict or a save that was not taken. */
  readonly takeSaved: () => void;
}

interface Draft {
  readonly edit: Edit;
  readonly isInHand: boolean;
}

export interface CardPlanStart {
  readonly cardId: string;
  readonly plan: Plan;
  readonly revision: number;
  readonly library: Library;
  readonly build: string;
}

/** The state of one card on the workbench: plan, history, figures and saving. */
export function useCardPlan(start: CardPlanStart): CardPlan {
  const { cardId, plan: startPlan, revision: startRevision, library, build } = start;
  const [history, setHistory] = useState(() => startHistory(startPlan));
  const [draft, setDraft] = useState<Draft>();
  const latest = useRef<PlanHistory>(history);
  const { isEdit, isMissing } = useEditCheck();

  const show = useCallback((next: PlanHistory) => {
    latest.current = next;
    setHistory(next);
  }, []);
  const saving = useSaving({
    cardId,
    plan: startPlan,
    revision: startRevision,
    build,
    planHere: useCallback(() => latest.current.plan, []),
    onPlan: useCallback((plan, theirs) => show(takeOverPlan(latest.current, plan, theirs)), [show]),
  });
  const { add, restart, saveState, revision } = saving;

  const take = useCallback(
    (outcome: HistoryOutcome): boolean => {
      setDraft(undefined);
      if (!outcome.ok) return false;
      show(outcome.history);
      add(outcome.edit);
      return true;
    },
    [show, add],
  );

  const [past, setPast] = useState<'unread' | 'read'>('unread');
  const { flush } = saving;
  const bringPast = useCallback(async () => {
    await flush();
    const { pastSteps } = await import('./pastSteps');
    const steps = await pastSteps(cardId, latest.current.plan);
    // No answer now may be one the next time.
    if (!steps) return false;
    setPast('read');
    if (steps.length === 0 || latest.current.undo.length > 0) return false;
    show({ ...latest.current, undo: steps });
    return true;
  }, [cardId, flush, show]);

  const kept = useMemo(
    () => ({ plan: history.plan, card: resolvePlan(history.plan, library) }),
    [history.plan, library],
  );
  const drawn = useMemo(() => {
    if (!draft) return kept;
    const plan = applyIfPossible(kept.plan, draft.edit);
    const card = resolvePlan(plan, library);
    // On the way to 5/16 stands a 5, which leaves nothing of the piece: the last drawing stays.
    const isPossible = card.impossible.length <= kept.card.impossible.length;
    return isPossible ? { plan, card } : kept;
  }, [kept, draft, library]);
  // The drawing follows the hand, and what is found of it comes a moment later; of what is kept it is there at once,
  // as the next key may be its remedy.
  const followed = useDeferredValue(draft?.isInHand ? kept : drawn);

  return {
    plan: drawn.plan,
    card: drawn.card,
    settled: draft ? followed : kept,
    saving,
    canUndo: history.undo.length > 0,
    hasPast: past === 'unread' && revision > 1,
    canRedo: history.redo.length > 0,
    commit: useCallback(
      (edit: Edit, joining?: string) =>
        take(commitEdit(latest.current, cleanJson(edit), isEdit, joining)),
      [take, isEdit],
    ),
    preview: useCallback(
      (edit: Edit | undefined, isInHand = false) => setDraft(edit && { edit, isInHand }),
      [],
    ),
    undo: useCallback(() => take(undoEdit(latest.current)), [take]),
    bringPast,
    redo: useCallback(() => take(redoEdit(latest.current)), [take]),
    isUnchecked: isMissing,
    takeSaved: useCallback(() => {
      if (saveState.kind === 'stopped') {
        restart(revision);
        location.reload();
      }
      if (saveState.kind !== 'conflict') return;
      show(startHistory(saveState.plan));
      restart(saveState.revision);
    }, [saveState, revision, restart, show]),
  };
}
