import type { WantedRow } from '../../core/cutting/cutBatch';
import type { BatchChange } from '../../core/cutting/batchWork';
import { writeSize } from '../../core/length/formatLength';
import { lengthFromTicks, type Unit } from '../../core/length/length';

/**
 * What became of a piece since the cut plan was accepted.
 * @example 'C Mat: 4 × 5 1⁄4 instead of 4 × 5.'
 */
export function batchChangeSentence(change: BatchChange, unit: Unit): string {
  switch (change.kind) {
    case 'added':
      return `${nameOf(change.now)} is new: ${change.now.copies} of ${sizeOf(change.now, unit)} from ${change.now.stock}.`;
    case 'removed':
      return `${nameOf(change.before)} is wanted no more.`;
    case 'means':
      return 'The sheets chosen, the trimmer or how pieces may lie are others now.';
    case 'changed': {
      const { before, now } = change;
      const parts = [
        sizeOf(before, unit) === sizeOf(now, unit)
          ? ''
          : `${sizeOf(now, unit)} instead of ${sizeOf(before, unit)}`,
        before.copies === now.copies ? '' : `${now.copies} instead of ${before.copies}`,
        before.stock === now.stock ? '' : `from ${now.stock} instead of ${before.stock}`,
      ].filter(Boolean);
      return `${nameOf(now)}: ${parts.join(', ')}.`;
    }
  }
}

const nameOf = ({ letter, name }: WantedRow) => `${letter} ${name}`;

function sizeOf({ w, h }: WantedRow, unit: Unit): string {
  return writeSize({ width: lengthFromTicks(w), height: lengthFromTicks(h) }, unit);
}
