import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { applyEdit } from '../plan/applyEdit';
import type { Edit } from '../plan/edit';
import type { Plan } from '../plan/plan';
import { wish } from '../kinds/paint';
import { newestOf } from '../plan/library';
import { resolvePlan } from '../resolve/resolvePlan';
import { bestBridge, meetingOf } from './blendCheck';
import { withBridge, withEndAt, withInkMore } from './blendStops';
import { colourParts } from './colourParts';
import { differenceWords, nearestColours } from './nearestColours';
import { otherStocks } from './otherStocks';
import { paletteOf } from './palette';
import { colourWith, countOf, recolour } from './recolour';
import { shadeCheck } from './shadeCheck';
import { plainUse, seenUse, sortMedia } from './media';

const lighthouse = must(demoCards.find(({ id }) => id === 'lighthouse-keeper'));
const { library } = lighthouse;
const partsOf = (plan: Plan) => colourParts(resolvePlan(plan, library));
const after = (plan: Plan, edit: Edit) => {
  const outcome = applyEdit(plan, edit);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.plan;
};
const named = (name: string) => {
  const item = must(newestOf(library).find((each) => each.name === name));
  return { item: { id: item.id, version: item.version } };
};

describe('the parts of a card', () => {
  const parts = partsOf(lighthouse.plan);

  it('have every colour of every mark once, each under a key of its own', () => {
    for (const { plan, library: own } of demoCards) {
      const card = resolvePlan(plan, own);
      const all = colourParts(card);
      const at = all.flatMap((part) => part.at.map(({ pieceId, layer }) => `${pieceId} ${layer}`));
      const there = card.marks.flatMap(({ id, paints }) =>
        paints.flatMap((paint, layer) => (paint ? [`${id} ${layer}`] : [])),
      );
      expect(at.toSorted()).toEqual(there.toSorted());
      expect(new Set(all.map(({ key }) => key)).size).toBe(all.length);
    }
  });

  it('tell what is printed from what is coloured', () => {
    const kindOf = (of: string, name: string) =>
      parts.find((part) => part.of === of && part.name.split(', ').includes(name))?.kind;
    expect(kindOf('Lighthouse', 'outline')).toBe('printed');
    expect(kindOf('Lighthouse', 'rock')).toBe('coloured');
    expect(parts.find(({ of }) => of === 'Dawn')?.kind).toBe('ground');
  });

  it('make a palette of each thing once, with a line for what is used together', () => {
    const { colours, lines, items, wishes } = paletteOf(parts);
    expect(new Set(colours.map(({ key }) => key)).size).toBe(colours.length);
    expect(items + wishes).toBe(colours.length);
    const dawn = lines.find(({ name }) => name === 'Dawn');
    expect(dawn?.colours).toHaveLength(4);
    const keys = new Set(colours.map(({ key }) => key));
    for (const line of lines) for (const key of line.colours) expect(keys).toContain(key);
  });
});

describe('giving a part another colour', () => {
  const partOf = (plan: Plan, name: string) =>
    must(partsOf(plan).find((part) => part.name.split(', ').includes(name)));

  it('changes that part alone, and can be taken back', () => {
    const { plan } = lighthouse;
    const outline = partOf(plan, 'outline');
    const edit = recolour(plan, outline.at, { kind: 'source', source: named('Kelp line') });
    const outcome = applyEdit(plan, edit);
    if (!outcome.ok) throw new Error(outcome.issue.code);
    expect(partOf(outcome.plan, 'outline').paint.from).toMatchObject({
      item: { name: 'Kelp line' },
    });
    expect(after(outcome.plan, outcome.inverse)).toEqual(plan);
    const others = (each: Plan) =>
      partsOf(each).flatMap((part) => (part.key === outline.key ? [] : [part.paint.colour]));
    expect(others(outcome.plan)).toEqual(others(plan));
  });

  it('with a new combination puts it on the card, and takes off what no part has any more', () => {
    const { plan } = lighthouse;
    const rock = partOf(plan, 'rock');
    const [old] = plan.combinations.filter(({ name }) => name === 'Rock');
    const combination = { ...must(old), id: 'slate' as (typeof plan.combinations)[0]['id'] };
    const next = after(plan, colourWith(plan, rock.at, combination));
    expect(countOf(next, 'slate')).toBe(1);
    expect(next.combinations.some(({ id }) => id === old?.id)).toBe(false);
    const bare = after(next, recolour(next, rock.at, { kind: 'nothing' }));
    expect(partOf(bare, 'rock').paint.from.kind).toBe('nothing');
  });
});

