import { describe, expect, it } from 'vitest';
import { find, mended } from '../../../../test/support/findings';
import {
  coves,
  dotOn,
  measure,
  pieceOn,
  stampedOn,
  layersIn,
  withFrames,
  wordsOn,
  wren,
} from '../../../../test/support/plans';

const panel = pieceOn('front', 'panel', measure('4', '5'));

describe('things exactly on top of each other', () => {
  it('are found as pairs, and one of them is turned off', () => {
    const pieces = [panel, stampedOn('panel', 'bird', wren), stampedOn('panel', 'copy', wren)];
    expect(find('same-place', pieces)[0]).toMatchObject({
      subject: { kind: 'pair', id: 'copy', other: { id: 'bird' } },
    });
    expect(mended('same-place', pieces)).toEqual([]);
    expect(find('same-place', [panel, dotOn('panel', 'a'), dotOn('panel', 'b')])).toHaveLength(1);
  });

  it('that are other things, turned, or other layers of one stamp are meant', () => {
    const bird = stampedOn('panel', 'bird', wren);
    const body = { ...bird, layers: layersIn('#7a6a55', null) };
    const lines = { ...bird, id: 'lines' as typeof bird.id, layers: layersIn(null, '#1e2428') };
    expect(find('same-place', [panel, body, lines])).toEqual([]);
    const turned = stampedOn('panel', 'copy', wren, { turn: 90 });
    expect(find('same-place', [panel, bird, turned])).toEqual([]);
    const words = [wordsOn('panel', 'a', ['on']), wordsOn('panel', 'b', ['no'])];
    expect(find('same-place', [panel, ...words])).toEqual([]);
  });

  it('of paper are die cuts; plain panels are told as never seen', () => {
    const cut = (id: string) =>
      pieceOn('front', id, { by: 'die', set: coves, step: 0, turned: false });
    expect(find('same-place', [cut('a'), cut('b')], withFrames(50))).toHaveLength(1);
    const plain = [
      pieceOn('front', 'a', measure('2', '2')),
      pieceOn('front', 'b', measure('2', '2')),
    ];
    expect(find('same-place', plain)).toEqual([]);
    expect(find('hidden-layer', plain)).toHaveLength(1);
  });
});
