import type { Station } from '../../session/station';

/** Cut: the sheets of the batch, and their cuts in the order they are made. */
export const cutStation: Station = {
  id: 'cut',
  name: 'Cut',
  digit: '6',
  showsResults: true,
  mends: ['sheets'],
  loadRules: async () => (await import('../../../core/compute/rules/sheetsRules')).sheetsRules,
  load: async () => (await import('./CutStation')).CutStation,
};
