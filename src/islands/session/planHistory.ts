import { applyEdit, type EditIssue } from '../../core/plan/applyEdit';
import { batchEdits, simpleEditsOf } from '../../core/plan/batchEdits';
import type { Edit, SimpleEdit } from '../../core/plan/edit';
import { doCommute, editTouches } from '../../core/plan/editTouches';
import type { Plan } from '../../core/plan/plan';

/** A plan with the way back and forth; each step is an edit, so undoing is one more edit. */
export interface PlanHistory {
  readonly plan: Plan;
  /** Edits that undo, the latest last. */
  readonly undo: readonly Edit[];
  /** Edits that do again what was undone, the latest last. */
  readonly redo: readonly Edit[];
  /** What the last step is one of, such as the nudges of one thing; the next of the same is undone with it. */
  readonly joining?: string | undefined;
}

/** What happened to a step: the new history and the edit to save, or why it could not be done. */
export type HistoryOutcome =
  | { readonly ok: true; readonly history: PlanHistory; readonly edit: Edit }
  | {
      readonly ok: false;
      readonly issue: EditIssue | { readonly code: 'nothing-left' | 'no-edit' };
    };

const mostSteps = 500;

export function startHistory(plan: Plan): PlanHistory {
  return { plan, undo: [], redo: [] };
}

/**
 * Makes a change; what was undone before can no longer be done again.
 * @param isEdit checks as the server will, so that nothing is shown that cannot be kept
 * @param joining steps one after the other of one name are undone together
 */
export function commitEdit(
  history: PlanHistory,
  edit: Edit,
  isEdit: (edit: Edit) => boolean,
  joining?: string,
): HistoryOutcome {
  if (!isEdit(edit)) return { ok: false, issue: { code: 'no-edit' } };
  const outcome = applyEdit(history.plan, edit);
  if (!outcome.ok) return outcome;
  const last = history.undo.at(-1);
  const isJoined = joining !== undefined && joining === history.joining && last !== undefined;
  const undo = isJoined
    ? [...history.undo.slice(0, -1), bothBack(outcome.inverse, last)]
    : [...history.undo, outcome.inverse].slice(-mostSteps);
  return { ok: true, edit, history: { plan: outcome.plan, undo, redo: [], joining } };
}

/** Takes back a step and then the one before it; where that one sets all that this one does, it alone. */
function bothBack(later: Edit, earlier: Edit): Edit {
  const set = new Map(simpleEditsOf(earlier).map((part) => [setBy(part), part]));
  const isCovered = simpleEditsOf(later).every(
    (part) => part.kind === 'change' && set.has(setBy(part)),
  );
  return isCovered ? earlier : batchEdits([...simpleEditsOf(later), ...simpleEditsOf(earlier)]);
}

/** What of a piece an edit sets. */
const setBy = (part: SimpleEdit) =>
  part.kind === 'change'
    ? `${part.in} ${part.id} ${Object.keys(part.change).sort().join(' ')}`
    : '';

/** Takes the last change back; refused when others' edits have made that impossible. */
export function undoEdit(history: PlanHistory): HistoryOutcome {
  return step(history, 'undo', 'redo');
}

export function redoEdit(history: PlanHistory): HistoryOutcome {
  return step(history, 'redo', 'undo');
}

/**
 * Takes over a plan with others' edits in it. The way back keeps the steps that leave theirs alone, so that undoing takes
 * back one's own changes only.
 */
export function takeOverPlan(
  history: PlanHistory,
  plan: Plan,
  theirs: readonly Edit[] = [],
): PlanHistory {
  if (theirs.length === 0) return { ...history, plan };
  const touched = editTouches(history.plan, theirs);
  const ours = (steps: readonly Edit[]) =>
    steps.filter((step) => doCommute(editTouches(history.plan, [step]), touched));
  return { plan, undo: ours(history.undo), redo: ours(history.redo) };
}

function step(history: PlanHistory, from: 'undo' | 'redo', to: 'undo' | 'redo'): HistoryOutcome {
  const edit = history[from].at(-1);
  if (!edit) return { ok: false, issue: { code: 'nothing-left' } };
  const outcome = applyEdit(history.plan, edit);
  if (!outcome.ok) return outcome;
  return {
    ok: true,
    edit,
    history: {
      ...history,
      joining: undefined,
      plan: outcome.plan,
      [from]: history[from].slice(0, -1),
      [to]: [...history[to], outcome.inverse],
    },
  };
}
