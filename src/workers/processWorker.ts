import { keepAlike } from '../core/compute/keepAlike';
import { processCard } from '../core/compute/processCard';
import { fewStates } from '../core/process/orderSteps';
import { resolvePlan } from '../core/resolve/resolvePlan';
import { answerInTurn } from './answerInTurn';
import type { ProcessQuestion, ProcessReply } from './processMessages';

let last: Pick<ProcessQuestion, 'plan' | 'library'> | undefined;

/** So long the evenings are searched through at the most; the gap is told where they are not proven by then. */
const searchMilliseconds = 1500;

answerInTurn(function* answer({
  number,
  plan: planAsked,
  library: libraryAsked,
  ...time
}: ProcessQuestion): Generator<ProcessReply, void> {
  const { plan, library } = keepAlike(last, { plan: planAsked, library: libraryAsked });
  last = { plan, library };
  const card = resolvePlan(plan, library);
  const made = (states?: number) => {
    const until = performance.now() + searchMilliseconds;
    const isOver = () => performance.now() > until;
    return processCard(plan, card, time, { isOver, states });
  };
  // There is an answer to show before the proof, which may need a million states.
  const process = made(fewStates);
  yield { kind: 'process', number, process };
  if (!process.changes.isProven) yield { kind: 'process', number, process: made() };
});
