import type { Plan } from '../plan/plan';
import { deed, type Remedy } from './remedy';

/** A box made to the measure of the card, of the stock of its base to begin with. */
export function boxRemedy({ base: { stock } }: Plan): Remedy {
  return deed('made-to-measure', {
    kind: 'set-post',
    change: { envelope: { by: 'made', kind: 'box', stock } },
  });
}
