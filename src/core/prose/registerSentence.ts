import { writeLength } from '../length/formatLength';
import { lengthFromTicks, type Unit } from '../length/length';
import type { Register } from '../masking/registerOf';
import { joinWords } from '../words/phrases';

const edgeNames = { left: 'left', right: 'right', top: 'upper', bottom: 'lower' } as const;

/**
 * How a stencil is laid against its paper, and that all sheets of a sequence are laid alike.
 * @example 'Its left edge is 3 mm inside that of the paper, its upper edge level with it; sheets 1 and 2 to the same corner.'
 */
export function registerSentence({ across, down, sheets }: Register, unit: Unit): string {
  const from = (inside: number, paper: string) =>
    inside === 0
      ? `level with ${paper}`
      : `${writeLength(lengthFromTicks(Math.abs(inside)), unit)} ${unit} ${inside > 0 ? 'inside' : 'beyond'} ${paper}`;
  const same =
    sheets.length > 1 ? `; sheets ${joinWords(sheets.map(String))} to the same corner` : '';
  return `Its ${edgeNames[across.side]} edge is ${from(across.inside, 'that of the paper')}, its ${edgeNames[down.side]} edge ${from(down.inside, 'it')}${same}.`;
}
