import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { must } from '../../../test/support/must';
import { readCardFile } from '../plan/cardFile';
import { resolvePlan } from '../resolve/resolvePlan';
import { unplannedSupplies } from '../../../test/support/unplanned';
import { colourRows, colourWords } from './colourRows';
import { projectSheet } from './projectSheet';
import { writeMarkdown } from './writeMarkdown';

const demo = (name: string) => {
  const read = readCardFile(readFileSync(`demo/cards/${name}.nibwright.json`, 'utf8'));
  if (!read.ok) throw new Error(name);
  const { plan, library } = read.file;
  const card = resolvePlan(plan, library);
  return { plan, library, card, rows: colourRows(plan, card, library) };
};
const said = (name: string, of: string, part = '') =>
  colourWords(must(demo(name).rows.find((row) => row.of === of && row.part.includes(part))));

describe('what a card is coloured with', () => {
  it('is told in the order of use: inks of a blend with their reach, prints with powder, undercoats first', () => {
    expect(said('bean-poles', 'Row')).toMatch(/^Barley \(.*from 45 to 92 %\) and Moss \(.*\)$/);
    expect(said('marrow-prize', 'first prize')).toBe(
      'Clear sticky and Brass dust (melted over it)',
    );
    expect(said('low-water', 'Gull', 'wings')).toMatch(/^White pencil \(undercoat\), Stone 1/);
    expect(said('low-water', 'Wavelets')).toBe('Sea mist (large brush)');
  });

  it('is printed first and coloured then, thing by thing', () => {
    const shell = demo('low-water').rows.filter(({ of }) => of === 'Fan shell');
    expect(shell.map(({ part }) => part)).toEqual(['ribs, outline', 'shell']);
  });

  it('is all there of every card of the demo', () => {
    for (const file of readdirSync('demo/cards')) {
      const { rows } = demo(file.replace('.nibwright.json', ''));
      expect(rows.length, file).toBeGreaterThan(0);
      for (const row of rows) expect(colourWords(row), file).not.toMatch(/not|a wish/);
    }
  });

  it('goes into the Markdown', () => {
    const { plan, library, card, rows } = demo('low-water');
    const text = writeMarkdown(
      projectSheet(plan, card, 'mm'),
      unplannedSupplies(plan, library),
      rows,
      [],
      [],
    );
    const [, section = ''] = text.split('## Colours, in the order they are used');
    expect(section).toMatch(/- \*\*Gull, wings\*\*: White pencil \(undercoat\), Stone 1/);
  });
});
