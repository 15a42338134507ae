import { applyEdit } from '../../core/plan/applyEdit';
import type { Edit } from '../../core/plan/edit';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import { compareCards, type CardChange, type CardVersion } from '../../core/resolve/compareCards';
import { resolvePlan } from '../../core/resolve/resolvePlan';

/** One save as our server lists it. */
export interface Revision {
  readonly number: number;
  readonly author: string | null;
  readonly at: string;
  readonly edits: readonly Edit[];
}

/** A revision with the card as it was after it, and what it changed. */
export interface WalkedRevision extends Revision {
  readonly version: CardVersion;
  readonly changes: readonly CardChange[];
}

/**
 * Goes through a run of revisions from the plan they start from: the card after each, and what each
 * changed. An edit that no longer applies is passed over, as the server did when it was saved.
 */
export function walkRevisions(
  start: Plan,
  revisions: readonly Revision[],
  library: Library,
): readonly WalkedRevision[] {
  let version: CardVersion = { plan: start, card: resolvePlan(start, library) };
  return revisions.map((revision) => {
    const before = version;
    const plan = revision.edits.reduce((now, edit) => {
      const outcome = applyEdit(now, edit);
      return outcome.ok ? outcome.plan : now;
    }, before.plan);
    version = plan === before.plan ? before : { plan, card: resolvePlan(plan, library) };
    return { ...revision, version, changes: compareCards(before, version) };
  });
}

/** Revisions of one person with no long pause between them, newest first. */
export interface Sitting {
  readonly author: string | null;
  readonly revisions: readonly WalkedRevision[];
}

const longPauseMinutes = 30;

/** Groups revisions, oldest first, into sittings, newest first; so are the revisions in each. */
export function sittingsOf(revisions: readonly WalkedRevision[]): readonly Sitting[] {
  const sittings: { author: string | null; revisions: WalkedRevision[] }[] = [];
  for (const revision of revisions) {
    const current = sittings[0];
    const last = current?.revisions[0];
    const pause = last ? Date.parse(revision.at) - Date.parse(last.at) : Infinity;
    if (current && current.author === revision.author && pause <= longPauseMinutes * 60_000)
      current.revisions.unshift(revision);
    else sittings.unshift({ author: revision.author, revisions: [revision] });
  }
  return sittings;
}
