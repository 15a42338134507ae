import type { Habits } from '../../core/plan/habits';
import { stepKinds, type StepKind } from '../../core/plan/workFacts';
import { benchMinutes } from '../../core/process/stepTimes';
import { stepKindWords } from '../../core/prose/stepKindWords';
import { minutesWords } from '../../core/prose/timeWords';
import { NumberField } from './NumberField';

interface Props {
  readonly own: Habits['stepMinutes'];
  readonly onChange: (next: Habits['stepMinutes']) => void;
}

/** How long each kind of step takes at the house, in its plainest case; empty is as usual. */
export function StepMinutes({ own, onChange }: Props) {
  const set = (kind: StepKind, minutes: number | null) => {
    const others = Object.entries(own).filter(([each]) => each !== kind);
    onChange(Object.fromEntries(minutes === null ? others : [...others, [kind, minutes]]));
  };
  const count = Object.keys(own).length;
  return (
    <details>
      <summary className="cursor-pointer py-1">
        Minutes of each kind of step: {count === 0 ? 'as usual' : `${count} of your own`}
      </summary>
      <p className="text-muted pb-1 text-[15px] leading-5">
        Of the plainest case, at work. Empty is as told beside it; the rest of a spread goes with
        it.
      </p>
      <ul>
        {timed.map((kind) => (
          <li
            key={kind}
            className="grid grid-cols-[1fr_4.5rem_13rem] items-baseline gap-x-3 py-0.5"
          >
            <span aria-hidden>{stepKindWords[kind]}</span>
            <NumberField
              label={stepKindWords[kind]}
              isLabelHidden
              value={own[kind] ?? null}
              min={0.5}
              max={600}
              digits={1}
              isOptional
              issue="Minutes from 0.5 to 600; leave it empty for what is usual."
              className="field w-16"
              onCommit={(minutes) => set(kind, minutes)}
            />
            <span className="text-muted text-[15px]">{usualWords(kind)}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** A step of one's own tells its minutes itself. */
const timed = stepKinds.filter((kind) => kind !== 'own');

function usualWords(kind: StepKind): string {
  const { quick, usual, slow } = benchMinutes[kind];
  return `${minutesWords(usual)}, from ${minutesWords(quick)} to ${minutesWords(slow)}`;
}
