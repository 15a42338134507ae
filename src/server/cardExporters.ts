import { computeCard } from '../core/computeCard';
import type { Unit } from '../core/length/length';
import { writeCardFile, type CardFile } from '../core/plan/cardFile';
import type { Library } from '../core/plan/libraryItem';
import { projectSheet } from '../core/tutorial/projectSheet';
import { writeCsv } from '../core/tutorial/writeCsv';
import { writeMarkdown } from '../core/tutorial/writeMarkdown';

interface ExportInput {
  readonly file: CardFile;
  readonly library: Library;
  readonly unit: Unit;
}

/** One downloadable form of a card. */
export interface CardExporter {
  /** Its name in the address. */
  readonly file: string;
  readonly ending: string;
  readonly type: string;
  readonly write: (input: ExportInput) => string;
}

const sheetOf = ({ file, library, unit }: ExportInput) =>
  projectSheet(file.plan, computeCard(file.plan, library).card, unit);

export const cardExporters: readonly CardExporter[] = [
  {
    file: 'card.nibwright.json',
    ending: '.nibwright.json',
    type: 'application/json; charset=utf-8',
    write: ({ file }) => writeCardFile(file),
  },
  {
    file: 'sheet.md',
    ending: '.md',
    type: 'text/markdown; charset=utf-8',
    write: (input) => writeMarkdown(sheetOf(input)),
  },
  {
    file: 'cuts.csv',
    ending: '-cuts.csv',
    type: 'text/csv; charset=utf-8',
    write: (input) => writeCsv(sheetOf(input)),
  },
];
