import type { Station } from '../../session/station';

/** Layout: where every image, die cut and line of words goes. */
export const layoutStation: Station = {
  id: 'layout',
  name: 'Layout',
  digit: '2',
  mends: ['marks'],
  loadRules: async () => (await import('../../../core/compute/rules/marksRules')).marksRules,
  load: async () => (await import('./LayoutStation')).LayoutStation,
};
