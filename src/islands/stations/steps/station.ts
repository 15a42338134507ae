import type { Station } from '../../session/station';

/** Steps: the order of work, what has to dry, and on which evening each is done. */
export const stepsStation: Station = {
  id: 'steps',
  name: 'Steps',
  digit: '5',
  mends: ['steps'],
  loadRules: async () => (await import('../../../core/compute/rules/stepsRules')).stepsRules,
  load: async () => (await import('./StepsStation')).StepsStation,
};
