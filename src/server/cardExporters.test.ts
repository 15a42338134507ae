import { describe, expect, it } from 'vitest';
import { demoCards } from '../../test/support/demoCards';
import { solver } from '../../test/support/cutPlans';
import { maskCard } from '../core/masking/maskCard';
import { resolvePlan } from '../core/resolve/resolvePlan';
import { plainMail } from '../core/stash/plainMail';
import { cardExporters } from './cardExporters';

const getSolver = () => Promise.resolve(solver);

describe('a card as files', () => {
  it('are written in every form there is, every card of the demo', async () => {
    for (const file of demoCards) {
      const input = {
        file,
        library: file.library,
        mail: plainMail,
        unit: 'in',
        face: 'front',
        page: 'a4',
      } as const;
      const hasMasks = maskCard(file.plan, resolvePlan(file.plan, file.library)).masks.length > 0;
      for (const exporter of cardExporters) {
        if (exporter.file.startsWith('masks.') && !hasMasks) continue;
        // One that is larger than the sheet is refused, which has a test of its own.
        if (exporter.file === 'mailer.pdf') continue;
        if (exporter.file.startsWith('mailer.') && file.plan.post.envelope.by !== 'made') continue;
        if (exporter.file.startsWith('strips.') && file.plan.scenes.length === 0) continue;
        const written = await exporter.write(input, getSolver);
        expect(written.length, `${file.plan.about.title} ${exporter.file}`).toBeGreaterThan(100);
      }
    }
    expect(demoCards.length).toBeGreaterThan(10);
  });

  it('say in a sentence that there are no masks to print', async () => {
    const file = demoCards.find(({ id }) => id === 'row-markers');
    if (!file) throw new Error('no card without masks');
    const input = {
      file,
      library: file.library,
      mail: plainMail,
      unit: 'in',
      face: 'front',
      page: 'a4',
    } as const;
    const exporters = cardExporters.filter((each) => each.file.startsWith('masks.'));
    expect(exporters).toHaveLength(3);
    for (const { write } of exporters)
      await expect((async () => write(input, getSolver))()).rejects.toThrow(
        'Nothing on this card has to be masked',
      );
  });

  it('bring a picture the fonts of its words, and no others', async () => {
    const picture = cardExporters.find(({ file }) => file === 'picture.svg');
    const file = demoCards.find(({ plan }) => plan.about.title === 'Rain day');
    if (!picture || !file) throw new Error('nothing to draw');
    const input = {
      file,
      library: file.library,
      mail: plainMail,
      unit: 'in',
      face: 'front',
      page: 'a4',
    } as const;
    const svg = await picture.write(input, getSolver);
    expect(String(svg).match(/@font-face\{font-family:'([^']+)'/g)).toEqual([
      "@font-face{font-family:'Caveat'",
    ]);
    expect(await picture.write({ ...input, face: 'back' }, getSolver)).not.toContain('@font-face');
  });

  it('tell in the sheet for a blog how much paper one card takes, and what is placed by itself', async () => {
    const markdown = cardExporters.find(({ file }) => file === 'sheet.md');
    if (!markdown) throw new Error('no sheet for a blog');
    for (const file of demoCards) {
      const input = {
        file,
        library: file.library,
        mail: plainMail,
        unit: 'in',
        face: 'front',
        page: 'a4',
      } as const;
      const text = String(await markdown.write(input, getSolver));
      const [, supplies = ''] = text.split('## Supplies');
      expect(supplies, file.plan.about.title).toMatch(/\*\*Paper\*\*: [^\n]*\(\d+ /u);
      if (file.plan.pieces.some((piece) => piece.kind === 'dot' && piece.look === 'gem'))
        expect(supplies, file.plan.about.title).toMatch(/\*\*Embellishments\*\*: .*\(\d+ piece/u);
    }
  });
});
