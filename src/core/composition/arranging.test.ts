import { describe, expect, it } from 'vitest';
import {
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  typed,
  wren,
} from '../../../test/support/plans';
import { inches } from '../length/length';
import type { PieceId } from '../plan/ids';
import { resolvePlan } from '../resolve/resolvePlan';
import type { Library } from '../plan/library';
import { diesThatHold } from './diesThatHold';
import { corners } from '../outline/outline';
import { layWreath, type WreathInput } from './layWreath';
import { scatterDots, type ScatterInput } from './scatterDots';
import { wordPlaces, type WordPlacesInput } from './wordPlaces';

const around = { x: 0, y: 0, width: 2000, height: 1000 };
const piece = (key: string, size: number) => ({ key, width: size, height: size });
const wreath = (change: Partial<WreathInput> = {}) =>
  layWreath({
    around,
    path: 'oval',
    clearance: 100,
    tiers: [
      Array.from({ length: 5 }, () => piece('large', 400)),
      Array.from({ length: 5 }, () => piece('medium', 200)),
      Array.from({ length: 10 }, () => piece('small', 80)),
    ],
    seed: 3,
    ...change,
  });

describe('a wreath', () => {
  it('lays every piece, the large ones first at the top and evenly by arc length', () => {
    const laid = wreath();
    expect(laid.map(({ key }) => key).toSorted()).toEqual([
      ...Array(5).fill('large'),
      ...Array(5).fill('medium'),
      ...Array(10).fill('small'),
    ] as string[]);
    const [first] = laid;
    expect(first?.key).toBe('large');
    expect(first?.middle.x).toBeCloseTo(1000);
    expect(first?.middle.y).toBeLessThan(0);
    const arcs = (rings: number) =>
      layWreath({
        around: { ...around, height: around.width },
        path: 'oval',
        clearance: 0,
        tiers: [Array.from({ length: rings }, () => piece('a', 10))],
        seed: 1,
      }).map(({ middle }) => middle);
    const circle = arcs(6);
    const gaps = circle.map(({ x, y }, index) => {
      const next = circle[(index + 1) % circle.length];
      return next ? Math.hypot(next.x - x, next.y - y) : NaN;
    });
    for (const gap of gaps) expect(gap / (gaps[0] ?? NaN)).toBeCloseTo(1, 3);
  });

  it.each(['oval', 'rectangle'] as const)('keeps the middle free: %s', (path) => {
    for (const { key, middle } of wreath({ path })) {
      const reach = { large: 400, medium: 200, small: 80 }[key] ?? NaN;
      const dx = Math.max(0, around.x - middle.x, middle.x - around.x - around.width);
      const dy = Math.max(0, around.y - middle.y, middle.y - around.y - around.height);
      // A square reaches half its diagonal however it is turned.
      expect(Math.hypot(dx, dy)).toBeGreaterThanOrEqual((reach * Math.SQRT2) / 2);
    }
  });

  it('puts as many of a tier in each gap as in the next, where they share out evenly', () => {
    const order = wreath()
      .map(({ key }) => key[0])
      .join('');
    expect(order).toBe('lsms'.repeat(5));
  });

  it('is the same for the same seed, and leans otherwise for another', () => {
    expect(wreath()).toEqual(wreath());
    const turns = (seed: number) => wreath({ seed }).map(({ turn }) => turn);
    expect(turns(3)).not.toEqual(turns(4));
    for (const turn of turns(3)) expect(Math.abs(turn)).toBeLessThanOrEqual(180);
  });

  it('of nothing is nothing', () => {
    expect(wreath({ tiers: [] })).toEqual([]);
    expect(wreath({ tiers: [[], []] })).toEqual([]);
  });
});

const area = { x: 100, y: 200, width: 10_000, height: 20_000 };
const words = [corners({ x: 3000, y: 3000, width: 4000, height: 1500 })];
const scatter = (change: Partial<ScatterInput> = {}) =>
  scatterDots({
    area,
    sizes: [
      { diameter: 200, count: 30 },
      { diameter: 500, count: 7 },
    ],
    denserAt: 'top',
    keepOff: [words],
    distance: 150,
    seed: 5,
    ...change,
  });

describe('a scatter', () => {
  it('keeps dots inside, apart, and off the words', () => {
    const { dots, left } = scatter();
    expect([dots.length, left]).toEqual([37, [0, 0]]);
    for (const { middle, diameter } of dots) {
      const radius = diameter / 2;
      expect(middle.x - radius).toBeGreaterThanOrEqual(area.x);
      expect(middle.y + radius).toBeLessThanOrEqual(area.y + area.height);
      const dx = Math.max(0, 3000 - middle.x, middle.x - 7000);
      const dy = Math.max(0, 3000 - middle.y, middle.y - 4500);
      expect(Math.hypot(dx, dy)).toBeGreaterThanOrEqual(radius + 150 - 1e-6);
      for (const other of dots)
        if (other.middle !== middle)
          expect(
            Math.hypot(middle.x - other.middle.x, middle.y - other.middle.y),
          ).toBeGreaterThanOrEqual(radius + other.diameter / 2 + 150);
    }
  });

  it('is denser at the end that is named', () => {
    const upper = (denserAt: ScatterInput['denserAt']) =>
      scatter({ denserAt, keepOff: [] }).dots.filter(({ middle }) => middle.y < 10_200).length;
    expect(upper('top')).toBeGreaterThan(upper('even'));
    expect(upper('even')).toBeGreaterThan(upper('bottom'));
  });

  it('says how many found no room, of each size', () => {
    const { dots, left } = scatter({ sizes: [{ diameter: 9000, count: 5 }], keepOff: [] });
    expect(dots.length + (left[0] ?? 0)).toBe(5);
    expect(left[0]).toBeGreaterThan(1);
    expect(scatter({ sizes: [{ diameter: 11_000, count: 2 }] }).left).toEqual([2]);
  });

  it('is the same for the same seed', () => {
    expect(scatter()).toEqual(scatter());
    expect(scatter({ seed: 6 })).not.toEqual(scatter());
  });
});

