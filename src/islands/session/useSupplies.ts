import { useMemo } from 'react';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import type { PostPlan } from '../../core/post/postPlan';
import { postageOf } from '../../core/post/postageOf';
import type { HouseMail } from '../../core/stash/houseMail';
import { needOf } from '../../core/post/envelopeNeed';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import type { Holding } from '../../core/stash/holding';
import type { Taking } from '../../core/stash/taking';
import { holdingsBefore } from '../../core/stash/takeFrom';
import { supplyList, type SupplyList } from '../../core/supplies/supplyList';
import { useCardSession } from './CardSession';
import type { CutBatchState } from './useCutBatch';
import type { Cutting } from './useCutting';

const noTakings: readonly Taking[] = [];

interface Input {
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly batch: Pick<CutBatchState, 'batch'>;
  readonly cutting: Pick<Cutting, 'shown' | 'one'>;
  /** Undefined while it is not known how the card is sent. */
  readonly post: PostPlan | undefined;
  readonly mail: HouseMail;
}

/** What the open card takes, counted with what is out of the stash for this very batch. */
export function useSupplies(): SupplyList {
  const {
    plan,
    card,
    library,
    holdings,
    batch: state,
    cutting,
    mail,
    ...session
  } = useCardSession();
  const post = session.post.plan;
  const { batch } = state;
  const { shown, one } = cutting;
  return useMemo(
    () =>
      suppliesOf({
        ...{ plan, card, library, holdings, post, mail },
        ...{ batch: { batch }, cutting: { shown, one } },
      }),
    [plan, card, library, batch, holdings, shown, one, post, mail],
  );
}

/** What a card takes. */
export function suppliesOf({
  plan,
  card,
  library,
  holdings,
  batch,
  cutting,
  post,
  mail,
}: Input): SupplyList {
  return supplyList({
    plan,
    card,
    library,
    holdings: holdingsBefore(holdings, batch.batch?.taken ?? noTakings),
    cuts: cutting.shown,
    cutsForOne: cutting.one,
    envelope: post && needOf(post.envelopes, library),
    postage: post && postageOf(plan, post, mail),
  });
}