describe('shades', () => {
  it('are told by their steps, the turn of hue, and what is missing between', () => {
    expect(shadeCheck(['#ffffff'])).toEqual({ lightness: [100], steps: [], turn: 0, gaps: [] });
    expect(shadeCheck(['#000000', '#ffffff']).gaps).toEqual([
      { from: 100, to: 0, wish: '#777777' },
    ]);
    expect(shadeCheck(['#c08080', '#8080c0']).turn).toBeGreaterThan(40);
    const clay = shadeCheck(['#cf8762', '#e8b79c', '#a9593a']);
    expect(clay.steps).toHaveLength(2);
    expect(clay.gaps).toEqual([]);
  });

  it('are used from the light end or the dark one', () => {
    const white = wish('#ffffff');
    const media = ['#808080', '#d0d0d0', '#202020'].map((colour) => ({
      ...plainUse({ id: 'x' as never, version: 1 }),
      from: { wish: colour },
    }));
    const order = (begins: 'light' | 'dark') =>
      sortMedia(media, begins, white, library).map((use) => seenUse(use, white, library));
    expect(order('light')).toEqual(['#d0d0d0', '#808080', '#202020']);
    expect(order('dark')).toEqual(['#202020', '#808080', '#d0d0d0']);
  });
});

describe('where two inks meet', () => {
  const ink = (colour: string) => ({ colour, opacity: 0.35, thickness: 1 });

  it('neighbours stay clean and complements go grey, by common practice', () => {
    expect(meetingOf('#ffffff', ink('#e06a92'), ink('#f4d24a')).isMuddy).toBe(false);
    expect(meetingOf('#ffffff', ink('#f4d24a'), ink('#3f9a80')).isMuddy).toBe(false);
    expect(meetingOf('#ffffff', ink('#e08a4a'), ink('#3f7fd0')).isMuddy).toBe(true);
    expect(meetingOf('#ffffff', ink('#ffffff'), ink('#222222')).isLargeStep).toBe(true);
  });

  it('the best bridge loses least, and none is named that does no better', () => {
    const [orange, blue] = [ink('#e08a4a'), ink('#3f7fd0')];
    const inks = ['#c06a9a', '#808080', '#6f9a50'].map((colour) => ({ coat: ink(colour) }));
    const best = must(bestBridge('#ffffff', orange, blue, inks));
    const loss = (coat: ReturnType<typeof ink>) =>
      Math.max(meetingOf('#ffffff', orange, coat).loss, meetingOf('#ffffff', coat, blue).loss);
    expect(best.loss).toBeLessThanOrEqual(Math.min(...inks.map(({ coat }) => loss(coat))) + 0.02);
    expect(bestBridge('#ffffff', orange, blue, [])).toBeUndefined();
  });

  it('a bridge lies between the two, which make room for it', () => {
    const stop = (from: number, to: number) => ({
      ink: { wish: '#123456' },
      from,
      to,
      tool: 'large brush' as const,
      strength: 'even' as const,
    });
    const stops = withBridge([stop(0, 0.6), stop(0.4, 1)], 0, { wish: '#abcdef' });
    expect(stops.map(({ from, to }) => [from, to])).toEqual([
      [0, 0.5],
      [0.25, 0.75],
      [0.5, 1],
    ]);
    expect(stops[1]?.ink).toEqual({ wish: '#abcdef' });
    const more = withInkMore([stop(0, 1)]);
    expect(more.map(({ from, to }) => [from, to])).toEqual([
      [0, 0.5],
      [0.4, 1],
    ]);
    expect(withEndAt(stop(0.2, 0.6), 'from', 0.9).from).toBe(0.59);
    expect(withEndAt(stop(0.2, 0.6), 'to', 0).to).toBe(0.21);
  });
});

describe('what comes near a colour', () => {
  it('is told nearest first, and in words', () => {
    const inks = newestOf(library).filter((item) => item.kind === 'ink');
    const [first, second] = nearestColours('#5f8fb8', inks, 2, '#ffffff');
    expect(first?.item.name).toBe('Fjord');
    expect(second?.difference).toBeGreaterThanOrEqual(first?.difference ?? Infinity);
    expect(differenceWords('#808080', '#404040')).toEqual(['darker']);
    expect(differenceWords('#b0a090', '#c08070')).toContain('redder');
    expect(differenceWords('#336699', '#336699')).toEqual([]);
  });

  it('of paper: four others, each the card with that paper under the part', () => {
    const others = otherStocks(lighthouse.plan, library, 'dawn');
    for (const { plan, stock } of others) {
      const card = resolvePlan(plan, library);
      expect(card.pieces.find(({ id }) => id === 'cove-panel')?.stock?.id).toBe(stock.id);
    }
    expect(new Set(others.map(({ stock }) => stock.id)).size).toBe(others.length);
  });
});
