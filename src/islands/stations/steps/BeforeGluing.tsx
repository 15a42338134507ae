import { beforeGluing } from '../../../core/process/beforeGluing';
import type { ProcessPlan } from '../../../core/process/processPlan';
import { stepWords } from '../../../core/process/stepWords';
import { isWorked } from '../../../core/process/workOn';
import { useCardSession } from '../../session/CardSession';

/** What is easily forgotten before the first layer is glued on; what is ticked at the bench has its tick. */
export function BeforeGluing({ process }: { readonly process: ProcessPlan }) {
  const { card, work } = useCardSession();
  const steps = beforeGluing(process);
  if (steps.length === 0) return null;
  return (
    <section aria-label="Before it is glued">
      <h2 className="pt-2 text-[17px]">Before it is glued</h2>
      <ul>
        {steps.map((step) => (
          <li key={step.id}>
            {isWorked(work.work, step.id) ? '✓ ' : ''}
            {stepWords(step, card)}
          </li>
        ))}
      </ul>
    </section>
  );
}
