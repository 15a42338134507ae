import { useMemo } from 'react';
import type { PostRemedy } from '../../core/post/postRemedy';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import type { HeightArea } from '../../core/post/heightAreas';
import type { PostPlan } from '../../core/post/postPlan';
import type { Holding } from '../../core/stash/holding';
import type { HouseMail } from '../../core/stash/houseMail';
import type { PostReply } from '../../workers/postMessages';
import { useCardWorker, type FailedReply } from './useCardWorker';

/** How a card is sent, as far as that is worked out. */
export interface PostState {
  /** The last that was worked out; undefined while none was. */
  readonly plan: PostPlan | undefined;
  /** The card by its heights, for drawing. */
  readonly areas: readonly HeightArea[];
  /** It is of the card as it was before. */
  readonly isOld: boolean;
  /** What brings it into a cheaper class; none while that is looked for. */
  readonly remedies: readonly PostRemedy[];
  /** Such are still looked for. */
  readonly isLooking: boolean;
  readonly hasFailed: boolean;
}

type Told = Pick<PostState, 'areas' | 'remedies' | 'isLooking'> & { readonly plan: PostPlan };

const none: readonly PostRemedy[] = [];
const noAreas: readonly HeightArea[] = [];

const start = () =>
  new Worker(new URL('../../workers/postWorker.ts', import.meta.url), { type: 'module' });

/** Works out height, weight, envelope and class of mail in a worker whenever a card has changed. */
export function usePost(
  plan: Plan,
  library: Library,
  holdings: readonly Holding[],
  mail: HouseMail,
  isLooked: boolean,
): PostState {
  // Envelopes that are owned are looked through, whether the card uses one or not.
  const beside = useMemo(() => library.filter(({ kind }) => kind === 'envelope'), [library]);
  const more = useMemo(() => {
    const ids = new Set(beside.map(({ id }) => id));
    return { holdings: holdings.filter(({ itemId }) => ids.has(itemId)), mail };
  }, [beside, holdings, mail]);
  const { told, isOld, hasFailed } = useCardWorker<PostReply, Told>({
    ...{ plan, library, beside, more, isLooked, start, take },
  });
  return {
    plan: told?.plan,
    areas: told?.areas ?? noAreas,
    isOld,
    remedies: told?.remedies ?? none,
    isLooking: told === undefined || told.isLooking,
    hasFailed,
  };
}

function take(before: Told | undefined, reply: Exclude<PostReply, FailedReply>): Told | undefined {
  if (reply.kind === 'post')
    return { plan: reply.post, areas: reply.areas, remedies: [], isLooking: true };
  if (!before) return before;
  return { ...before, remedies: reply.remedies, isLooking: false };
}
