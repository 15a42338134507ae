import { overrideId } from '../plan/collections';
import type { SimpleEdit } from '../plan/edit';
import type { Override } from '../plan/override';
import type { Step } from './step';

/**
 * The edits that put a step elsewhere in the order: after the last it is moved past, or before the first. What was decided
 * of it and of those it passes goes with that. None where it stays.
 * @param at where it stands in the order now; @param to where it is wanted, counted with it taken out
 */
export function moveStep(
  steps: readonly Step[],
  overrides: readonly Override[],
  at: number,
  to: number,
): readonly SimpleEdit[] {
  const moved = steps[at];
  const isLater = to > at;
  const passed = isLater ? steps.slice(at + 1, to + 1) : steps.slice(Math.max(0, to), at);
  const end = isLater ? passed.at(-1) : passed[0];
  if (!moved || !end) return [];
  const ids = new Set(passed.map(({ id }) => id));
  const against = overrides.filter(
    (each) =>
      each.kind === 'before' &&
      (isLater
        ? each.step === moved.id && ids.has(each.then)
        : each.then === moved.id && ids.has(each.step)),
  );
  const [step, then] = isLater ? [end.id, moved.id] : [moved.id, end.id];
  const wish: Override = { kind: 'before', step, then, waits: false };
  const isThere = overrides.some((each) => overrideId(each) === overrideId(wish));
  return [
    ...against.map((each): SimpleEdit => ({
      kind: 'remove',
      in: 'overrides',
      id: overrideId(each),
    })),
    ...(isThere ? [] : [{ kind: 'put', in: 'overrides', item: wish } as const]),
  ];
}

/** The edits that decide something of a step in place of what was decided of the same before; null lets it go. */
export function decideStep(
  overrides: readonly Override[],
  kind: Exclude<Override['kind'], 'before' | 'add'>,
  step: string,
  override: Override | null,
): readonly SimpleEdit[] {
  const id = `${kind} ${step}`;
  const isThere = overrides.some((each) => overrideId(each) === id);
  return [
    ...(isThere ? [{ kind: 'remove', in: 'overrides', id } as const] : []),
    ...(override ? [{ kind: 'put', in: 'overrides', item: override } as const] : []),
  ];
}
