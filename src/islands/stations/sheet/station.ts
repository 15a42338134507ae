import type { Station } from '../../session/station';

/** Sheet: the project sheet as it prints, with supplies and downloads. */
export const sheetStation: Station = {
  id: 'sheet',
  fitsPhone: true,
  name: 'Sheet',
  digit: '8',
  showsResults: true,
  mends: ['supplies'],
  loadRules: async () => (await import('../../../core/compute/rules/suppliesRules')).suppliesRules,
  load: async () => (await import('./SheetStation')).SheetStation,
};
