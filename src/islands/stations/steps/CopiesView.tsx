import { useMemo, useState } from 'react';
import { usedLibrary } from '../../../core/kinds/usedLibrary';
import { withCopies } from '../../../core/plan/withCopies';
import { needOf } from '../../../core/post/envelopeNeed';
import { postageOf } from '../../../core/post/postageOf';
import { oneMoreThan, type CopiesPoint } from '../../../core/process/copiesPoint';
import { copiesHeading, moreCopiesWords, oneMoreWords } from '../../../core/prose/copiesWords';
import { costWords } from '../../../core/prose/supplyWords';
import { countWords } from '../../../core/words/countWords';
import { useCardSession } from '../../session/CardSession';
import { useAlike } from '../../session/useAlike';
import { useWorkerStream, type WorkerStream } from '../../session/useWorkerStream';
import type { MakeWorker } from '../../planning/planner';
import { CopiesChart } from './CopiesChart';

const makeCopiesWorker: MakeWorker = () =>
  new Worker(new URL('../../../workers/copiesWorker.ts', import.meta.url), { type: 'module' });

/** At least so many copies are looked at, and so many beyond those that are made. */
const fewest = 24;
const beyond = 12;

/** What each number of copies takes of sheets, evenings and money, and where one more comes free. */
export function CopiesView() {
  const { plan, library, holdings, post, mail, commit, process } = useCardSession();
  const { copies } = plan.making;
  const [most, setMost] = useState(Math.max(fewest, copies + beyond));
  if (copies > most) setMost(copies + beyond);
  const { time } = process;
  const basis = useAlike(withCopies(plan, 1));
  const sending = useAlike({
    envelope: post.plan && needOf(post.plan.envelopes, library),
    postage: post.plan && postageOf(plan, post.plan, mail),
  });
  const question = useMemo(
    () => ({
      ...{ plan: basis, holdings, time, most, ...sending },
      library: usedLibrary(basis, library),
    }),
    [basis, sending, library, holdings, time, most],
  );
  const trace = useWorkerStream<CopiesPoint>(question, makeCopiesWorker);
  const { parts: points } = trace;
  const make = (wanted: number) => {
    if (wanted !== copies) commit({ kind: 'set-making', change: { copies: wanted } });
  };
  const own = points.find((point) => point.copies === copies);
  const unpriced = own?.unpriced.length ?? 0;
  return (
    <section aria-label="What more copies take">
      <p className="pb-1">
        <strong className="font-heading pr-4 text-[17px] font-semibold">
          {own ? copiesHeading(own) : 'What more copies take'}
        </strong>
        <span className="text-sheet-muted">
          {moreCopiesWords(points, copies)}{' '}
          {unpriced > 0 && `The price of ${countWords(unpriced, 'thing')} is not known. `}
          Light where one more takes neither a sheet nor an evening.
        </span>
      </p>
      <Progress trace={trace} most={most} />
      <CopiesChart points={points} most={most} copies={copies} onChoose={make} />
      <table className="w-full">
        <thead>
          <tr className="border-ink border-b text-left">
            <th className="font-semibold">copies</th>
            <th className="font-semibold">sheets</th>
            <th className="text-right font-semibold">evenings</th>
            <th className="text-right font-semibold">a card</th>
            <th className="pl-6 font-semibold">one more takes</th>
          </tr>
        </thead>
        <tbody>
          {points.map((point) => {
            const one = oneMoreThan(points, point.copies);
            return (
              <tr
                key={point.copies}
                className={`border-hairline border-b align-baseline ${point.copies === copies ? 'bg-white' : ''}`}
              >
                <td className="py-0.5">
                  <button
                    type="button"
                    className="link"
                    aria-pressed={point.copies === copies}
                    onClick={() => make(point.copies)}
                  >
                    {point.copies}
                  </button>
                </td>
                <td className="pr-3">
                  {point.stocks.map(({ name, sheets }) => `${sheets} ${name}`).join(', ')}
                  {point.isLeast ? '' : ' (fewer may be possible)'}
                </td>
                <td className="text-right">{point.evenings ?? 'none is long enough'}</td>
                <td className="text-right">
                  {point.costOfOne > 0 ? costWords(point.costOfOne) : 'not known'}
                </td>
                <td
                  className={`pl-6 ${one && oneMoreWords(one) === 'nothing' ? 'font-semibold' : ''}`}
                >
                  {one ? oneMoreWords(one) : ''}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}

function Progress({
  trace,
  most,
}: {
  readonly trace: WorkerStream<CopiesPoint>;
  readonly most: number;
}) {
  const { parts, state, stop, again } = trace;
  if (state === 'done') return null;
  const count = `${parts.length} of ${most}`;
  return (
    <p role="status" className="flex h-8 items-center gap-3">
      {state === 'working' && (
        <>
          <progress max={most} value={parts.length} aria-label="Numbers of copies worked out" />
          <span>{count} numbers of copies worked out</span>
          <button type="button" className="button" onClick={stop}>
            Stop
          </button>
        </>
      )}
      {state === 'stopped' && (
        <>
          <span>Stopped: {count} numbers of copies are worked out.</span>
          <button type="button" className="button" onClick={again}>
            Begin anew
          </button>
        </>
      )}
      {state === 'failed' &&
        'What more copies take could not be worked out. Change something on the card, or load the page again.'}
    </p>
  );
}
