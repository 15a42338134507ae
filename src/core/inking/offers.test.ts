import { describe, expect, it } from 'vitest';
import { demoCards, demoStash } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { contrast } from '../colour/contrast';
import { lchOf } from '../colour/lch';
import { colourDifference } from '../colour/colourDifference';
import { labOf } from '../colour/lab';
import { seenOn } from '../kinds/coat';
import type { LibraryId } from '../plan/ids';
import { resolvePlan } from '../resolve/resolvePlan';
import { emptyHolding } from '../stash/holdings';
import { cardSubstitutes } from './cardSubstitutes';
import { colourParts } from './colourParts';
import { darkShade } from './darkShade';
import { paletteOf } from './palette';
import { tiesOf } from './ties';

const cardOf = (id: string) => {
  const { plan, library } = must(demoCards.find((each) => each.id === id));
  const all = [
    ...library,
    ...demoStash.filter((item) => !library.some(({ id: own }) => own === item.id)),
  ];
  return { plan, library: all, card: resolvePlan(plan, all) };
};
const gone = (...names: readonly string[]) =>
  demoStash
    .filter(({ name }) => names.includes(name))
    .map(({ id }) => ({ ...emptyHolding(id), isGone: true }));

describe('a dark shade of the card’s own hue', () => {
  it('is near its strongest paper in hue, and is read on what is under the words', () => {
    const { card, library } = cardOf('last-tram-home');
    const shade = must(darkShade(card, ['#ffffff'], library, []));
    const hues = [card.base.paint, ...card.pieces.map(({ paint }) => paint)]
      .map(({ colour }) => lchOf(colour))
      .toSorted((a, b) => b.c - a.c);
    const off = Math.abs(((must(lchOf(shade.ink.colour).h) - must(hues[0]?.h) + 540) % 360) - 180);
    expect(off).toBeLessThanOrEqual(40);
    expect(contrast(seenOn(shade.ink, '#ffffff'), '#ffffff')).toBeGreaterThanOrEqual(4.5);
  });

  it('is none that is gone, and none where nothing dark would be read', () => {
    const { card, library } = cardOf('last-tram-home');
    const first = must(darkShade(card, ['#ffffff'], library, []));
    expect(darkShade(card, ['#ffffff'], library, gone(first.ink.name))?.ink.id).not.toBe(
      first.ink.id,
    );
    expect(darkShade(card, ['#22282b'], library, [])).toBeUndefined();
  });
});

describe('stocks that tie a picture together', () => {
  it('repeat its colours, the nearest first, calm it or dramatise it', () => {
    const { card, library } = cardOf('lighthouse-keeper');
    const palette = paletteOf(colourParts(card));
    const ties = tiesOf(palette, library, []);
    const repeating = ties.filter(({ kind }) => kind === 'repeats');
    expect(repeating.length).toBeGreaterThan(0);
    expect(repeating.map(({ difference }) => difference)).toEqual(
      repeating.map(({ difference }) => difference).toSorted((a, b) => a - b),
    );
    for (const { stock, nearest, difference } of ties) {
      const all = palette.colours.map(({ lab }) => colourDifference(labOf(stock.colour), lab));
      expect(difference).toBeCloseTo(Math.min(...all), 9);
      expect(colourDifference(labOf(stock.colour), nearest.lab)).toBeCloseTo(difference, 9);
    }
    expect(ties.filter(({ kind }) => kind === 'calms')).toHaveLength(1);
  });

  it('are none of a picture without colours', () => {
    expect(tiesOf({ colours: [], lines: [], items: 0, wishes: 0 }, demoStash, [])).toEqual([]);
  });
});

describe('a card with what is there', () => {
  it('has the nearest of the same sort for each colour that is not, wherever it is used', () => {
    const { plan, library } = cardOf('lighthouse-keeper');
    expect(cardSubstitutes(plan, library, [], '#ffffff')).toBeUndefined();
    const found = must(cardSubstitutes(plan, library, gone('Rust 2', 'Fjord'), '#ffffff'));
    expect(found.all.map(({ missing }) => missing.name).toSorted()).toEqual(['Fjord', 'Rust 2']);
    for (const { missing, instead } of found.all) {
      const { item } = must(instead);
      expect(item.kind).toBe(missing.kind);
      expect(item.id).not.toBe(missing.id);
    }
    const text = JSON.stringify(found.plan);
    const ids = demoStash
      .filter(({ name }) => name === 'Rust 2' || name === 'Fjord')
      .map(({ id }) => id);
    for (const id of ids) expect(text).not.toContain(`"${id}"`);
    expect(
      cardSubstitutes(found.plan, library, gone('Rust 2', 'Fjord'), '#ffffff'),
    ).toBeUndefined();
  });

  it('keeps what nothing there can stand for', () => {
    const { plan, library } = cardOf('lighthouse-keeper');
    const allInks = demoStash.filter(({ kind }) => kind === 'ink').map(({ id }) => id as LibraryId);
    const none = allInks.map((id) => ({ ...emptyHolding(id), isGone: true }));
    const found = must(cardSubstitutes(plan, library, none, '#ffffff'));
    expect(found.all.every(({ instead }) => instead === undefined)).toBe(true);
    expect(found.plan).toEqual(plan);
  });
});
