import { stencilWords } from './stencilWords';
import { rulerWords } from '../measuring/rulerWords';
import { writeSize } from '../length/formatLength';
import { faceName } from '../plan/faces';
import type { SupplyList } from '../supplies/supplyList';
import { soldUntil, supplyGroups, type SupplyRow } from '../supplies/supplyRow';
import { dayWords } from './dayWords';
import { manyWords } from './groupSizes';
import { ribbonWords } from './ribbonWords';
import { amountWords, groupNames } from './supplyWords';
import type { CutRow, ProjectSheet } from './projectSheet';
import {
  formatSentence,
  rowRemarks,
  scoreSentence,
  writeRevealsIn,
  yieldSentence,
} from './sentences';
import { followMaker } from './cautionWords';
import { colourWords, type ColourRow } from './colourRows';
import type { MakingStep } from './makingSteps';
import type { StampingSteps } from './stampingSteps';
import { capitalise } from '../words/phrases';

/** The project sheet as Markdown for a blog; what people typed is escaped. Ends with a line end. */
export function writeMarkdown(
  sheet: ProjectSheet,
  supplies: SupplyList,
  colours: readonly ColourRow[],
  stamping: readonly StampingSteps[],
  post: readonly string[],
  making: readonly MakingStep[] = [],
): string {
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
    ...sheet.faces.flatMap(({ name, rows }) => cutLines(capitalise(name), rows, sheet)),
    ...(missing.length > 0
      ? [`Without figures, so not in the list: ${missing.map(escape).join(', ')}.`, '']
      : []),
    ...placementLines(sheet),
    ...stampingLines(stamping),
    ...colourLines(colours, sheet),
    ...makingLines(making),
    ...supplyLines(supplies),
    ...postLines(post),
    ...(notes.trim() === '' ? [] : ['## Notes', '', escape(notes.trim()), '']),
  ];
  return lines.join('\n');
}

/**
 * The pieces of a face as a list, which reads well in any reader, also in one that knows no tables: cut size first in
 * both units, then what it is cut from, where it is glued and what shows.
 */
function cutLines(heading: string, rows: readonly CutRow[], { leading }: ProjectSheet): string[] {
  return [
    `## ${heading}, in gluing order`,
    '',
    ...rows.map((row) => {
      const many = row.count === 1 ? 'cut 1' : `cut ${row.count}`;
      const size = `${writeSize(row.size, 'in')} in (${writeSize(row.size, 'mm')} mm)`;
      const remarks = rowRemarks(row, leading).map((remark) => `; ${escape(remark)}`);
      return (
        `- **${row.letter}** ${escape(row.name)}: ${many}, ${size}, from ${escape(row.stock)}; ` +
        `on ${row.on} with ${row.adhesive}, of which ${writeRevealsIn(row.reveals, leading)} shows${remarks.join('')}`
      );
    }),
    '',
  ];
}

/** How it is sent. */
function postLines(sentences: readonly string[]): string[] {
  return sentences.length === 0
    ? []
    : ['## Post', '', ...sentences.map((sentence) => `- ${escape(sentence)}`), ''];
}

/** What is stamped and covered, paper by paper. */
function stampingLines(stamping: readonly StampingSteps[]): string[] {
  return stamping.flatMap(({ on, steps }) => [
    `## Stamp in this order: ${escape(on)}`,
    '',
    ...steps.map((sentence, at) => `${at + 1}. ${escape(sentence)}`),
    '',
  ]);
}

/** Step by step, with times, waits and cautions. */
function makingLines(making: readonly MakingStep[]): string[] {
  if (making.length === 0) return [];
  return [
    '## How it is made',
    '',
    ...making.map(({ number, what, things, time, wait, tips, cautions }) => {
      const more = [
        things === '' ? '' : `${things}.`,
        ...tips,
        wait ? `Let it ${wait}.` : '',
        ...cautions,
      ].filter(Boolean);
      return `${number}. **${escape(what)}**, ${time}. ${escape(more.join(' '))}`.trimEnd();
    }),
    '',
    escape(followMaker),
    '',
  ];
}

/** Where each piece goes, in the order it is put on. */
function placementLines({ placements, leading, fold }: ProjectSheet): string[] {
  if (placements.length === 0) return [];
  return [
    '## Where it all goes',
    '',
    ...placements.map(({ name, size, figures, on, face, turn, count, sizes, moves, ribbon }) => {
      const where = on === 'A' ? `the ${faceName(face, fold)}` : on;
      const turned = turn === 0 ? '' : `, turned ${turn}°`;
      const told = [
        ...(moves ? [`. ${stencilWords(moves, size, leading).join(' ')}`] : []),
        ...(ribbon ? [`; ${ribbonWords(ribbon, leading)}`] : []),
      ].join('');
      const many = count > 1 ? ` (${manyWords({ count, sizes }, leading)}; the first)` : '';
      return `- **${escape(name)}**${many}, ${writeSize(size, leading)} ${leading}: ${rulerWords(figures, leading)} of ${where}${turned}${told}`;
    }),
    '',
  ];
}

/** What everything is printed and coloured with, in the order of the work. */
function colourLines(colours: readonly ColourRow[], { fold }: ProjectSheet): string[] {
  if (colours.length === 0) return [];
  const hasFaces = new Set(colours.map(({ face }) => face)).size > 1;
  return [
    '## Colours, in the order they are used',
    '',
    ...colours.map((row) => {
      const where = hasFaces ? `, ${faceName(row.face, fold)}` : '';
      const part = [row.of, row.part].filter(Boolean).join(', ');
      const note = row.note === '' ? '' : `. ${row.note}`;
      return `- **${escape(part)}**${where}: ${escape(`${colourWords(row)}${note}`)}`;
    }),
    '',
  ];
}

/** The supply list by group, each thing with what one card takes where that is known. */
function supplyLines({ rows }: SupplyList): string[] {
  if (rows.length === 0) return [];
  const groups = supplyGroups.filter((group) => rows.some((row) => row.group === group));
  return [
    '## Supplies',
    '',
    ...groups.map((group) => {
      const names = rows.filter((row) => row.group === group && row.one !== 0).map(supplyEntry);
      return `- **${groupNames[group]}**: ${names.join(', ')}`;
    }),
    '',
  ];
}

/** One thing with what one card takes of it, how long it is sold, and what is noted of it. */
function supplyEntry(row: SupplyRow): string {
  const { name, one, unit, sheet, notes } = row;
  const until = soldUntil(row);
  const remarks = [
    one ? amountWords(one, unit, sheet) : '',
    until === undefined ? '' : `sold until ${dayWords(until)}`,
    ...notes,
  ].filter(Boolean);
  return escape(remarks.length === 0 ? name : `${name} (${remarks.join('; ')})`);
}

/** Escapes what Markdown or HTML would read as more than text. */
function escape(text: string): string {
  return (
    text
      .replaceAll(/[\\`*_[\]|~]/g, '\\$&')
      // Only at the start of a line do these begin a heading, a list or a quotation.
      .replaceAll(/^(\s*)([#+>-]|\d+[.)])/gm, '$1\\$2')
      .replaceAll('&', '&amp;')
      .replaceAll('<', '&lt;')
      .replaceAll('>', '&gt;')
      .replaceAll(/\r?\n/g, '  \n')
  );
}
