import { useMemo } from 'react';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import type { EnvelopePlan } from '../../core/post/envelopeFor';
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
  readonly envelopes: EnvelopePlan | undefined;
}

/** What the open card takes, counted with what is out of the stash for this very batch. */
export function useSupplies(): SupplyList {
  const { plan, card, library, holdings, batch: state, cutting, post } = useCardSession();
  const envelopes = post.plan?.envelopes;
  const { batch } = state;
  const { shown, one } = cutting;
  return useMemo(
    () =>
      suppliesOf({
        ...{ plan, card, library, holdings, envelopes },
        ...{ batch: { batch }, cutting: { shown, one } },
      }),
    [plan, card, library, batch, holdings, shown, one, envelopes],
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
  envelopes,
}: Input): SupplyList {
  return supplyList({
    plan,
    card,
    library,
    holdings: holdingsBefore(holdings, batch.batch?.taken ?? noTakings),
    cuts: cutting.shown,
    cutsForOne: cutting.one,
    envelope: envelopes && needOf(envelopes, library),
  });
}
