import type { WorkBatch } from '../../../core/process/workBatch';
import { workedOn } from '../../../core/process/workOn';
import type { BenchWork } from './benchItems';
import { timerWords } from './useNow';

interface Props {
  readonly bench: BenchWork;
  readonly work: WorkBatch | null;
  readonly now: number;
}

/** What dries, and for how long still; by the clock, so that a reload changes nothing. */
export function DryingTimers({ bench, work, now }: Props) {
  const drying = bench.items.flatMap(({ step, name, of }) => {
    const worked = workedOn(work, step);
    if (!worked || of.drying.usual === 0) return [];
    const until = Date.parse(worked.lastAt) + of.drying.usual * 60_000;
    return until > now ? [{ step, name, until }] : [];
  });
  if (drying.length === 0) return null;
  return (
    <section aria-label="Drying">
      <h3 className="text-[20px]">Drying</h3>
      <ul>
        {drying
          .toSorted((a, b) => a.until - b.until)
          .map(({ step, name, until }) => (
            <li key={step} className="border-hairline flex justify-between gap-4 border-b py-1">
              <span>{name}</span>
              <span role="timer" className="font-semibold tabular-nums">
                {timerWords(until - now)}
              </span>
            </li>
          ))}
      </ul>
    </section>
  );
}
