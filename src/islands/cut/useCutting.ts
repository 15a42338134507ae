import { useMemo } from 'react';
import { compareBatch, hashJob, piecesCut, type BatchChange } from '../../core/cutting/batchWork';
import { cutJob, type CutJob } from '../../core/cutting/cutJob';
import type { CutPlan } from '../../core/cutting/cutPlan';
import type { Plan } from '../../core/plan/plan';
import { forOneCard } from '../../core/plan/withCopies';
import type { Holding } from '../../core/stash/holding';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import { cutFigure } from './cutFigure';
import type { Planning } from './planner';
import type { CutBatchState } from './useCutBatch';
import { usePlanning } from './usePlanning';

interface Input {
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly state: CutBatchState;
  /** Planning waits while nobody looks, so that a card opens without delay. */
  readonly isWanted: boolean;
}

export interface Cutting {
  /** All the card wants now, whatever is cut already. */
  readonly job: CutJob;
  /** Of what is not planned yet: the whole batch, or its rest once the card has changed. */
  readonly planning: Planning;
  /** The plan to show: the accepted one, else the best found, else the last one while it is made anew. */
  readonly shown: CutPlan | undefined;
  /** What may be accepted: the plan found for the card as it is now, whole and once the search is over. */
  readonly found: CutPlan | undefined;
  /** Stocks a search that was stopped had not come to, by name. */
  readonly unreached: readonly string[];
  /** What is shown was made for the card as it was before. */
  readonly isOutdated: boolean;
  /** How one card is cut by itself. */
  readonly one: CutPlan | undefined;
  /** What has changed since the plan was accepted; empty where it fits or there is none. */
  readonly changes: readonly BatchChange[];
  /** For the tab of the station: '3 sheets'. */
  readonly figure: string;
  readonly stop: () => void;
  readonly resume: () => void;
}

/** Plans the batch of a card in a worker whenever what it is made from has changed. */
export function useCutting({ plan, card, state, isWanted }: Input): Cutting {
  const { batch, holdings } = state;
  const job = useMemo(() => cutJob(plan, card, holdings), [plan, card, holdings]);
  const hash = useMemo(() => hashJob(job), [job]);
  const isFitting = batch !== null && batch.hash === hash;
  const already = useMemo(() => (batch ? piecesCut(batch) : []), [batch]);
  const rest = useMemo(
    () => cutJob(plan, card, holdings, already),
    [plan, card, holdings, already],
  );
  const restKey = useMemo(() => JSON.stringify(rest.stocks.map(plainStock)), [rest]);
  const {
    planning,
    plan: latest,
    stop,
    resume,
  } = usePlanning(isWanted && !isFitting ? `${hash} ${restKey}` : undefined, () => rest);
  const isSettled = isFitting || planning.kind === 'done' || planning.kind === 'ended';
  const single = usePlanning(isWanted && isSettled ? hash : undefined, () =>
    // For a card by itself one buys sheets, whatever happens to be left over.
    cutJob(forOneCard(plan), card, holdings.map(withoutLeftovers)),
  );

  const found = 'plan' in planning ? planning.plan : undefined;
  const unreached =
    planning.kind === 'ended' ? (found?.pending ?? job.stocks.map(({ stock }) => stock.name)) : [];
  const isDone = planning.kind === 'done' || (planning.kind === 'ended' && unreached.length === 0);
  const shown = batch ? batch.plan : latest;
  return {
    job,
    planning,
    shown,
    found: isDone ? found : undefined,
    unreached,
    isOutdated: !batch && shown !== undefined && shown !== found,
    one: single.plan,
    changes: useMemo(
      () => (batch && !isFitting ? compareBatch(batch, job) : []),
      [batch, isFitting, job],
    ),
    figure: cutFigure(shown, planning),
    stop,
    resume,
  };
}

const withoutLeftovers = (holding: Holding): Holding => ({ ...holding, leftovers: [] });

/** What a stock's planning depends on; its name and colour do not matter. */
function plainStock({ stock, pieces, sources }: CutJob['stocks'][number]) {
  return [stock.id, pieces, sources];
}
