import type { Size } from '../length/length';
import { speakLength } from '../length/speakLength';
import { sheetRows, type CutRow, type ProjectSheet } from './projectSheet';
import { foldName } from './sentences';
import { aOrAn, joinWords } from '../words/phrases';

/**
 * The cutting dimensions as one says them before the camera: the base and its scores, then every piece
 * in the order it is glued, one line each, in the leading unit.
 * @example 'B, Bean row paper: four and one eighth by five and three eighths, from Bean row.'
 */
export function speakingList(sheet: ProjectSheet): readonly string[] {
  const { base, leading, face, format, fold } = sheet;
  const speakSize = ({ width, height }: Size) =>
    `${speakLength(width, leading)} by ${speakLength(height, leading)}`;
  const scores = base.scores.map(({ at }) => speakLength(at, leading));
  const edge = base.scores[0]?.axis === 'horizontal' ? 'the top' : 'the left';
  const scored = scores.length === 0 ? 'not folded' : `scored at ${joinWords(scores)} from ${edge}`;
  const line = (row: CutRow) => {
    const cut = row.before
      ? `cut ${speakSize(row.before.size)}, trimmed at the end to ${speakSize(row.size)}`
      : speakSize(row.size);
    const die = row.die ? `, die ${row.die.nth} of ${row.die.set}` : '';
    const scissors =
      row.scissors === undefined
        ? ''
        : `, cut out with scissors ${speakLength(row.scissors, leading)} outside the print`;
    const middle = row.recovered ? `, its middle cut out ${speakSize(row.recovered)}` : '';
    const flap = row.flap ? `, glued to the ${row.flap} flap only` : '';
    return `${row.letter}, ${row.name}: ${cut}${die}${scissors}${middle}, from ${row.stock}${flap}${row.motion ? `, ${movingWords[row.motion.kind]}` : ''}.`;
  };
  return [
    `The card is ${aOrAn(format)}, ${foldName(fold)}, ${speakSize(face)} when closed.`,
    `${base.letter}, the base: ${speakSize(base.blank)}, ${scored}, from ${base.stock}.`,
    ...sheetRows(sheet).map(line),
  ];
}

const movingWords = {
  flap: 'hinged at one edge',
  slider: 'free to slide',
  wobbler: 'on a spring',
} as const;
