import { makingSteps, makingTime } from '../../../core/prose/makingSteps';
import { followMaker } from '../../../core/prose/cautionWords';
import { useCardSession } from '../../session/CardSession';
import { TableView } from '../../session/TableView';

/** How it is made: every step with its time, its waits and its cautions, and a picture where the card looks otherwise. */
export function HowItIsMade() {
  const { card, process } = useCardSession();
  const { plan, hasFailed } = process;
  if (!plan)
    return (
      <p role="status" className="text-muted pt-4">
        {hasFailed
          ? 'The steps could not be worked out. Load the page again.'
          : 'The steps are being put in order…'}
      </p>
    );
  // Whoever makes it from the sheet has nothing made ahead.
  const whole = { ...plan, ...plan.whole, fallen: [] };
  return (
    <section className="pt-4">
      <h3 className="text-lg">How it is made</h3>
      <p className="text-muted">One card: {makingTime(whole)}.</p>
      <ol className="pt-2">
        {makingSteps(whole, card).map(
          ({ step, number, what, things, time, wait, tips, cautions, isSeen }) => (
            <li
              key={step.id}
              className="border-hairline grid break-inside-avoid grid-cols-[2.25rem_1fr_168px] gap-x-2 border-b py-2"
            >
              <span className="font-heading text-[17px] font-semibold">{number}</span>
              <div>
                <p>
                  <strong>{what}</strong> <span className="text-muted">{time}</span>
                </p>
                {things !== '' && <p className="text-muted">{things}.</p>}
                {tips.map((tip) => (
                  <p key={tip} className="text-muted">
                    {tip}
                  </p>
                ))}
                {wait && <p>Let it {wait}.</p>}
                {cautions.map((caution) => (
                  <p key={caution} className="text-pencil">
                    {caution}
                  </p>
                ))}
              </div>
              <div className="[print-color-adjust:exact]">
                {isSeen && (
                  <TableView process={whole} done={number} step={step} mostHeight={84} isPlain />
                )}
              </div>
            </li>
          ),
        )}
      </ol>
      <p className="text-muted pt-2 text-[15px]">{followMaker}</p>
    </section>
  );
}
