import { describe, expect, it } from 'vitest';
import { chalk, library, measure, pieceOn, planOf } from '../../../test/support/plans';
import { writeDxf } from '../drawing/writeDxf';
import { writeSvg } from '../drawing/writeSvg';
import { millimetres, TICKS_PER_MILLIMETRE } from '../length/length';
import { mailerKinds } from '../paper/mailerBlank';
import type { Plan } from '../plan/plan';
import { resolvePlan } from '../resolve/resolvePlan';
import { fits } from './envelopeFor';
import { sheetOfBlank, stocksForMaking } from './madeEnvelope';
import { mailerPage } from './mailerPage';
import { postPlan } from './postPlan';

const plan = planOf([
  pieceOn('front', 'panel', measure('4', '5'), { attach: 'thick-foam', stock: chalk }),
]);
const sent = (envelope: Plan['post']['envelope'], from: Plan = plan) => {
  const own = { ...from, post: { ...from.post, envelope } };
  return postPlan(own, resolvePlan(own, library), library, []);
};
const made = (kind: (typeof mailerKinds)[number]) => sent({ by: 'made', kind, stock: chalk });

describe('an envelope or a box made for a card', () => {
  it.each(mailerKinds)('holds it to the tick: a %s', (kind) => {
    const { chosen } = made(kind).envelopes;
    expect(chosen && fits(chosen)).toBe(true);
    expect([chosen?.long, chosen?.short]).toEqual([0, 0]);
  });

  it('weighs what its blank weighs, and a box stands as high as its walls', () => {
    for (const kind of mailerKinds) {
      const { weight, envelopes, piece } = made(kind);
      const blank = envelopes.chosen?.envelope.made;
      const paper = weight.rows.find(({ part }) => part === 'envelope');
      const box =
        blank && (blank.size.width * blank.size.height) / (1000 * TICKS_PER_MILLIMETRE) ** 2;
      // Less than the sheet it is cut from, and more than half of it.
      expect(paper?.grams).toBeLessThan((box ?? 0) * 216);
      expect(paper?.grams).toBeGreaterThan((box ?? 0) * 108);
      const walls = kind === 'box' ? millimetres(0.5) : 0;
      expect(piece.thickness).toBe(envelopes.card.height + walls + millimetres(0.9));
    }
  });

  it('comes from the first sheet of its stock that holds the blank, stocks without one last', () => {
    const { envelopes } = made('envelope');
    expect(envelopes.chosen && sheetOfBlank(envelopes.chosen.envelope, stockOf('chalk'))).toBe(
      'letter',
    );
    const room = plan.habits.envelopeRoom.ticks;
    const stocks = stocksForMaking('envelope', envelopes.card, { library, holdings: [], room });
    // A pad of six inches holds no envelope of an A2 card.
    expect(stocks.at(-1)).toMatchObject({ stock: { id: 'row-paper' }, sheet: undefined });
    expect(stocks[0]?.sheet).toBe('letter');
  });
});

describe('its template', () => {
  const { chosen } = made('box').envelopes;
  const blank = chosen?.envelope.made;
  if (!blank) throw new Error('expected a blank');
  const page = mailerPage(blank, 'Rain & shine');
  const mm = (ticks: number) => ticks / TICKS_PER_MILLIMETRE;

  it('is written at 1:1 as SVG: what is cut, and what is folded', () => {
    const svg = writeSvg(page);
    const [, path = ''] = /<g id="cut"[^>]*>.*?d="([^"]+)"/s.exec(svg) ?? [];
    const across = [...path.matchAll(/[ML]([\d.]+) ([\d.]+)/g)].map(([, x]) => Number(x));
    expect(Math.max(...across) - Math.min(...across)).toBeCloseTo(mm(blank.size.width), 3);
    expect(svg).toContain('Rain &amp; shine: front of the box');
    expect(svg.match(/stroke-dasharray/g)?.length).toBeGreaterThanOrEqual(1);
  });

  it('keeps cuts and scores on layers of their own as DXF', () => {
    const dxf = writeDxf(page);
    for (const layer of ['cut', 'scores']) expect(dxf).toContain(layer);
  });
});

function stockOf(id: string) {
  const item = library.find((each) => each.id === id);
  return item?.kind === 'stock' ? item : undefined;
}