describe('places for words', () => {
  const low = { y: { from: 'bottom', distance: typed('1/4') } } as const;
  const plan = planOf([
    pieceOn('front', 'panel', measure('4', '5')),
    stampedOn('panel', 'bird', wren, low),
  ]);
  const places = (change: Partial<WordPlacesInput> = {}) =>
    wordPlaces({
      card: resolvePlan(plan, library),
      face: 'front',
      support: 'panel' as PieceId,
      size: { width: inches(2), height: inches(0, 1, 2) },
      clearance: inches(0, 1, 8),
      without: undefined,
      ...change,
    });

  it('are centred both ways where that is free, and lie there when their rule is resolved', () => {
    const [best] = places().places;
    expect([best?.across, best?.down]).toEqual(['centre', 'centre']);
    expect([best?.place.x, best?.place.y]).toEqual([{ from: 'centre' }, { from: 'centre' }]);
    expect(best?.clearance).toBeGreaterThanOrEqual(inches(0, 1, 8));
  });

  it('keep off what lies there, by the clearance asked for', () => {
    const { places: found } = places({ size: { width: inches(3), height: inches(1) } });
    expect(found.length).toBeGreaterThan(0);
    const bird = resolvePlan(plan, library).marks[0]?.rect;
    for (const { rect } of found)
      expect(rect.y + rect.height).toBeLessThanOrEqual((bird?.y ?? 0) - inches(0, 1, 8));
  });

  it('take no notice of the words themselves', () => {
    const { places: found } = places({ without: 'bird' as PieceId });
    expect(found.map(({ down }) => down)).toEqual(['centre']);
  });

  it('say on how many strips words would fit that fit nowhere whole', () => {
    const size = (width: number, height: number) => ({
      width: inches(width),
      height: inches(height),
    });
    const none = size(5, 1);
    const lines = ['one half', 'the other'];
    const split = (together: typeof none, half: typeof none) =>
      places({ size: none, split: { lines, together, apart: [half, half] } }).advice.find(
        ({ kind }) => kind === 'split',
      );
    expect(split(size(3, 1), size(3, 1))).toEqual({ kind: 'split', lines, strips: 1 });
    // Together too high for any free place; one above the other, clear of one another, they have room.
    expect(split(size(3, 4), size(3, 1))).toEqual({ kind: 'split', lines, strips: 2 });
    expect(split(size(5, 1), size(5, 1))).toBeUndefined();
  });

  it('say what helps where none fits: how small, or what to move', () => {
    const { places: found, advice } = places({ size: { width: inches(3), height: inches(4) } });
    expect(found).toEqual([]);
    expect(advice).toContainEqual({ kind: 'move', id: 'bird', name: 'bird' });
    const shrink = advice.find(({ kind }) => kind === 'shrink');
    const percent = shrink?.kind === 'shrink' ? shrink.percent : NaN;
    const smaller = (part: number) =>
      places({
        size: {
          width: Math.floor((inches(3) * part) / 100) as never,
          height: Math.floor((inches(4) * part) / 100) as never,
        },
      }).places.length;
    expect(smaller(percent)).toBeGreaterThan(0);
    expect(smaller(percent + 1)).toBe(0);
  });
});

describe('dies that hold words', () => {
  const shaped = (outline: string, goesWith: readonly string[] = []): Library =>
    library.map((item) =>
      item.kind === 'die-set'
        ? {
            ...item,
            shape: { box: { width: 400, height: 525 }, outline },
            goesWith: goesWith as never,
          }
        : item,
    );
  const eighth = inches(0, 1, 8);
  const held = (width: number, height: number, items: Library = library) =>
    diesThatHold(items, { width: width as never, height: height as never }, eighth).map(
      ({ step, turned }) => `${step}${turned ? ' turned' : ''}`,
    );

  it('are the smallest of each set with the margin all round, turned where that helps', () => {
    // The coves are 4 x 5 1/4, 3 3/4 x 5 and 3 1/2 x 4 3/4.
    expect(held(inches(3), inches(4))).toEqual(['2']);
    expect(held(inches(3, 1, 2), inches(4))).toEqual(['1']);
    expect(held(inches(3, 1, 2), inches(2))).toEqual(['2 turned']);
    expect(held(inches(4, 1, 2), inches(3))).toEqual(['2 turned']);
    expect(held(inches(5, 1, 4), inches(1))).toEqual([]);
  });

  it('hold less where the shape is round, nothing in a window, and nothing if made for a stamp', () => {
    const oval = shaped('M0 262.5A200 262.5 0 1 1 400 262.5A200 262.5 0 1 1 0 262.5Z');
    expect(held(inches(3), inches(4), oval)).toEqual([]);
    expect(held(inches(2), inches(2), oval)).toEqual(['2']);
    const frame = shaped('M0 0H400V525H0ZM50 50H350V475H50Z');
    expect(held(inches(1), inches(1), frame)).toEqual([]);
    expect(held(inches(1), inches(1), shaped('M0 0H400V525H0Z', ['wren']))).toEqual([]);
  });
});
