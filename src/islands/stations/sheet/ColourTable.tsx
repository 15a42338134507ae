import { useMemo } from 'react';
import { colourRows, stepWords } from '../../../core/prose/colourRows';
import { faceName } from '../../../core/plan/faces';
import { capitalise } from '../../../core/words/phrases';
import { useCardSession } from '../../session/CardSession';

/** What everything is printed and coloured with, each part in the order of use. */
export function ColourTable() {
  const { plan, card, library } = useCardSession();
  const rows = useMemo(() => colourRows(plan, card, library), [plan, card, library]);
  const { fold } = plan.base;
  if (rows.length === 0)
    return (
      <p className="text-muted pt-4">
        Nothing is printed or coloured yet. Add images and words on the Layout station.
      </p>
    );
  const hasFaces = new Set(rows.map(({ face }) => face)).size > 1;
  return (
    <section className="pt-5 print:pt-2">
      <h3 className="text-lg">Colours, in the order they are used</h3>
      <dl className="pt-1 print:leading-[18px]">
        {rows.map(({ face, of, part, steps, isOpen, note }, index) => (
          <div
            key={index}
            className="border-hairline grid break-inside-avoid grid-cols-[15rem_1fr] gap-x-3 border-b py-1 max-md:grid-cols-1 print:py-0.5"
          >
            <dt>
              <span className="font-semibold">{of}</span>
              {part !== '' && `, ${part}`}
              {hasFaces && (
                <span className="text-muted block text-[15px]">
                  {capitalise(faceName(face, fold))}
                </span>
              )}
            </dt>
            <dd>
              <ol className="flex flex-wrap gap-x-4">
                {steps.map((step, at) => (
                  <li key={at} className="flex items-baseline gap-1.5">
                    <span
                      aria-hidden
                      className="border-control inline-block size-3.5 shrink-0 self-center border [print-color-adjust:exact]"
                      style={{ background: step.colour }}
                    />
                    {stepWords(step)}
                  </li>
                ))}
              </ol>
              {steps.length === 0 && (
                <span className={isOpen ? 'text-pencil' : 'text-muted'}>
                  {isOpen ? 'not coloured yet' : 'left as it is'}
                </span>
              )}
              {note !== '' && <span className="text-muted block text-[15px]">{note}</span>}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
