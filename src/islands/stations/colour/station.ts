import type { Station } from '../../session/station';

/** Colour: what everything is printed and coloured with, and how it looks on its paper. */
export const colourStation: Station = {
  id: 'colour',
  name: 'Colour',
  digit: '4',
  mends: ['colours'],
  loadRules: async () => (await import('../../../core/compute/rules/coloursRules')).coloursRules,
  load: async () => (await import('./ColourStation')).ColourStation,
};
