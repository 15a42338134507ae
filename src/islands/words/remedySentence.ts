import type { DeedRemedyId, Remedy } from '../../core/findings/remedy';
import { writeLength, writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { Side } from '../../core/plan/faces';
import { postRemedyWords } from '../../core/prose/postWords';
import { writeReveals } from '../../core/prose/sentences';
import { joinWords } from '../../core/words/phrases';

/** The remedy as the words on its button. */
export function remedySentence(remedy: Remedy, unit: Unit): string {
  if ('size' in remedy)
    return `Cut ${writeSize(remedy.size, unit)}, border ${writeReveals(remedy.reveals, unit)}`;
  if (remedy.id === 'take-ink') return `Take ${remedy.name}`;
  if (remedy.id === 'undercoat') return `Put ${remedy.name} under it`;
  if (remedy.id === 'between') return `Put ${remedy.name} between`;
  if (remedy.id === 'cheaper-post') return postRemedyWords(remedy, unit);
  if (remedy.id !== 'move') return deedWords[remedy.id];
  const ways = remedy.by.map(
    ({ side, distance }) => `${wayWords[side]} ${writeLength(distance, unit)}`,
  );
  return `Move ${remedy.name} ${joinWords(ways)}`;
}

const wayWords: Readonly<Record<Side, string>> = {
  left: 'left',
  right: 'right',
  top: 'up',
  bottom: 'down',
};

const deedWords: Readonly<Record<DeedRemedyId, string>> = {
  'as-ruled': 'Put it back in order',
  'wait-dry': 'Wait until it is dry',
  'add-step': 'Add the step',
  'drop-override': 'Let it go',
  'split-step': 'Do it in two parts',
  'onto-face': 'Put it on the front',
  centred: 'Centre it',
  straighten: 'Lay it straight',
  trim: 'Trim it at the edge',
  'own-zone': 'Colour only as much as it covers',
  'reading-ink': 'Take an ink that reads',
  'leave-bare': 'Leave it so on purpose',
  'foam-sheet': 'Take a foam sheet',
  flat: 'Glue it flat',
  level: 'Level it with foam',
  still: 'Let it not move',
  'its-die': 'Cut it with its die',
  'let-down': 'Let it down to the rim',
  'by-border': 'Give it the everyday border',
  'turn-off': 'Turn it off',
  'onto-foam': 'Lift it on foam',
  whole: 'Leave it whole',
  easier: 'Use it',
  join: 'Make it of two',
  'other-stock': 'Take the other stock',
  newer: 'Take the newer one',
  'let-cross': 'Let them cross',
  'as-placed': 'Stamp them as they lie',
  'keep-off': 'Keep it off with a mask',
  'inside-line': 'Cut masks half a millimetre inside',
  'ink-strips': 'Ink it as the strip beside it',
  'best-turns': 'Open them in the best turns',
  'turn-about': 'Stamp the words first',
  'fitting-envelope': 'Take the smallest that holds it',
  'made-to-measure': 'Make a box for it',
  'flat-bow': 'Tie a flat bow',
  'hold-all': 'Hold all of it',
  'leave-open': 'Leave it open there',
  'foam-middle': 'Put foam under its middle',
  'tape-it': 'Tape it',
  'glue-round': 'Glue it all round',
};
