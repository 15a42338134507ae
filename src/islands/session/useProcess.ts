import { useState } from 'react';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import { usualEvenings } from '../../core/plan/usualEvenings';
import type { ProcessPlan, WorkTime } from '../../core/process/processPlan';
import type { ProcessReply } from '../../workers/processMessages';
import { useCardWorker, type FailedReply } from './useCardWorker';

/** How a card is made, as far as that is worked out. */
export interface ProcessState {
  /** The last that was worked out; undefined while none was. */
  readonly plan: ProcessPlan | undefined;
  /** When work begins, and the evenings of who does it. */
  readonly time: WorkTime;
  /** It is of the card as it was before. */
  readonly isOld: boolean;
  readonly hasFailed: boolean;
}

const start = () =>
  new Worker(new URL('../../workers/processWorker.ts', import.meta.url), { type: 'module' });

/** Works out steps, order and evenings in a worker whenever a card has changed. @param isLooked they are seen now */
export function useProcess(plan: Plan, library: Library, isLooked: boolean): ProcessState {
  const [time] = useState(timeNow);
  const { told, isOld, hasFailed } = useCardWorker<ProcessReply, ProcessPlan>({
    ...{ plan, library, more: time, isLooked, start, take },
  });
  return { plan: told, time, isOld, hasFailed };
}

const fiveMinutes = 300_000;

/** The next full five minutes of now, on the clocks of this machine. */
function timeNow(): WorkTime {
  const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
  return {
    start: Math.ceil(Date.now() / fiveMinutes) * fiveMinutes,
    evenings: usualEvenings(timeZone),
  };
}

function take(
  _: ProcessPlan | undefined,
  { process }: Exclude<ProcessReply, FailedReply>,
): ProcessPlan {
  return process;
}
