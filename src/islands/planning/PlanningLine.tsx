import { leastSheets, newSheets } from '../../core/cutting/countSheets';
import { countWords } from '../../core/words/countWords';
import type { Planning } from './planner';

interface Props {
  readonly planning: Planning;
  readonly onStop: () => void;
  readonly onResume: () => void;
}

/** How far the planning is: sheets so far and the fewest there can be, with what stops it or goes on. */
export function PlanningLine({ planning, onStop, onResume }: Props) {
  if (planning.kind === 'waiting' || planning.kind === 'done')
    return (
      <p role="status" className="sr-only">
        {planning.kind === 'done' ? 'Planned.' : ''}
      </p>
    );
  if (planning.kind === 'failed')
    return (
      <p role="alert" className="text-pencil">
        The planner failed on this batch; nothing is lost.{' '}
        <button type="button" className="link" onClick={onResume}>
          Try again
        </button>
      </p>
    );
  const { plan } = planning;
  const sofar = plan
    ? `${countWords(newSheets(plan), 'sheet')} so far, at least ${leastSheets(plan)}`
    : 'Looking at the pieces';
  return (
    <div role="status" className="flex flex-wrap items-center gap-x-3">
      <span>
        {planning.kind === 'ended' ? 'Stopped. ' : ''}
        {plan || planning.kind === 'planning' ? `${sofar}.` : ''}
      </span>
      {planning.kind === 'planning' ? (
        <button type="button" className="button" onClick={onStop}>
          Stop
        </button>
      ) : (
        <button type="button" className="button" onClick={onResume}>
          Plan on
        </button>
      )}
    </div>
  );
}
