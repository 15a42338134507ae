import { writeSize } from '../length/formatLength';
import type { CutRow, ProjectSheet } from './projectSheet';
import {
  capitalise,
  formatSentence,
  rowRemarks,
  scoreSentence,
  writeReveals,
  yieldSentence,
} from './sentences';

/** The project sheet as Markdown for a blog; what people typed is escaped. Ends with a line end. */
export function writeMarkdown(sheet: ProjectSheet): string {
  const { base, copies, missing, notes } = sheet;
  const lines = [
    `# ${escape(sheet.title)}`,
    '',
    `${formatSentence(sheet)}. ${copies === 1 ? 'One card' : `${copies} cards`}.`,
    '',
    '## Base',
    '',
    `**${base.letter}** ${escape(base.stock)}. ${scoreSentence(sheet)} ${yieldSentence(sheet)}`,
    '',
    ...sheet.faces.flatMap(({ name, rows }) => table(capitalise(name), rows, sheet)),
    ...(missing.length > 0
      ? [`Without figures, so not in the list: ${missing.map(escape).join(', ')}.`, '']
      : []),
    ...(notes.trim() === '' ? [] : ['## Notes', '', escape(notes.trim()), '']),
  ];
  return lines.join('\n');
}

function table(heading: string, rows: readonly CutRow[], { leading }: ProjectSheet): string[] {
  return [
    `## ${heading}, in gluing order`,
    '',
    '| | piece | cut | inches | mm | stock | glue on | shows |',
    '|---|---|---|---|---|---|---|---|',
    ...rows.map((row) => {
      const cells = [
        row.letter,
        escape([row.name, ...rowRemarks(row, leading)].join('; ')),
        String(row.count),
        writeSize(row.size, 'in'),
        writeSize(row.size, 'mm'),
        escape(row.stock),
        `${row.on}, ${row.adhesive}`,
        `${row.on} shows ${writeReveals(row.reveals, leading)} ${leading}`,
      ];
      return `| ${cells.join(' | ')} |`;
    }),
    '',
  ];
}

/** Escapes what Markdown or HTML would read as more than text. */
function escape(text: string): string {
  return text
    .replaceAll(/[\\`*_{}[\]()#+!|~]/g, '\\$&')
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll(/\r?\n/g, '  \n');
}
