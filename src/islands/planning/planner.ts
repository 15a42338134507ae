import type { CutJob } from '../../core/cutting/cutJob';
import type { CutPlan } from '../../core/cutting/cutPlan';
import type { CuttingReply } from '../../workers/cuttingMessages';

/** How far the planning of a batch is. */
export type Planning =
  | { readonly kind: 'waiting' }
  | { readonly kind: 'planning'; readonly plan: CutPlan | undefined }
  | { readonly kind: 'done'; readonly plan: CutPlan }
  /** Ended by hand, with the best plan so far. */
  | { readonly kind: 'ended'; readonly plan: CutPlan | undefined }
  | { readonly kind: 'failed' };

/** Makes the worker; tests hand in another. */
export type MakeWorker = () => Pick<Worker, 'postMessage' | 'terminate' | 'addEventListener'>;

const makeCuttingWorker: MakeWorker = () =>
  new Worker(new URL('../../workers/cuttingWorker.ts', import.meta.url), { type: 'module' });

/** A search under way. */
export interface Search {
  /** Ends it; what it found so far stays told. */
  readonly end: () => void;
  /** Ends it without a word, since nobody wants to know any more. */
  readonly drop: () => void;
}

/** Plans one job in a worker of its own and tells how far it is. */
export function planInWorker(
  job: CutJob,
  onState: (state: Planning) => void,
  makeWorker: MakeWorker = makeCuttingWorker,
): Search {
  const worker = makeWorker();
  let best: CutPlan | undefined;
  let isOver = false;
  const end = (state: Planning) => {
    if (isOver) return;
    isOver = true;
    worker.terminate();
    onState(state);
  };
  worker.addEventListener('message', ((event: MessageEvent<CuttingReply>) => {
    if (isOver) return;
    const reply = event.data;
    switch (reply.kind) {
      case 'better':
        best = reply.plan;
        return onState({ kind: 'planning', plan: best });
      case 'done':
        return end({ kind: 'done', plan: reply.plan });
      case 'failed':
        console.error(`planInWorker: ${reply.message}`);
        return end({ kind: 'failed' });
    }
  }) as EventListener);
  worker.addEventListener('error', () => end({ kind: 'failed' }));
  onState({ kind: 'planning', plan: undefined });
  worker.postMessage(job);
  return {
    end: () => end({ kind: 'ended', plan: best }),
    drop: () => {
      isOver = true;
      worker.terminate();
    },
  };
}
