import { writeSize } from '../length/formatLength';
import type { CutRow, ProjectSheet } from './projectSheet';
import { formatSentence, scoreSentence, writeReveals, yieldSentence } from './sentences';

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
    ...table('Front', sheet.front, sheet),
    ...table('Inside', sheet.inside, sheet),
    ...(missing.length > 0
      ? [`Without figures, so not in the list: ${missing.map(escape).join(', ')}.`, '']
      : []),
    ...(notes.trim() === '' ? [] : ['## Notes', '', escape(notes.trim()), '']),
  ];
  return lines.join('\n');
}

function table(heading: string, rows: readonly CutRow[], { leading }: ProjectSheet): string[] {
  if (rows.length === 0) return [];
  return [
    `## ${heading}, in gluing order`,
    '',
    '| | piece | cut | inches | mm | stock | glue on | shows |',
    '|---|---|---|---|---|---|---|---|',
    ...rows.map((row) => {
      const cells = [
        row.letter,
        escape(row.notes === '' ? row.name : `${row.name}: ${row.notes}`),
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
