import { formatInches, writeLength, writeSize } from '../../core/length/formatLength';
import {
  TICKS_PER_INCH,
  TICKS_PER_MILLIMETRE,
  type Length,
  type Unit,
} from '../../core/length/length';
import type { Finding, Remedy } from '../../core/findings/finding';
import { sheetOf } from '../../core/paper/sheets';
import { faceName } from '../../core/plan/faces';
import { joinWords, writeReveals } from '../../core/tutorial/sentences';

/** What was found and why it matters, in one plain sentence. */
export function findingSentence({ data, letter, name }: Finding, unit: Unit): string {
  const piece = `${name} ${letter}`.trim();
  const write = (length: Length) => writeLength(length, unit);
  switch (data.rule) {
    case 'impossible-piece':
      return `${piece} ${impossibleReason(data.reason, unit)}`;
    case 'missing-stock':
      return `${piece}: its stock “${data.libraryId}” is not in the stash, so colour and thickness are guesses. Choose another.`;
    case 'larger-than-support': {
      const sides = data.over.map(({ side, by }) => `${writeLength(by, unit)} ${sideWords[side]}`);
      return `${piece} sticks out over ${data.supportLetter} by ${sides.join(', ')}.`;
    }
    case 'unequal-borders':
      return `${piece}: the border on ${data.supportLetter} is ${writeReveals(data.reveals, unit)}.`;
    case 'off-trimmer-marks': {
      const shown = writeSize(data.size, unit);
      const axes = data.off.length === 2 ? 'both sides are' : `the ${data.off[0]} is`;
      return `${piece}, ${shown}: ${axes} between the trimmer’s marks (${data.marks.map(writeMark).join(' or ')}).`;
    }
    case 'thin-reveal':
      return `${piece}: ${write(data.reveal)} of ${data.supportLetter} shows ${joinWords(data.sides.map((side) => sideWords[side]))}, too little to be seen as a border.`;
    case 'hidden-layer':
      return `${piece} is never seen: ${data.under} covers it whole.`;
    case 'liner-at-score':
      return data.reveal < 0
        ? `${piece} crosses the score by ${write(-data.reveal as Length)}, where folding would crease it.`
        : `${piece} keeps ${write(data.reveal)} off the score, but ${write(data.elsewhere)} off the other edges.`;
    case 'near-colours':
      return `${piece} has nearly the colour of ${data.supportLetter}, so its border is hardly seen.`;
    case 'sheet-too-small': {
      const sheets = data.sheets.map((id) => sheetOf(id).name);
      return `${piece}, ${writeSize(data.size, unit)}: no ${joinWords(sheets, 'or')} of ${data.stock} gives it in one piece. Take another stock, or make it of two with the join hidden.`;
    }
    case 'cut-out':
      return data.reason === 'nothing-on-it'
        ? `${piece}: nothing lies on it, so its cut-out middle would be seen.`
        : `${piece}: a rim of ${write(data.rim)} leaves no middle to cut out.`;
    case 'easier-figures': {
      const marks = data.unit === 'in' ? 'eighths' : 'whole millimetres';
      const [only, ...more] = data.sizes;
      return only && more.length === 0
        ? `${piece}, ${writeSize(only.before, unit)}: easier in ${marks} as ${writeSize(only.after, unit)}, its border ${writeReveals(only.revealsAfter, unit)} instead of ${writeReveals(only.revealsBefore, unit)}.`
        : `${data.sizes.length} layers are easier to cut in ${marks}: ${joinWords(data.sizes.map(({ letter }) => letter))}.`;
    }
    default:
      throw new TypeError(
        `findingSentence: unknown finding ${JSON.stringify(data satisfies never)}`,
      );
  }
}

/** The remedy as the words on its button. */
export function remedySentence({ id, size, reveals }: Remedy, unit: Unit): string {
  if (!size || !reveals) return remedyWords[id] ?? 'Mend it';
  return `Cut ${writeSize(size, unit)}, border ${writeReveals(reveals, unit)}`;
}

/** Remedies that give no size of their own. */
const remedyWords: Readonly<Record<string, string>> = {
  'onto-face': 'Put it on the front',
  'by-border': 'Give it the everyday border',
  'turn-off': 'Turn it off',
  'onto-foam': 'Lift it on foam',
  whole: 'Leave it whole',
  easier: 'Use it',
};

const sideWords = {
  left: 'on the left',
  top: 'at the top',
  right: 'on the right',
  bottom: 'at the bottom',
} as const;

function impossibleReason(
  reason: Extract<Finding['data'], { rule: 'impossible-piece' }>['reason'],
  unit: Unit,
): string {
  switch (reason.code) {
    case 'circle':
      return 'takes its figures from itself, through what it lies on or goes round.';
    case 'nothing-under':
      return 'is glued to a piece that is no longer there.';
    case 'nothing-inside':
      return 'is sized round a piece that is no longer there.';
    case 'no-face':
      return `lies on the ${faceName(reason.face, 'side')}, which this fold does not have.`;
    case 'no-die':
      return 'is sized by a die that is not in the stash.';
    case 'no-size': {
      const axis = reason.width <= 0 ? 'width' : 'height';
      const over = -reason[axis] as Length;
      return over === 0
        ? `comes out with no ${axis}: its border takes it all. Make the border smaller.`
        : `comes out with no ${axis}: its border takes ${writeLength(over, unit)} more than there is. Make the border smaller.`;
    }
    case 'below':
      return 'waits for the piece under it.';
    default:
      throw new TypeError(`impossibleReason: unknown ${JSON.stringify(reason satisfies never)}`);
  }
}

/** A mark in the unit it belongs to. */
function writeMark(mark: Length): string {
  if (mark % TICKS_PER_MILLIMETRE === 0 || TICKS_PER_MILLIMETRE % mark === 0)
    return `${mark / TICKS_PER_MILLIMETRE} mm`;
  return TICKS_PER_INCH % mark === 0
    ? `${formatInches(mark).text} in`
    : `${writeLength(mark, 'in')} in`;
}
