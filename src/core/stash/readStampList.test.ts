import { describe, expect, it } from 'vitest';
import { library } from '../../../test/support/plans';
import { readStampList } from './readStampList';

const read = (text: string) => readStampList(text, library, [], 'in');

describe('a list of stamps', () => {
  it('is a stamp a row: outline where no sort is said, the words of a sentiment its name where none are', () => {
    const { rows, failure } = read(
      'Name,Size,Sort,Words\nTin kettle,2 x 1 1/2,,\nso glad,2 x 1/2,Sentiment,\nmany thanks,50 x 20 mm,sentiment,many / thanks\n',
    );
    expect(failure).toBeUndefined();
    const items = rows.map((row) => ('change' in row ? row.change.item : row));
    expect(items).toMatchObject([
      { kind: 'stamp', name: 'Tin kettle', stamp: 'outline', words: null, layers: [] },
      { stamp: 'sentiment', words: { lines: ['so glad'], lettering: 'clarendon' } },
      { stamp: 'sentiment', words: { lines: ['many', 'thanks'] } },
    ]);
  });

  it('tells each row that cannot be taken, and takes the others', () => {
    const { rows } = read(
      'name,size,sort\nBroom,2 x,outline\nPail,1 x 1,tin\nTrowel,1 x 2,solid\n',
    );
    expect(rows.map(({ kind }) => kind)).toEqual(['bad', 'bad', 'new']);
  });

  it('without the names of its columns is refused with what they are', () => {
    expect(read('').failure).toContain('name');
  });
});
