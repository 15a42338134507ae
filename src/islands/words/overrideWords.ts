import type { Override } from '../../core/plan/override';
import type { PieceId } from '../../core/plan/ids';

type NameOf = (id: PieceId) => string;

/** What a designer decided of the steps, by the ids they go by. */
export function overrideWords(override: Override, nameOf: NameOf): string {
  switch (override.kind) {
    case 'skip':
      return `${stepOfId(override.step, nameOf)} left out`;
    case 'reword':
      return `${stepOfId(override.step, nameOf)} in other words`;
    case 'minutes':
      return `how long ${stepOfId(override.step, nameOf)} takes`;
    case 'before':
      return `${stepOfId(override.step, nameOf)} before ${stepOfId(override.then, nameOf)}`;
    case 'split':
      return `${stepOfId(override.step, nameOf)} in two parts`;
    case 'add':
      return `the step “${override.words}”`;
    default:
      throw new TypeError(`overrideWords: unknown ${JSON.stringify(override satisfies never)}`);
  }
}

/** A step by its id, where the steps themselves are not known: 'step “stamp” of Shed'. */
export function stepOfId(id: string, nameOf: NameOf): string {
  const [kind = '', piece = ''] = id.split(':');
  const whole = ['card', 'stamps', 'stencils', 'brushes', 'base'];
  if (piece === '' || whole.includes(piece)) return `step “${kind}”`;
  return `step “${kind}” of ${nameOf(piece as PieceId)}`;
}
