import type { LeftOut, Outcome } from '../../core/reformat/reformatStep';

/** What became of a piece on the other format, and why. */
export function reformatWords(outcome: Outcome): string {
  switch (outcome.kind) {
    case 'kept':
      return 'kept as it is';
    case 'moved':
      return 'moved with the room there is';
    case 're-derived':
      return 'made anew by its rule';
    case 'borders-kept':
      return 'made anew, so that its borders stay';
    case 'other-die':
      return 'cut with another die of its set, the nearest that fits';
    case 'cut-down':
      return 'cut down to what it lies on';
    case 'split':
      return 'set on one more line';
    case 'smaller-letters':
      return 'set smaller, to fit';
    case 'repeated':
      return `repeated, ${outcome.more} more to reach across`;
    case 'left-out':
      return `left out: ${whyWords[outcome.why]}`;
    default:
      throw new TypeError(`reformatWords: unknown ${JSON.stringify(outcome satisfies never)}`);
  }
}

const whyWords: Readonly<Record<LeftOut, string>> = {
  'no-face': 'the card has no such face',
  'no-room': 'there is no room for it',
  'too-little': 'too little of it would be left',
  below: 'what it lay on or went round is left out',
};
