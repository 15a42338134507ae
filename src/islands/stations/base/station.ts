import type { Station } from '../../session/station';

/** Base: format, papers and their borders. */
export const baseStation: Station = {
  id: 'base',
  name: 'Base',
  digit: '1',
  // Heights are mended by what glues a layer, which is chosen here.
  mends: ['paper', 'heights'],
  loadRules: async () => {
    const [{ paperRules }, { heightsRules }] = await Promise.all([
      import('../../../core/compute/rules/paperRules'),
      import('../../../core/compute/rules/heightsRules'),
    ]);
    return [...paperRules, ...heightsRules];
  },
  load: async () => (await import('./BaseStation')).BaseStation,
};
