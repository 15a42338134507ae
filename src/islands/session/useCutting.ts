import { useEffect, useMemo, useRef, useState } from 'react';
import { compareBatch, hashJob, piecesCut, type BatchChange } from '../../core/cutting/batchWork';
import { cutJob, type CutJob } from '../../core/cutting/cutJob';
import type { CutPlan } from '../../core/cutting/cutPlan';
import type { Plan } from '../../core/plan/plan';
import { forOneCard } from '../../core/plan/withCopies';
import type { Holding } from '../../core/stash/holding';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import type { Planning } from '../planning/planner';
import type { CutBatchState } from './useCutBatch';
import { usePlanning } from '../planning/usePlanning';
import { useRested } from './useRested';

interface Input {
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly state: CutBatchState;
  readonly holdings: readonly Holding[];
  /** Whether its sheets are looked at now; elsewhere they are planned once the hand rests. */
  readonly isLooked: boolean;
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
  /** The last plan that had sheets for every stock; undefined while there was none. */
  readonly lastWhole: CutPlan | undefined;
  /** Whether the card has changed since what is shown was asked for. */
  readonly isWaiting: boolean;
  readonly stop: () => void;
  readonly resume: () => void;
}

/** So long a card must stand still before its sheets are planned while somebody is at another station. */
const restMilliseconds = 400;

/** A card that was just opened is on screen and at rest by then; its sheets are planned only afterwards. */
const settlingMilliseconds = 1500;

/** Plans the batch of a card in a worker whenever what it is made from has changed. */
export function useCutting({
  plan: planNow,
  card: cardNow,
  state,
  holdings,
  isLooked,
}: Input): Cutting {
  const { batch } = state;
  const now = useMemo(() => ({ plan: planNow, card: cardNow }), [planNow, cardNow]);
  const rested = useRested(now, restMilliseconds);
  const basis = isLooked ? now : rested;
  const { plan, card } = basis;
  const [isSettled, setSettled] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(true), settlingMilliseconds);
    return () => clearTimeout(timer);
  }, []);
  const isWanted = isSettled || isLooked;
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
  const isPlanned = isFitting || planning.kind === 'done' || planning.kind === 'ended';
  const single = usePlanning(isWanted && isPlanned ? hash : undefined, () =>
    // For a card by itself one buys sheets, whatever happens to be left over.
    cutJob(forOneCard(plan), card, holdings.map(withoutLeftovers)),
  );

  const found = 'plan' in planning ? planning.plan : undefined;
  const unreached =
    planning.kind === 'ended' ? (found?.pending ?? job.stocks.map(({ stock }) => stock.name)) : [];
  const isDone = planning.kind === 'done' || (planning.kind === 'ended' && unreached.length === 0);
  const shown = batch ? batch.plan : latest;
  const whole = shown && shown.pending.length === 0 ? shown : undefined;
  const lastWhole = useRef<CutPlan>(undefined);
  useEffect(() => {
    if (whole) lastWhole.current = whole;
  });
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
    lastWhole: whole ?? lastWhole.current,
    isWaiting: basis !== now,
    stop,
    resume,
  };
}

const withoutLeftovers = (holding: Holding): Holding => ({ ...holding, leftovers: [] });

/** What a stock's planning depends on; its name and colour do not matter. */
function plainStock({ stock, pieces, sources }: CutJob['stocks'][number]) {
  return [stock.id, pieces, sources];
}
