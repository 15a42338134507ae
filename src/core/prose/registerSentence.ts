import { writeLength } from '../length/formatLength';
import { lengthFromTicks, type Unit } from '../length/length';
import type { Register } from '../masking/registerOf';
import { capitalise, joinWords } from '../words/phrases';

const edgeNames = { left: 'left', right: 'right', top: 'upper', bottom: 'lower' } as const;

/**
 * How a stencil is laid against its paper, and that all sheets of a sequence are laid alike.
 * @example 'Its left edge is 3 mm inside that of the paper, its upper edge level with it; sheets 1 and 2 to the same corner.'
 */
export function registerSentence({ across, down, sheets }: Register, unit: Unit): string {
  const edges = [across, down].map(({ side, inside }, at) => {
    const paper = at === 0 ? 'that of the paper' : 'it';
    const far = `${writeLength(lengthFromTicks(Math.abs(inside)), unit)} ${unit}`;
    const where =
      inside === 0 ? `level with ${paper}` : `${far} ${inside > 0 ? 'inside' : 'beyond'} ${paper}`;
    return `its ${edgeNames[side]} edge ${at === 0 ? 'is ' : ''}${where}`;
  });
  const same =
    sheets.length > 1 ? `; sheets ${joinWords(sheets.map(String))} to the same corner` : '';
  return `${capitalise(edges.join(', '))}${same}.`;
}
