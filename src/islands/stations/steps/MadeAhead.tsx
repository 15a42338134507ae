import type { ProcessPlan } from '../../../core/process/processPlan';
import { stepWords } from '../../../core/process/stepWords';
import { countWords } from '../../../core/words/countWords';
import { useCardSession } from '../../session/CardSession';
import { AheadRows } from '../../session/AheadRows';

/** What of this card lies in the stash already, and which steps need not be done for that. */
export function MadeAhead({ process }: { readonly process: ProcessPlan }) {
  const { card, ahead, plan } = useCardSession();
  if (ahead.ahead.length === 0) return null;
  const { fallen } = process;
  const { copies } = plan.making;
  return (
    <section aria-label="Made ahead">
      <h2 className="pt-2 text-[17px]">Made ahead, in the stash</h2>
      <AheadRows state={ahead} />
      <p
        className="text-sheet-muted"
        title={fallen.map((step) => stepWords(step, card)).join(', ')}
      >
        {fallen.length > 0
          ? `${countWords(fallen.length, 'step')} of ${countWords(copies, 'card')} need not be done.`
          : `Not enough for ${countWords(copies, 'card')}: the rest is made.`}
      </p>
    </section>
  );
}
