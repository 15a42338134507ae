import { makeTogether, type TogetherInput } from '../core/compute/makeTogether';
import type { JointPlan } from '../core/process/planTogether';
import { answerOnce } from './streamReply';

/** So long each search goes on at the most. */
const searchMilliseconds = 1500;

answerOnce<TogetherInput, JointPlan>(function* answer(question) {
  yield makeTogether(question, () => {
    const until = performance.now() + searchMilliseconds;
    return () => performance.now() > until;
  });
});
