import { useState } from 'react';
import type { ProcessPlan } from '../../../core/process/processPlan';
import {
  beginWork,
  isWorked,
  markDone,
  markUndone,
  takeUp,
  workedOn,
} from '../../../core/process/workOn';
import { tipsOf } from '../../../core/process/tipsOf';
import { tipWords } from '../../../core/prose/tipWords';
import { cautionWords, followMaker } from '../../../core/prose/cautionWords';
import { minutesWords } from '../../../core/prose/timeWords';
import { capitalise, joinWords } from '../../../core/words/phrases';
import { KeyedButton } from '../../parts/KeyedButton';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { TableView } from '../../session/TableView';
import { awaitedBy, benchWork, freeItems, type BenchItem } from './benchItems';
import { DryingTimers } from './DryingTimers';
import { timerWords, useNow } from './useNow';

interface Props {
  readonly process: ProcessPlan;
  readonly onLeave: () => void;
}

/**
 * The work at the desk, large: one step at a time, the next by space or a tap. What is ticked, and how long it took, is
 * kept with the batch; what dries is timed, and goes on being timed after a reload.
 */
export function Bench({ process, onLeave }: Props) {
  const { card, work: state, ahead } = useCardSession();
  const { work, keep, failure } = state;
  const now = useNow();
  const bench = benchWork(process, card);
  const { items, copies } = bench;
  const [wanted, setWanted] = useState<string>();
  const free = freeItems(bench, work, now);
  const left = items.filter(({ step }) => !isWorked(work, step));
  const item =
    items.find(({ step }) => step === wanted) ??
    items.find(({ step }) => step === work?.current?.step && !isWorked(work, step)) ??
    free[0] ??
    left[0];
  const at = item ? items.indexOf(item) : items.length;
  const moment = () => new Date().toISOString();
  const begun = () => work ?? beginWork(copies, moment());
  const goTo = (next: BenchItem | undefined) => {
    setWanted(next?.step);
    if (next) keep(takeUp(begun(), next.step, moment()));
  };
  const done = (count: number) => {
    if (!item) return false;
    const own = begun();
    // Taken up with this press where it was not before.
    const held = own.current?.step === item.step ? own : takeUp(own, item.step, moment());
    const next = markDone(held, item, count, moment());
    if (!isWorked(next, item.step)) {
      keep(next);
      return true;
    }
    const after = freeItems(bench, next, Date.now())[0];
    setWanted(after?.step);
    keep(after ? takeUp(next, after.step, moment()) : { ...next, current: null });
    return true;
  };
  const back = () => {
    const before = items[at - 1];
    if (!before) return false;
    keep(markUndone(begun(), before.step, moment()));
    setWanted(before.step);
    return true;
  };
  useKeys({
    Space: () => done(1),
    Enter: () => done(copies),
    Backspace: back,
    Escape: onLeave,
    ArrowRight: () => goTo(items[at + 1]),
    ArrowLeft: () => goTo(items[at - 1]),
  });
  const worked = item && workedOn(work, item.step);
  const awaited = item ? awaitedBy(bench, item, work, now) : [];
  const others = free.filter((each) => each !== item).slice(0, 3);
  return (
    <section
      aria-label="At the bench"
      className="flex h-full min-h-[600px] flex-col bg-white px-8 py-5"
    >
      <div className="flex shrink-0 items-baseline justify-between gap-6">
        <p className="text-muted text-[20px]">
          {item ? `Step ${at + 1} of ${items.length}` : `All ${items.length} steps are done`}
          {copies > 1 && `, ${copies} copies`}
        </p>
        <span className="flex items-center gap-4">
          {failure && (
            <span role="alert" className="text-pencil">
              {failure}
            </span>
          )}
          <KeyedButton keyName="Esc" onClick={onLeave}>
            Leave the bench
          </KeyedButton>
        </span>
      </div>
      {item ? (
        <div className="grid min-h-0 flex-1 grid-cols-[1fr_minmax(320px,460px)] gap-x-10 pt-3">
          <div className="min-h-0 overflow-auto">
            <h2 className="text-[38px] leading-[1.15]">{item.name}</h2>
            <p className="pt-2 text-[22px]">
              {capitalise(joinWords(item.of.things)) || 'Nothing else is needed'}.
            </p>
            {item.steps
              .flatMap((step) => tipsOf(step, card))
              .map((tip) => (
                <p key={tip} className="text-muted pt-2 text-[20px]">
                  {tipWords[tip]}
                </p>
              ))}
            {item.of.cautions.map((caution) => (
              <p key={caution} className="text-pencil pt-2 text-[20px]">
                {cautionWords[caution]}
              </p>
            ))}
            {awaited.length > 0 && (
              <p role="status" className="text-amber pt-3 text-[22px]">
                {awaited
                  .slice(0, 2)
                  .map(({ item: before, until }) =>
                    until === undefined
                      ? `“${before.name}” is not done yet.`
                      : `“${before.name}” is dry in ${timerWords(until - now)}.`,
                  )
                  .join(' ')}
              </p>
            )}
            <p className="pt-4 text-[22px]">
              planned {minutesWords(item.plannedSeconds / 60)}, spent{' '}
              <span className="tabular-nums">
                {timerWords(
                  (worked?.spent ?? 0) * 1000 +
                    (work?.current?.step === item.step ? now - Date.parse(work.current.since) : 0),
                )}
              </span>
            </p>
            <div className="flex flex-wrap items-center gap-5 pt-5">
              <button
                type="button"
                className="button button-leading px-8 py-4 text-[26px] leading-8"
                onClick={() => done(1)}
              >
                {copies > 1
                  ? `${(worked?.copies ?? item.ready) + 1} of ${copies} done`
                  : 'Done, next'}
              </button>
              <kbd className="key">space</kbd>
              {copies > 1 && (
                <KeyedButton keyName="Enter" onClick={() => done(copies)}>
                  All {copies} are done
                </KeyedButton>
              )}
              {at > 0 && (
                <KeyedButton keyName="⌫" onClick={back}>
                  Not done: the step before
                </KeyedButton>
              )}
            </div>
            {others.length > 0 && awaited.length > 0 && (
              <section aria-label="Meanwhile" className="pt-6">
                <h3 className="text-[20px]">While it dries</h3>
                <ul>
                  {others.map((each) => (
                    <li key={each.step} className="pt-1.5">
                      <button type="button" className="link text-[20px]" onClick={() => goTo(each)}>
                        {each.name}
                      </button>
                    </li>
                  ))}
                </ul>
              </section>
            )}
          </div>
          <div className="flex min-h-0 flex-col gap-4 overflow-auto">
            <TableView
              process={process}
              done={process.steps.findIndex(({ id }) => id === item.of.id)}
              step={item.of}
              mostHeight={300}
            />
            <DryingTimers bench={bench} work={work} now={now} />
            <p className="text-muted">{followMaker}</p>
          </div>
        </div>
      ) : (
        <div className="pt-6 text-[22px]">
          <p>
            {work
              ? `It took ${minutesWords(work.steps.reduce((sum, { spent }) => sum + spent, 0) / 60)}; ${minutesWords(items.reduce((sum, { plannedSeconds }) => sum + plannedSeconds, 0) / 60)} were planned.`
              : 'There is nothing to do.'}
          </p>
          <p className="flex gap-4 pt-5">
            <button
              type="button"
              className="button"
              onClick={() => {
                for (const each of ahead.ahead) ahead.keep(each, Math.max(0, each.count - copies));
                keep(null);
              }}
            >
              {ahead.ahead.length > 0 ? 'Begin anew; what was made ahead is used up' : 'Begin anew'}
            </button>
          </p>
          <DryingTimers bench={bench} work={work} now={now} />
        </div>
      )}
    </section>
  );
}
