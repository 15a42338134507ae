import { ArrowDown, ArrowUp } from 'lucide-react';
import { groupBy } from '../../../core/groupBy';
import { batchEdits } from '../../../core/plan/batchEdits';
import { overrideId } from '../../../core/plan/collections';
import type { Override } from '../../../core/plan/override';
import { addedId, isSecondPart } from '../../../core/process/applyOverrides';
import { lagOf, type Arrow } from '../../../core/process/arrow';
import { directArrows } from '../../../core/process/directArrows';
import { mayBeAhead } from '../../../core/process/readySteps';
import { decideStep } from '../../../core/process/moveStep';
import type { ProcessPlan } from '../../../core/process/processPlan';
import type { Step } from '../../../core/process/step';
import { stepWords } from '../../../core/process/stepWords';
import { tipsOf } from '../../../core/process/tipsOf';
import { tipWords } from '../../../core/prose/tipWords';
import { cautionWords } from '../../../core/prose/cautionWords';
import { reasonWords } from '../../../core/prose/reasonWords';
import { minutesWords } from '../../../core/prose/timeWords';
import { capitalise, joinWords } from '../../../core/words/phrases';
import { IconButton } from '../../parts/IconButton';
import { NumberField } from '../../parts/NumberField';
import { TextField } from '../../parts/TextField';
import { useCardSession } from '../../session/CardSession';
import { rowTime } from './workWords';

interface Props {
  readonly step: Step;
  readonly number: number;
  readonly process: ProcessPlan;
  readonly isBroken: boolean;
  readonly onMove: (by: number) => void;
}

/** The chosen step unfolded: what it waits for and what waits for it, its things, cautions and minutes. */
export function StepTicket({ step, number, process, isBroken, onMove }: Props) {
  const { card, plan, commit, ahead } = useCardSession();
  const { overrides } = plan;
  const decide = (kind: Parameters<typeof decideStep>[1], override: Override | null) => {
    const edits = decideStep(overrides, kind, step.id, override);
    if (edits.length > 0) commit(batchEdits(edits));
  };
  const own = overrides.find(
    (each): each is Extract<Override, { kind: 'minutes' }> =>
      each.kind === 'minutes' && each.step === step.id,
  );
  const setMinutes = (change: { minutes?: number | null; drying?: number | null }) => {
    const next = { minutes: own?.minutes ?? null, drying: own?.drying ?? null, ...change };
    const isPlain = next.minutes === null && next.drying === null;
    decide('minutes', isPlain ? null : { kind: 'minutes', step: step.id, ...next });
  };
  const added = overrides.find((each) => each.kind === 'add' && addedId(each.id) === step.id);
  const isOwn = step.kind === 'own';
  const title = stepWords(step, card);
  const things = step.things.filter((each) => !title.includes(each));
  const decided = decidedOf(overrides, step.id);
  const isSplit = decided.some(({ kind }) => kind === 'split');
  return (
    <section
      aria-label={`Step ${number}`}
      className="border-l-violet border-l-4 bg-white py-2 pr-3 pl-2.5"
    >
      <div className="grid grid-cols-[2.25rem_1fr_auto] items-baseline gap-x-1">
        <span className="font-heading bg-violet mr-2 px-1 text-center text-[17px] font-semibold text-white">
          {number}
        </span>
        <TextField
          label={`What step ${number} is called`}
          value={title}
          className="in-place w-full min-w-0 text-[17px] font-semibold"
          maxLength={200}
          onCommit={(words) =>
            isOwn && added?.kind === 'add'
              ? commit(
                  batchEdits([
                    { kind: 'remove', in: 'overrides', id: overrideId(added) },
                    { kind: 'put', in: 'overrides', item: { ...added, words } },
                  ]),
                )
              : decide('reword', { kind: 'reword', step: step.id, words })
          }
        />
        <span className="text-sheet-muted whitespace-nowrap">{rowTime(step)}</span>
      </div>
      {things.length > 0 && <p className="text-muted pt-1">{capitalise(joinWords(things))}.</p>}
      <Reasons process={process} step={step} isBroken={isBroken} />
      {tipsOf(step, card).map((tip) => (
        <p key={tip} className="text-muted pt-1">
          {tipWords[tip]}
        </p>
      ))}
      {step.cautions.map((caution) => (
        <p key={caution} className="text-pencil pt-1">
          {cautionWords[caution]}
        </p>
      ))}
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5 pt-2">
        {!isOwn && (
          <>
            <MinutesField
              label="At work"
              value={step.minutes.usual}
              onCommit={(minutes) => setMinutes({ minutes })}
            />
            <MinutesField
              label="to dry"
              value={step.drying.usual}
              onCommit={(drying) => setMinutes({ drying })}
            />
          </>
        )}
        {mayBeAhead(step) && !isSecondPart(step) && (
          <NumberField
            label="Made ahead"
            value={ahead.ahead.find((each) => each.step === step.id)?.count ?? 0}
            min={0}
            max={10_000}
            issue="Copies made ahead are a whole number up to 10 000."
            className="field w-16"
            onCommit={(count) => ahead.keep({ step: step.id, name: title }, count ?? 0)}
          />
        )}
        <IconButton label="One earlier (Alt+↑)" onClick={() => onMove(-1)}>
          <ArrowUp size={16} />
        </IconButton>
        <IconButton label="One later (Alt+↓)" onClick={() => onMove(1)}>
          <ArrowDown size={16} />
        </IconButton>
        {!isOwn && step.minutes.usual > 1 && !isSecondPart(step) && (
          <button
            type="button"
            className="button"
            onClick={() =>
              decide(
                'split',
                isSplit
                  ? null
                  : { kind: 'split', step: step.id, minutes: Math.ceil(step.minutes.usual) / 2 },
              )
            }
          >
            {isSplit ? 'Do it in one' : 'In two parts'}
          </button>
        )}
        {isOwn && added ? (
          <button
            type="button"
            className="button"
            onClick={() => commit({ kind: 'remove', in: 'overrides', id: overrideId(added) })}
          >
            Remove it
          </button>
        ) : (
          <button
            type="button"
            className="button"
            onClick={() => decide('skip', { kind: 'skip', step: step.id })}
          >
            Leave it out
          </button>
        )}
        {decided.length > 0 && (
          <button
            type="button"
            className="button"
            onClick={() =>
              commit(
                batchEdits(
                  decided.map((each) => ({
                    kind: 'remove',
                    in: 'overrides',
                    id: overrideId(each),
                  })),
                ),
              )
            }
          >
            As follows from the card
          </button>
        )}
      </div>
      <p className="text-muted pt-1.5">{sourceWords(step, decided)}</p>
    </section>
  );
}

