import type { BatchPlan } from '../../../core/process/processPlan';
import { stepWords } from '../../../core/process/stepWords';
import { isWorked } from '../../../core/process/workOn';
import { minutesWords } from '../../../core/prose/timeWords';
import { countWords } from '../../../core/words/countWords';
import { joinWords } from '../../../core/words/phrases';
import { useCardSession } from '../../session/CardSession';
import { StageHead } from './StageHead';

/** The batch stage by stage: getting ready once, then each card, and what is laid out before. */
export function StageTable({ batch }: { readonly batch: BatchPlan }) {
  const { card, work } = useCardSession();
  const { stages, copies, perEvening, work: outcome } = batch;
  const all = stages.reduce((sum, { step }) => sum + step.minutes.usual, 0);
  return (
    <section aria-label={`${copies} copies, by stage`}>
      <p className="pb-2">
        <strong className="font-heading pr-4 text-[17px] font-semibold">
          {copies} copies, by stage
          {outcome.ok
            ? `: ${countWords(outcome.plan.sessions.length, 'evening')}, ${minutesWords(all)}`
            : ''}
        </strong>
        <span className="text-sheet-muted">
          {minutesWords(all / copies)} a card.{' '}
          {perEvening === 0
            ? 'Not one is finished within an evening, as it has to dry.'
            : `${countWords(perEvening, 'card')} can be finished in one evening.`}
        </span>
      </p>
      <table className="w-full">
        <StageHead figures={['ready', 'a card', 'all']} />
        <tbody>
          {stages.map(({ step, steps, setUp, each, ready }, at) => (
            <tr key={step.id} className="border-hairline border-b align-baseline">
              <td className="font-heading text-[17px] font-semibold">{at + 1}</td>
              <td className="py-1 pr-3 font-semibold">
                {isWorked(work.work, step.id) && <span aria-label="done:">✓ </span>}
                {joinWords(steps.map((one) => stepWords(one, card)))}
                {ready > 0 && <span className="text-sheet-muted font-normal">, {ready} ahead</span>}
              </td>
              <td className="text-sheet-muted pr-3">{step.things.join(', ')}</td>
              <td className="text-right whitespace-nowrap">{shortWords(setUp)}</td>
              <td className="pl-3 text-right whitespace-nowrap">{shortWords(each)}</td>
              <td className="pl-3 text-right font-semibold whitespace-nowrap">
                {minutesWords(step.minutes.usual)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** Minutes that are hardly any are left out. */
const shortWords = (minutes: number) => (minutes < 0.25 ? '' : minutesWords(minutes));
