import { readFileSync } from 'node:fs';
import { z } from 'zod';
import { describe, expect, it } from 'vitest';
import weights from '../../../test/reference/paper-weights.json';
import { library, moss } from '../../../test/support/plans';
import { weightBases } from '../paper/paperWeight';
import { libraryItemSchema } from '../plan/libraryItem';
import { holdingSchema, type Holding } from './holding';
import { buildItem } from './buildItem';
import { itemFields, itemKinds } from './itemFields';
import { readStashCsv } from './readStashCsv';
import { writeStashCsv } from './stashCsv';

const stash = z
  .object({ items: z.array(libraryItemSchema), holdings: z.array(holdingSchema) })
  .parse(JSON.parse(readFileSync('demo/stash.json', 'utf8')));
/** Kept combinations are no things to be counted. */
const things = stash.items.filter(({ kind }) => kind !== 'combination');
const isBasis = (grade: string) => (weightBases as readonly string[]).includes(grade);
const read = (text: string, holdings: readonly Holding[] = []) =>
  readStashCsv(text, library, holdings, 'in');

describe('a stash as CSV', () => {
  it('reads back as it was, every thing of it', () => {
    expect(stash.items.length).toBeGreaterThan(140);
    const text = writeStashCsv(stash.items, stash.holdings);
    const { rows, failure } = readStashCsv(text, stash.items, stash.holdings, 'mm');
    expect(failure).toBeUndefined();
    expect(rows).toHaveLength(things.length);
    expect(rows.filter(({ kind }) => kind !== 'same')).toEqual([]);
  });

  it('makes the same stash where there is none yet', () => {
    const text = writeStashCsv(stash.items, stash.holdings);
    const { rows } = readStashCsv(text, [], [], 'in');
    expect(rows.filter(({ kind }) => kind !== 'new')).toEqual([]);
    const items = rows.flatMap((row) => ('change' in row ? (row.change.item ?? []) : []));
    const holdings = rows.flatMap((row) => ('change' in row ? (row.change.holding ?? []) : []));
    expect(writeStashCsv(items, holdings)).toBe(text);
  });

  it('takes the good rows and tells each bad one with every reason', () => {
    const { rows } = read(
      [
        'kind,name,weight,caliper,colour,sheets,letter count,letter price,leftovers',
        'paper,Fern,80 lb cover,0.3 mm,#5a6c4d,letter a4,12,0.45,2 of 4 x 8 1/2',
        'paper,Ash,80 lb,0.3 mm,greyish,letter,-3,0.455,4 by',
        'rope,Line,,,,,,,',
        'paper,Fern,216 g,0.3 mm,#5a6c4d,letter,,,',
      ].join('\n'),
    );
    expect(rows.map(({ kind, line }) => `${line} ${kind}`)).toEqual([
      '2 new',
      '3 bad',
      '4 bad',
      '5 bad',
    ]);
    const [good, bad, unknown, twice] = rows;
    if (good?.kind !== 'new' || bad?.kind !== 'bad' || unknown?.kind !== 'bad')
      throw new Error('?');
    expect(good.change.item).toMatchObject({
      kind: 'stock',
      gramsPerSquareMetre: 216,
      pounds: { weight: 80, basis: 'cover' },
    });
    expect(good.change.holding).toMatchObject({
      sheets: [{ sheet: 'letter', count: 12, price: 45 }],
      leftovers: [{ count: 2 }],
    });
    expect(bad.issues).toHaveLength(5);
    expect(unknown.issues[0]).toContain('Kind is one of');
    expect(twice).toMatchObject({
      kind: 'bad',
      issues: ['The same item stands in a line before.'],
    });
  });

  it('knows a thing by kind and name, and leaves alone what has no column', () => {
    const { rows } = read('kind,name,letter count\npaper,moss 216 G,7\n');
    expect(rows).toMatchObject([
      { kind: 'changed', change: { itemId: moss.id, holding: { sheets: [{ count: 7 }] } } },
    ]);
    expect(rows[0] && 'change' in rows[0] && rows[0].change.item).toMatchObject({
      name: 'moss 216 G',
    });
  });

  it('says what is wrong with a file as a whole', () => {
    expect(read('').failure).toContain('name the columns');
    expect(read('a;b\n1;2').failure).toContain('name the columns');
    expect(read('kind,name\n').failure).toContain('no rows');
    expect(read('kind,name,mood\npaper,Moss 216 g,good').ignored).toEqual(['mood']);
  });

  it('keeps a name that a spreadsheet would run as text', () => {
    const [item] = library;
    if (!item) throw new Error('no item');
    const text = writeStashCsv([{ ...item, name: '=1+1' }], []);
    expect(text).toContain("'=1+1");
    const [row] = readStashCsv(text, [], [], 'in').rows;
    expect(row).toMatchObject({ kind: 'new', change: { item: { name: '=1+1' } } });
  });
});

describe('the fields of things', () => {
  it('read and write every thing of the stash to itself', () => {
    for (const item of stash.items)
      for (const field of itemFields[item.kind]) {
        const again = buildItem(item.kind, item, new Map([[field.key, field.read(item)]]), 'in');
        expect(again).toEqual({ ok: true, item });
      }
  });

  // The published table: source named in the file.
  it('read pounds as the published weights', () => {
    const weight = itemFields.stock.find(({ key }) => key === 'weight');
    const examples = weights.examples.filter(({ grade }) => isBasis(grade));
    expect(examples.length).toBeGreaterThan(1);
    for (const { grade, lb, gsm } of examples)
      expect(weight?.write(`${lb} lb ${grade}`, 'in')).toMatchObject({
        ok: true,
        change: { gramsPerSquareMetre: Math.round(gsm) },
      });
    expect(weight?.write('80 lb cover', 'in')).toMatchObject({
      ok: true,
      change: { gramsPerSquareMetre: 216 },
    });
  });

  it('refuse what cannot be with what it may be', () => {
    for (const kind of itemKinds) {
      const built = buildItem(kind, { id: 'new', version: 1 }, new Map([['name', ' ']]), 'in');
      expect(built.ok).toBe(false);
    }
    const sale = itemFields.ink.find(({ key }) => key === 'sold until');
    expect(sale?.write('2027-02-30', 'in').ok).toBe(false);
    expect(sale?.write('2028-02-29', 'in').ok).toBe(true);
  });
});
