import { useEffect, useRef, useState } from 'react';
import type { CopiesPoint } from '../../../core/process/copiesPoint';
import type { CopiesQuestion, CopiesReply } from '../../../workers/copiesMessages';

/** How far it is told what each number of copies takes. */
export interface CopiesTrace {
  /** From one copy on. */
  readonly points: readonly CopiesPoint[];
  readonly state: 'working' | 'done' | 'stopped' | 'failed';
  /** Ends it; what is told stays. */
  readonly stop: () => void;
}

/** Makes the worker; tests hand in another. */
export type MakeWorker = () => Pick<Worker, 'postMessage' | 'terminate' | 'addEventListener'>;

const makeCopiesWorker: MakeWorker = () =>
  new Worker(new URL('../../../workers/copiesWorker.ts', import.meta.url), { type: 'module' });

interface Told {
  readonly of: CopiesQuestion | undefined;
  readonly points: readonly CopiesPoint[];
  readonly state: CopiesTrace['state'];
}

/** Has it worked out what each number of copies takes, anew for each question; undefined asks nothing. */
export function useCopiesTrace(
  question: CopiesQuestion | undefined,
  makeWorker: MakeWorker = makeCopiesWorker,
): CopiesTrace {
  const nothing: Told = { of: question, points: [], state: 'working' };
  const [told, setTold] = useState<Told>(nothing);
  const end = useRef<() => void>(undefined);
  useEffect(() => {
    if (!question) return undefined;
    const worker = makeWorker();
    const change = (take: (before: Told) => Told) =>
      setTold((before) =>
        take(before.of === question ? before : { of: question, points: [], state: 'working' }),
      );
    const finish = (state: CopiesTrace['state']) => {
      worker.terminate();
      change((before) => (before.state === 'working' ? { ...before, state } : before));
    };
    end.current = () => finish('stopped');
    worker.addEventListener('message', (({ data }: MessageEvent<CopiesReply>) => {
      if (data.kind === 'point')
        change((before) => ({ ...before, points: [...before.points, data.point] }));
      else if (data.kind === 'done') finish('done');
      else {
        console.error(`useCopiesTrace: ${data.message}`);
        finish('failed');
      }
    }) as EventListener);
    worker.addEventListener('error', () => finish('failed'));
    worker.postMessage(question);
    return () => worker.terminate();
  }, [question, makeWorker]);
  const { points, state } = told.of === question ? told : nothing;
  return { points, state, stop: () => end.current?.() };
}
