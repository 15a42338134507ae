import { describe, expect, it } from 'vitest';
import { demoCards } from '../../test/support/demoCards';
import { cardExporters } from './cardExporters';

describe('a card as files', () => {
  it('are written in every form there is, every card of the demo', async () => {
    for (const file of demoCards) {
      const input = { file, library: file.library, unit: 'in', face: 'front', page: 'a4' } as const;
      for (const exporter of cardExporters) {
        const written = await exporter.write(input);
        expect(written.length, `${file.plan.about.title} ${exporter.file}`).toBeGreaterThan(100);
      }
    }
    expect(demoCards.length).toBeGreaterThan(10);
  });

  it('bring a picture the fonts of its words, and no others', async () => {
    const picture = cardExporters.find(({ file }) => file === 'picture.svg');
    const file = demoCards.find(({ plan }) => plan.about.title === 'Rain day');
    if (!picture || !file) throw new Error('nothing to draw');
    const input = { file, library: file.library, unit: 'in', face: 'front', page: 'a4' } as const;
    const svg = await picture.write(input);
    expect(String(svg).match(/@font-face\{font-family:'([^']+)'/g)).toEqual([
      "@font-face{font-family:'Caveat'",
    ]);
    expect(await picture.write({ ...input, face: 'back' })).not.toContain('@font-face');
  });
});
