import { writeLength, writeSize } from '../../core/length/formatLength';
import { formatInches } from '../../core/length/formatLength';
import {
  TICKS_PER_INCH,
  TICKS_PER_MILLIMETRE,
  type Length,
  type Unit,
} from '../../core/length/length';
import type { Finding, Remedy } from '../../core/findings/finding';
import { writeReveals } from '../../core/tutorial/sentences';

/** What was found and why it matters, in one plain sentence. */
export function findingSentence({ data, letter, name }: Finding, unit: Unit): string {
  const piece = `${name} ${letter}`.trim();
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
    default:
      throw new TypeError(
        `findingSentence: unknown finding ${JSON.stringify(data satisfies never)}`,
      );
  }
}

/** The remedy as the words on its button. */
export function remedySentence({ id, size, reveals }: Remedy, unit: Unit): string {
  if (!size || !reveals) return id === 'onto-face' ? 'Put it on the front' : 'Mend it';
  return `Cut ${writeSize(size, unit)}, border ${writeReveals(reveals, unit)}`;
}

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
      return 'lies on itself, through what it is glued to. Put it on a face.';
    case 'nothing-under':
      return 'is glued to a piece that is no longer there.';
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
