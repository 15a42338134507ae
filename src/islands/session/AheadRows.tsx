import { NumberField } from '../parts/NumberField';
import type { AheadState } from './useAhead';

/** What is made ahead of a card, step by step, with how many copies there are; none takes it out. */
export function AheadRows({ state }: { readonly state: AheadState }) {
  const { ahead, failure, keep } = state;
  return (
    <>
      <ul>
        {ahead.map(({ step, name, count }) => (
          <li key={step} className="flex items-baseline gap-3 py-0.5">
            <span className="min-w-0">{name}</span>
            <NumberField
              label={`Copies of “${name}” that are there`}
              isLabelHidden
              value={count}
              min={0}
              max={10_000}
              issue="Copies are a whole number up to 10 000; none takes it out of the stash."
              className="field w-16"
              onCommit={(wanted) => keep({ step, name }, wanted ?? 0)}
            />
          </li>
        ))}
      </ul>
      {failure && (
        <p role="alert" className="text-pencil">
          {failure}
        </p>
      )}
    </>
  );
}
