import { cleanJson } from '../../core/text/readJson';
import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import { resolvePlan } from '../../core/resolve/resolvePlan';
import { applyEdit } from '../../core/plan/applyEdit';
import type { Edit } from '../../core/plan/edit';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import { CardSaver, type RefusedEdit, type SaveState } from './cardSaver';
import {
  commitEdit,
  redoEdit,
  startHistory,
  takeOverPlan,
  undoEdit,
  type HistoryOutcome,
  type PlanHistory,
} from './planHistory';
import { sendSave } from './sendSave';
import { useEditCheck } from './useEditCheck';

export interface CardPlan {
  /** The plan with the figure being typed in it, as long as the card stays possible. */
  readonly plan: Plan;
  readonly card: ResolvedCard;
  /** What is looked over: of what is typed a moment later than it is drawn, of what is kept at once. */
  readonly settled: { readonly plan: Plan; readonly card: ResolvedCard };
  readonly revision: number;
  readonly saveState: SaveState;
  readonly savedAt: Date | undefined;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** Makes a change; false when it no longer applies. */
  readonly commit: (edit: Edit) => boolean;
  /** Shows a change without making it; undefined shows the plan as it is. */
  readonly preview: (edit: Edit | undefined) => void;
  readonly undo: () => boolean;
  readonly redo: () => boolean;
  /** Saves at once what waits; settles when the server has answered. */
  readonly flush: () => Promise<void>;
  /** Edits that were not taken and are left out of the plan, until the person has read why. */
  readonly refused: readonly RefusedEdit[];
  readonly forgetRefused: () => void;
  /** Drops what could not be saved; nothing warns of it any more when the page is left. */
  readonly dropUnsaved: () => void;
  /** Ends a conflict by going on from what is saved. */
  readonly takeSaved: () => void;
}

export interface CardPlanStart {
  readonly cardId: string;
  readonly plan: Plan;
  readonly revision: number;
  readonly library: Library;
}

/** The state of one card on the workbench: plan, history, figures and saving. */
export function useCardPlan({
  cardId,
  plan: startPlan,
  revision: startRevision,
  library,
}: CardPlanStart): CardPlan {
  const [history, setHistory] = useState(() => startHistory(startPlan));
  const [draft, setDraft] = useState<Edit>();
  const [saveState, setSaveState] = useState<SaveState>({ kind: 'saved' });
  const [revision, setRevision] = useState(startRevision);
  const [savedAt, setSavedAt] = useState<Date>();
  const [refused, setRefused] = useState<readonly RefusedEdit[]>([]);
  const latest = useRef<PlanHistory>(history);
  /** The plan as the server has it: what is left when an edit is not taken. */
  const onServer = useRef(startPlan);
  const saver = useRef<CardSaver>(undefined);
  const isEdit = useEditCheck();

  const show = useCallback((next: PlanHistory) => {
    latest.current = next;
    setHistory(next);
  }, []);

  useEffect(() => {
    const created = new CardSaver({
      revision: startRevision,
      send: async (save) => {
        const reply = await sendSave(cardId, save);
        if (reply.kind === 'saved')
          onServer.current = reply.plan ?? save.edits.reduce(applyIfPossible, onServer.current);
        return reply;
      },
      newId: () => crypto.randomUUID(),
      onState: (state, at) => {
        setSaveState(state);
        setRevision(at);
        if (state.kind === 'saved') setSavedAt(new Date());
      },
      onRefused: (edit, pending) => {
        setRefused((before) => [...before, edit]);
        const plan = pending.reduce(applyIfPossible, onServer.current);
        show(takeOverPlan(latest.current, plan));
      },
      onTakeOver: (plan, pending) =>
        show(takeOverPlan(latest.current, pending.reduce(applyIfPossible, plan))),
    });
    saver.current = created;
    const flush = () => void created.flush();
    const warn = (event: BeforeUnloadEvent) => {
      if (!created.isPending) return;
      flush();
      event.preventDefault();
    };
    window.addEventListener('pagehide', flush);
    window.addEventListener('beforeunload', warn);
    return () => {
      window.removeEventListener('pagehide', flush);
      window.removeEventListener('beforeunload', warn);
      flush();
      created.stop();
    };
  }, [cardId, startRevision, show]);

  const take = useCallback(
    (outcome: HistoryOutcome): boolean => {
      setDraft(undefined);
      if (!outcome.ok) return false;
      show(outcome.history);
      saver.current?.add(outcome.edit);
      return true;
    },
    [show],
  );

  const kept = useMemo(
    () => ({ plan: history.plan, card: resolvePlan(history.plan, library) }),
    [history.plan, library],
  );
  const drawn = useMemo(() => {
    if (!draft) return kept;
    const plan = applyIfPossible(kept.plan, draft);
    const card = resolvePlan(plan, library);
    // On the way to 5/16 stands a 5, which leaves nothing of the piece: the last drawing stays.
    const isPossible = card.impossible.length <= kept.card.impossible.length;
    return isPossible ? { plan, card } : kept;
  }, [kept, draft, library]);
  // The drawing follows the hand, and what is found of it comes a moment later; of what is kept it is there at once,
  // as the next key may be its remedy.
  const followed = useDeferredValue(drawn);
  const settled = draft ? followed : kept;

  return {
    plan: drawn.plan,
    card: drawn.card,
    settled,
    revision,
    saveState,
    savedAt,
    canUndo: history.undo.length > 0,
    canRedo: history.redo.length > 0,
    commit: useCallback(
      (edit: Edit) => take(commitEdit(latest.current, cleanJson(edit), isEdit)),
      [take, isEdit],
    ),
    preview: setDraft,
    undo: useCallback(() => take(undoEdit(latest.current)), [take]),
    redo: useCallback(() => take(redoEdit(latest.current)), [take]),
    flush: useCallback(async () => saver.current?.flush(), []),
    refused,
    forgetRefused: useCallback(() => setRefused([]), []),
    dropUnsaved: useCallback(() => saver.current?.restart(revision), [revision]),
    takeSaved: useCallback(() => {
      if (saveState.kind === 'stopped') {
        saver.current?.restart(revision);
        location.reload();
      }
      if (saveState.kind !== 'conflict') return;
      show(startHistory(saveState.plan));
      saver.current?.restart(saveState.revision);
    }, [saveState, revision, show]),
  };
}

function applyIfPossible(plan: Plan, edit: Edit): Plan {
  const outcome = applyEdit(plan, edit);
  return outcome.ok ? outcome.plan : plan;
}
