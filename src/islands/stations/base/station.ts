import { writeSize } from '../../../core/length/formatLength';
import { figureNow, type Station } from '../../session/station';

/** Base: format, papers and their borders. */
export const baseStation: Station = {
  id: 'base',
  name: 'Base',
  digit: '1',
  figure: ({ card, unit }) => figureNow(writeSize(card.base.face, unit)),
  // Heights are mended by what glues a layer, which is chosen here.
  mends: ['paper', 'heights'],
  loadRules: async () => {
    const [{ paperRules }, { heightsRules }] = await Promise.all([
      import('../../../core/compute/rules/paperRules'),
      import('../../../core/compute/rules/heightsRules'),
    ]);
    return [...paperRules, ...heightsRules];
  },
  keys: [
    ['↑ ↓', 'go from layer to layer'],
    ['Enter', 'go into the layer’s figure'],
    ['a', 'add a layer on the selected one, or on the face shown'],
    ['i', 'add a layer inside'],
    ['r', 'build a mat outward round the layer'],
    ['d', 'copy the layer, or its whole group'],
    ['o', 'turn the layer off, or on again'],
    ['Alt ↑ ↓', 'move the layer up or down'],
    ['Delete', 'remove the layer'],
    ['f', 'turn the card to its next face'],
    ['q', 'try the design as another format'],
  ],
  load: async () => (await import('./BaseStation')).BaseStation,
};
