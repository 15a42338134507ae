import { inflateSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { plain, type Page, type Shape } from '../core/drawing/shape';
import { millimetres } from '../core/length/length';
import { writePdf } from './writePdf';

const mm = (millimetre: number): number => millimetres(millimetre);
const line = { colour: '#000000', width: mm(0.2) };
const box = (side: number): Shape => ({
  kind: 'outline',
  outline: [
    [
      { x: 0, y: 0 },
      { x: side, y: 0 },
      { x: side, y: side },
    ],
  ],
  line,
});
const page = (...shapes: readonly Shape[]): Page => ({
  title: 'Try',
  width: mm(25.4),
  height: mm(50.8),
  layers: [{ id: 'all', shapes }],
});

/** What a PDF draws, unpacked: its operators in order. */
async function operators(drawn: Page, sheet?: Parameters<typeof writePdf>[1]) {
  const bytes = Buffer.from(await writePdf(drawn, sheet));
  const text = bytes.toString('latin1');
  const streams = [...text.matchAll(/stream\r?\n/g)].flatMap(({ index, 0: { length } }) => {
    const end = text.indexOf('endstream', index);
    try {
      return [inflateSync(bytes.subarray(index + length, end)).toString('latin1')];
    } catch {
      return [];
    }
  });
  return { text, drawn: streams.join('\n') };
}

describe('drawings as PDF', () => {
  it('are pages as large as themselves, 72 points to the inch', async () => {
    const { text, drawn } = await operators(page(box(mm(25.4))));
    expect(text).toContain('/MediaBox [0 0 72 144]');
    expect(drawn).toContain('0 0 m\n72 0 l\n72 72 l');
  });

  it('lie on a sheet where they are told', async () => {
    const sheet = { width: mm(50.8), height: mm(76.2), left: mm(12.7), top: mm(25.4) };
    const { text, drawn } = await operators(page(box(mm(25.4))), sheet);
    expect(text).toContain('/MediaBox [0 0 144 216]');
    expect(drawn).toContain('1 0 0 1 36 72 cm');
  });

  it('have gradients, clips, tiles and what shows through', async () => {
    const dot = { kind: 'circle', x: mm(5), y: mm(5), radius: mm(5) } as const;
    const stops = [
      { at: 0, colour: '#ffffff' },
      { at: 1, colour: '#000000' },
    ];
    const { text, drawn } = await operators(
      page(
        {
          ...dot,
          fill: { kind: 'gradient', from: { x: 0, y: 0 }, to: { x: mm(10), y: 0 }, stops },
        },
        { ...dot, fill: plain('#ff0000', 0.25) },
        { kind: 'group', clips: [dot], shapes: [box(mm(10))] },
        {
          ...dot,
          fill: { kind: 'tiles', width: mm(5), height: mm(5), shapes: [{ ...dot, line }] },
        },
      ),
    );
    expect(text).toContain('/ShadingType 2');
    expect(text).toMatch(/\/ca 0\.25/);
    // One clip by the group, one by the tiles; four tiles touch the dot's box.
    expect(drawn.match(/W\*/g)).toHaveLength(2);
    expect(drawn.match(/\nS\n/g)).toHaveLength(1 + 4);
  });
});
