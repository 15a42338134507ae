import Papa from 'papaparse';
import type { Unit } from '../length/length';
import type { Library } from '../plan/library';
import type { Holding } from './holding';
import { readStashCsv, type StashFile } from './readStashCsv';

/**
 * Stamps from a short list as CSV: name, size, sort, and the words of a sentiment. It is a file of the stash whose rows are
 * all stamps; a sentiment without words says what it is called, and where no sort is given a stamp is an outline.
 */
export function readStampList(
  text: string,
  library: Library,
  holdings: readonly Holding[],
  leading: Unit,
): StashFile {
  const { data } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (header) => {
      const name = header.trim().toLowerCase();
      return name === 'sort' ? 'stamp' : name;
    },
  });
  const rows = data.map((row) => {
    const stamp = row['stamp']?.trim().toLowerCase() || 'outline';
    const words = row['words']?.trim() || (stamp === 'sentiment' ? (row['name'] ?? '') : '');
    return { ...row, kind: 'stamp', stamp, words };
  });
  return readStashCsv(Papa.unparse(rows), library, holdings, leading);
}
