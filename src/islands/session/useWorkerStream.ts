import { useEffect, useRef, useState } from 'react';
import type { MakeWorker } from '../planning/planner';
import type { StreamReply } from '../../workers/streamReply';

/** What a worker has told of one question so far. */
export interface WorkerStream<Part> {
  /** In the order they were told. */
  readonly parts: readonly Part[];
  readonly state: 'working' | 'done' | 'stopped' | 'failed';
  /** Ends it; what is told stays. */
  readonly stop: () => void;
  /** Begins anew. */
  readonly again: () => void;
}

interface Told<Part> {
  readonly of: object | undefined;
  readonly parts: readonly Part[];
  readonly state: WorkerStream<Part>['state'];
}

/**
 * Asks a worker of its own one question after the other; the next ends the work on the one before.
 * @param question undefined asks nothing; the same object is not asked again
 */
export function useWorkerStream<Part>(
  question: object | undefined,
  makeWorker: MakeWorker,
): WorkerStream<Part> {
  const nothing: Told<Part> = { of: question, parts: [], state: 'working' };
  const [told, setTold] = useState<Told<Part>>(nothing);
  const [attempt, setAttempt] = useState(0);
  const end = useRef<() => void>(undefined);
  useEffect(() => {
    if (!question) return undefined;
    const worker = makeWorker();
    const change = (take: (before: Told<Part>) => Told<Part>) =>
      setTold((before) =>
        take(before.of === question ? before : { of: question, parts: [], state: 'working' }),
      );
    const finish = (state: WorkerStream<Part>['state']) => {
      worker.terminate();
      change((before) => (before.state === 'working' ? { ...before, state } : before));
    };
    end.current = () => finish('stopped');
    worker.addEventListener('message', (({ data }: MessageEvent<StreamReply<Part>>) => {
      if (data.kind === 'part')
        change((before) => ({ ...before, parts: [...before.parts, data.part] }));
      else if (data.kind === 'done') finish('done');
      else {
        console.error(`useWorkerStream: ${data.message}`);
        finish('failed');
      }
    }) as EventListener);
    worker.addEventListener('error', () => finish('failed'));
    worker.postMessage(question);
    return () => worker.terminate();
  }, [question, makeWorker, attempt]);
  const { parts, state } = told.of === question ? told : nothing;
  return {
    parts,
    state,
    stop: () => end.current?.(),
    again: () => {
      setTold(nothing);
      setAttempt(attempt + 1);
    },
  };
}
