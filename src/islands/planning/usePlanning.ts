import { useCallback, useEffect, useRef, useState } from 'react';
import type { CutJob } from '../../core/cutting/cutJob';
import type { CutPlan } from '../../core/cutting/cutPlan';
import { planInWorker, type Planning, type Search } from './planner';

export interface PlanningState {
  /** Of what is asked now; a plan for anything asked before is out of date. */
  readonly planning: Planning;
  /** The best plan for what is asked now, else the last one there was, so that nothing blinks. */
  readonly plan: CutPlan | undefined;
  /** Ends the search and keeps what it found. */
  readonly stop: () => void;
  /** Searches once more. */
  readonly resume: () => void;
}

/** Asked for, and about to be looked at. */
const unasked: Planning = { kind: 'planning', plan: undefined };

/** So long nothing may change before a batch is planned. */
const restMilliseconds = 300;

/**
 * Plans in a worker what a key stands for, anew whenever the key changes; `jobOf` makes the job when the search
 * begins. Without a key nothing is asked.
 */
export function usePlanning(key: string | undefined, jobOf: () => CutJob): PlanningState {
  const [told, setTold] = useState<{ readonly key: string; readonly state: Planning }>();
  const [turn, setTurn] = useState(0);
  const latest = useRef(jobOf);
  useEffect(() => {
    latest.current = jobOf;
  });
  const end = useRef<() => void>(undefined);
  const own = key === undefined ? undefined : `${turn} ${key}`;

  useEffect(() => {
    if (own === undefined) return;
    const tell = (state: Planning) => setTold({ key: own, state });
    let search: Search | undefined;
    const timer = setTimeout(() => {
      search = planInWorker(latest.current(), tell);
    }, restMilliseconds);
    end.current = () => {
      clearTimeout(timer);
      if (search) search.end();
      else tell({ kind: 'ended', plan: undefined });
    };
    return () => {
      clearTimeout(timer);
      search?.drop();
    };
  }, [own]);

  const planning: Planning =
    own === undefined ? { kind: 'waiting' } : told?.key === own ? told.state : unasked;
  const found = 'plan' in planning ? planning.plan : undefined;
  const last = useRef<CutPlan>(undefined);
  useEffect(() => {
    if (found) last.current = found;
  });
  return {
    planning,
    plan: found ?? last.current,
    stop: useCallback(() => end.current?.(), []),
    resume: useCallback(() => setTurn((now) => now + 1), []),
  };
}
