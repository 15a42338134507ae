import type { Station } from '../../session/station';

/** Masks: what is stamped first, and what is covered while the rest is stamped. */
export const masksStation: Station = {
  id: 'masks',
  name: 'Masks',
  digit: '3',
  mends: ['masks'],
  loadRules: async () => (await import('../../../core/compute/rules/masksRules')).masksRules,
  load: async () => (await import('./MasksStation')).MasksStation,
};
