import { describe, expect, it } from 'vitest';
import { typed } from '../../../test/support/plans';
import { must } from '../../../test/support/must';
import { libraryItemSchema } from '../plan/libraryItem';
import { itemFields } from './itemFields';

const envelope = libraryItemSchema.parse({
  kind: 'envelope',
  id: 'oat-a2',
  version: 1,
  name: 'Oat envelope, A2',
  width: { ticks: typed('5 3/4').ticks },
  height: { ticks: typed('4 3/8').ticks },
  colour: '#e3d6bd',
  gramsPerSquareMetre: 104,
  caliper: { ticks: typed('0.14 mm').ticks },
});

describe('the fields of an envelope', () => {
  it('read back what they write', () => {
    // When it is sold is written as every item's.
    const fields = itemFields.envelope.filter(({ key }) => !key.startsWith('sold'));
    expect(fields.map(({ key }) => key)).toContain('weight');
    for (const field of fields) {
      const written = field.write(field.read(envelope), 'in');
      if (!written.ok) throw new Error(`${field.key}: ${written.issue}`);
      expect(libraryItemSchema.parse({ ...envelope, ...written.change })).toEqual(envelope);
    }
  });

  it('refuse a size that is none, and a weight in pounds without its basis', () => {
    const write = (key: string, text: string) =>
      must(itemFields.envelope.find((field) => field.key === key)).write(text, 'in');
    expect(write('size', 'large')).toMatchObject({ ok: false });
    expect(write('weight', '24 lb')).toMatchObject({ ok: false });
    expect(write('weight', '24 lb bond')).toEqual({
      ok: true,
      change: { gramsPerSquareMetre: 90 },
    });
  });
});
