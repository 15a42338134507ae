import { useMemo, useState } from 'react';
import type { Evenings } from '../../core/plan/evenings';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import { usualEvenings } from '../../core/plan/usualEvenings';
import type { Ahead } from '../../core/process/ahead';
import type { ProcessPlan, WorkTime } from '../../core/process/processPlan';
import type { WorkBatch } from '../../core/process/workBatch';
import type { ProcessReply } from '../../workers/processMessages';
import type { Holding } from '../../core/stash/holding';
import { zoneHere } from '../parts/zoneHere';
import { useAlike } from './useAlike';
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
  /** The order, and the evenings, are still looked for. */
  readonly isWorking: boolean;
  readonly isStopped: boolean;
  readonly stop: () => void;
  readonly resume: () => void;
}

const start = () =>
  new Worker(new URL('../../workers/processWorker.ts', import.meta.url), { type: 'module' });

/** What else decides when a card is made. */
interface Circumstances {
  readonly cardId: string;
  /** Of which those of stamps tell what masks are kept. */
  readonly holdings: readonly Holding[];
  /** The steps are seen now. */
  readonly isLooked: boolean;
  /** When its designer works; null where they have not said. */
  readonly evenings: Evenings | null;
  readonly work: WorkBatch | null;
  readonly ahead: readonly Ahead[];
}

/** Works out steps, order and evenings in a worker whenever a card has changed. */
export function useProcess(
  plan: Plan,
  library: Library,
  { cardId, holdings, isLooked, evenings, work, ahead }: Circumstances,
): ProcessState {
  const [now] = useState(timeNow);
  const masked = useAlike(holdings.filter(({ masks = [] }) => masks.length > 0));
  const done = useAlike(doneOf(work));
  const time = useMemo(
    (): WorkTime => ({
      ...{ start: now, evenings: evenings ?? usualEvenings(zoneHere()), done, ahead },
      kept: { cardId, holdings: masked },
    }),
    [now, evenings, done, ahead, cardId, masked],
  );
  const { told, ...state } = useCardWorker<ProcessReply, ProcessPlan>({
    ...{ plan, library, more: time, isLooked, start, take },
  });
  return { plan: told, time, ...state };
}

const fiveMinutes = 300_000;

/** The next full five minutes of now. */
function timeNow(): number {
  return Math.ceil(Date.now() / fiveMinutes) * fiveMinutes;
}

/** What is done for all copies, and when. */
function doneOf(work: WorkBatch | null): WorkTime['done'] {
  if (!work) return [];
  return work.steps
    .filter(({ copies }) => copies >= work.copies)
    .map(({ step, lastAt }) => ({ step, at: Date.parse(lastAt) }));
}

function take(
  _: ProcessPlan | undefined,
  { process }: Exclude<ProcessReply, FailedReply>,
): ProcessPlan {
  return process;
}
