import type { CutPlan } from '../../core/cutting/cutPlan';
import type { Release } from '../../core/plan/cardFile';
import { countWords } from '../../core/words/countWords';
import { joinWords } from '../../core/words/phrases';
import type { Sending } from './useSending';
import type { Planning } from '../planning/planner';

interface Open {
  /** How many of the chosen cards. */
  readonly unread: number;
  readonly isStashWhole: boolean;
  readonly planning: Planning;
  readonly plan: CutPlan | undefined;
  readonly sending: Pick<Sending, 'left' | 'hasFailed'>;
}

/** What is missing in a buying list that is not complete; undefined once it is. */
export function openWords({
  unread,
  isStashWhole,
  planning,
  plan,
  sending,
}: Open): string | undefined {
  if (unread > 0) return `${countWords(unread, 'card')} still to be read.`;
  if (!isStashWhole) return 'the stash is still to be read.';
  if (planning.kind === 'waiting') return undefined;
  if (planning.kind === 'done') return sendingWords(sending);
  if (planning.kind === 'failed') return 'its sheets could not be planned.';
  const pending = plan?.pending ?? [];
  if (planning.kind === 'ended')
    return pending.length === 0
      ? sendingWords(sending)
      : `the sheets of ${joinWords(pending)} are not planned. Plan on to have them in.`;
  return pending.length > 0
    ? `the sheets of ${joinWords(pending)} are still being planned.`
    : 'its sheets are still being planned.';
}

function sendingWords({ left, hasFailed }: Open['sending']): string | undefined {
  if (hasFailed) return 'its envelopes and postage could not be worked out. Load the page again.';
  return left > 0
    ? `the envelopes of ${countWords(left, 'card')} are still worked out.`
    : undefined;
}

/** Whose list it is, for what its file is called: the release where it is of all its cards, else the card, or how many. */
export function namesOf(
  cards: readonly {
    readonly id: string;
    readonly title: string;
    readonly releaseId: string | null;
  }[],
  ids: readonly string[],
  releases: readonly Release[],
): readonly string[] {
  const chosen = cards.filter(({ id }) => ids.includes(id));
  const [first] = chosen;
  if (chosen.length === 1 && first) return [first.title];
  const whole = releases.find(({ id }) => {
    const own = cards.filter(({ releaseId }) => releaseId === id);
    return own.length === chosen.length && own.every((card) => chosen.includes(card));
  });
  return whole ? [whole.name] : [countWords(chosen.length, 'card')];
}
