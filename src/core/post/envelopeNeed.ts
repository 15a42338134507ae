import { findItem, type Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { Holding } from '../stash/holding';
import type { EnvelopeNeed } from '../supplies/supplyRow';
import { envelopeFor, type EnvelopePlan } from './envelopeFor';
import { heightMap } from './heightMap';
import { stackOf } from './stackOf';

/** The envelope a card takes, for its list of supplies, without all else that is to be known of it. */
export function envelopeNeed(
  plan: Plan,
  card: ResolvedCard,
  library: Library,
  holdings: readonly Holding[],
): EnvelopeNeed | undefined {
  const choice = plan.post.envelope;
  const room = plan.habits.envelopeRoom.ticks;
  const map = heightMap(stackOf(plan, card));
  return needOf(envelopeFor(map, { choice, library, holdings, room }), library);
}

/** What is taken of an envelope that was found already. */
export function needOf({ chosen }: EnvelopePlan, library: Library): EnvelopeNeed | undefined {
  if (!chosen) return undefined;
  const { name, choice, made } = chosen.envelope;
  const item = choice.by === 'item' ? findItem(library, choice.item) : undefined;
  return { name, item, isMade: made !== undefined };
}