interface MinutesProps {
  readonly label: string;
  readonly value: number;
  readonly onCommit: (minutes: number | null) => void;
}

function MinutesField({ label, value, onCommit }: MinutesProps) {
  return (
    <span className="flex items-center gap-2">
      <NumberField
        label={label}
        value={value}
        min={0}
        max={100_000}
        digits={1}
        className="field w-16"
        issue="Minutes from 0 to 100000, halves too."
        onCommit={onCommit}
      />
      min
    </span>
  );
}

/** All that was decided of a step but that it is one of the designer's own. */
function decidedOf(overrides: readonly Override[], id: string): readonly Override[] {
  return overrides.filter(
    (each) =>
      each.kind !== 'add' && (each.step === id || (each.kind === 'before' && each.then === id)),
  );
}

const decidedWords: Readonly<Record<Override['kind'], string>> = {
  skip: 'left out',
  reword: 'its words',
  minutes: 'its minutes',
  before: 'its place',
  split: 'its two parts',
  add: 'all of it',
};

/** Where the figures come from. */
function sourceWords(step: Step, decided: readonly Override[]): string {
  const { quick, slow } = step.minutes;
  const spread = `Quick ${minutesWords(quick)}, slow ${minutesWords(slow)}`;
  if (step.kind === 'own') return 'A step of your own.';
  if (decided.length === 0) return `${spread}; as usual for its kind.`;
  const kinds = [...new Set(decided.map(({ kind }) => decidedWords[kind]))];
  return `${spread}. You decided ${joinWords(kinds)}.`;
}

function Reasons({
  process,
  step,
  isBroken,
}: {
  readonly process: ProcessPlan;
  readonly step: Step;
  readonly isBroken: boolean;
}) {
  const direct = directArrows(process.arrows);
  const number = (id: string) => process.steps.findIndex((each) => each.id === id) + 1;
  const into = direct.filter(({ then }) => then === step.id);
  // That all is done before the picture is taken goes without saying.
  const out = direct.filter(
    ({ before, because }) => before === step.id && because !== 'shown-last',
  );
  const breaches = process.breaches.filter(({ insisted }) => insisted.then === step.id);
  return (
    <>
      {isBroken &&
        breaches.map(({ insisted, rule }) => (
          <p key={rule.rule} className="text-pencil pt-1">
            <strong>Against a rule</strong>, after {number(insisted.before)}:{' '}
            {reasonWords[rule.because]}.
          </p>
        ))}
      {into.length > 0 && (
        <p className="pt-1">
          <strong>After</strong>{' '}
          {reasonList(into, 'before', number, (own) => waitWords(own, process))}
        </p>
      )}
      {out.length > 0 && step.kind !== 'photo' && (
        <p className="pt-1">
          <strong>Before</strong> {reasonList(out, 'then', number, () => '')}
        </p>
      )}
      {into.length === 0 && <p className="text-muted pt-1">It waits for nothing.</p>}
    </>
  );
}

/** So many reasons are told of each side; the rest are on the strip. */
const mostReasons = 3;

function reasonList(
  arrows: readonly Arrow[],
  end: 'before' | 'then',
  number: (id: string) => number,
  wait: (arrows: readonly Arrow[]) => string,
): string {
  const groups = [...groupBy(arrows, (each) => each.because)].slice(0, mostReasons);
  return `${groups
    .map(([because, own]) => {
      const numbers = own.map((each) => number(each[end])).toSorted((a, b) => a - b);
      const waits = wait(own);
      return `${joinWords(numbers.map(String))}${waits}: ${reasonWords[because]}`;
    })
    .join('; ')}.`;
}

/** The longest of them. */
function waitWords(arrows: readonly Arrow[], { steps }: ProcessPlan): string {
  const lags = arrows.map((arrow) => {
    const before = steps.find(({ id }) => id === arrow.before);
    return before ? lagOf(arrow, before).usual : 0;
  });
  const longest = Math.max(0, ...lags);
  return longest >= 1 ? `, dry after ${minutesWords(longest)}` : '';
}
