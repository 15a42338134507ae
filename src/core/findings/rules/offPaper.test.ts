import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import { millimetres } from '../../length/length';
import {
  bowAt,
  ribbonOn,
  coves,
  dotOn,
  measure,
  pieceOn,
  stampedOn,
  ticksOf,
  typed,
  withFrames,
  wordsOn,
  wren,
} from '../../../../test/support/plans';

const panel = pieceOn('front', 'panel', measure('4', '5'));
const at = (left: string, top: string) => ({
  x: { from: 'left' as const, distance: typed(left) },
  y: { from: 'top' as const, distance: typed(top) },
});

describe('what lies beside its paper', () => {
  it('is found by how far it reaches over the edge, and is moved in by as much', () => {
    const over = [panel, stampedOn('panel', 'bird', wren, at('2 1/2', '1'))];
    const [found] = find('off-paper', over);
    expect(found).toMatchObject({ severity: 'look', subject: { id: 'bird' } });
    expect(found?.data).toMatchObject({ isWhole: false, by: ticksOf('1/2'), others: 0 });
    expect(found?.remedies[0]).toMatchObject({
      by: [{ side: 'left', distance: ticksOf('1/2') }],
    });
    expect(mended('off-paper', over)).toEqual([]);
  });

  it('touches the edge without a word', () => {
    expect(find('off-paper', [panel, stampedOn('panel', 'bird', wren, at('2', '4'))])).toEqual([]);
  });

  it('with nothing of it on the paper stops the card', () => {
    const [off] = find('off-paper', [panel, stampedOn('panel', 'bird', wren, at('4 1/2', '1'))]);
    expect(off).toMatchObject({ severity: 'stop', data: { isWhole: true } });
    const words = [panel, wordsOn('panel', 'words', ['hello'], at('5', '1'))];
    expect(find('off-paper', words)).toHaveLength(1);
    expect(find('words-near-edge', words)).toEqual([]);
    const leaf = pieceOn(
      'front',
      'leaf',
      { by: 'die', set: coves, step: 2, turned: false },
      at('5', '1'),
    );
    expect(find('off-paper', [leaf], withFrames(50))).toHaveLength(1);
  });

  it('is told once for a group', () => {
    const dots = ['1', '2', '3'].map((name, index) => ({
      ...dotOn('panel', name, at(`${index} 15/16`, '1')),
      group: 'drops',
    }));
    expect(find('off-paper', [panel, ...dots])).toEqual([]);
    const out = dots.map((dot) => ({ ...dot, place: { ...dot.place, y: at('0', '4 15/16').y } }));
    const found = find('off-paper', [panel, ...out]);
    expect(found.map(({ data }) => data.others)).toEqual([2]);
  });

  it('is no matter where a bow or its tails hang over the edge, and is where the ribbon lies beside it', () => {
    const strip = pieceOn('front', 'strip', measure('3', '1/2'));
    const ribbon = ribbonOn('strip', 'ribbon', { bow: bowAt('40 mm') });
    expect(find('off-paper', [strip, ribbon])).toEqual([]);
    const beside = { ...ribbon, bow: null, place: { ...at('0', '2'), turn: 0 } };
    expect(find('off-paper', [strip, beside])).toHaveLength(1);
    const past = { ...ribbon, bow: bowAt('80 mm') };
    expect(find('off-paper', [strip, past])).toMatchObject([
      { data: { by: millimetres(80 - 76.2), isWhole: false } },
    ]);
    expect(mended('off-paper', [strip, past])).toEqual([]);
  });

  it('lies off a round paper where its corner does', () => {
    const round = pieceOn('front', 'disc', { by: 'die', set: coves, step: 2, turned: false });
    const library = withFrames(50).map((item) =>
      item.kind === 'die-set'
        ? {
            ...item,
            shape: { box: { width: 2, height: 2 }, outline: 'M0 1A1 1 0 0 1 2 1A1 1 0 0 1 0 1Z' },
          }
        : item,
    );
    expect(find('off-paper', [round, dotOn('disc', 'gem')], library)).toEqual([]);
    expect(find('off-paper', [round, dotOn('disc', 'gem', at('0', '0'))], library)).toHaveLength(1);
  });
});
