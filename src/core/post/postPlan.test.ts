import { describe, expect, it } from 'vitest';
import {
  bowAt,
  chalk,
  library,
  measure,
  pieceOn,
  planOf,
  ribbonOn,
  typed,
} from '../../../test/support/plans';
import { must } from '../../../test/support/must';
import { inches, millimetres, type Length } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { EnvelopeItem, Stock } from '../plan/libraryItem';
import type { LibraryId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import { resolvePlan } from '../resolve/resolvePlan';
import { emptyHolding } from '../stash/holdings';
import { fits } from './envelopeFor';
import { postPlan } from './postPlan';

const envelope = (id: string, width: string, height: string): EnvelopeItem => ({
  kind: 'envelope',
  id: id as LibraryId,
  version: 1,
  name: id,
  sale: { from: null, until: null },
  width: typed(width),
  height: typed(height),
  colour: '#ffffff',
  gramsPerSquareMetre: 100,
  caliper: typed('0.1 mm'),
});

const owned = [envelope('close', '5 3/4', '4 3/8'), envelope('roomy', '4 3/4', '6 1/2')];

const post = (plan: Plan, items = owned, holdings = items.map(({ id }) => emptyHolding(id))) =>
  postPlan(plan, resolvePlan(plan, [...library, ...items]), [...library, ...items], holdings);

describe('the weight of a card', () => {
  // ISO 216: an A4 sheet is a sixteenth of a square metre, so at 80 g/m² it weighs 4.99 g.
  it('is that of an A4 sheet of 80 g', () => {
    const copy: Stock = { ...(library[0] as Stock), gramsPerSquareMetre: 80 };
    const size = { width: typed('210 mm'), height: typed('297 mm') };
    const plan = planOf([], { format: { kind: 'custom', size }, fold: 'flat' });
    const { rows } = postPlan(plan, resolvePlan(plan, [copy]), [copy], []).weight;
    const base = must(rows.find(({ part }) => part === 'base'));
    expect(base.grams.toFixed(2)).toBe('4.99');
  });

  it('is the sum of all there is, each by its area; what is cut out of a mat is not in it', () => {
    const panel = pieceOn('front', 'mat', measure('4', '4'));
    const whole = post(planOf([panel])).weight;
    expect(whole.rows.reduce((sum, { grams }) => sum + grams, 0)).toBeCloseTo(whole.grams, 9);
    const mat = must(whole.rows.find(({ part }) => part === 'papers'));
    expect(mat.grams).toBeCloseTo(0.1016 ** 2 * 216, 6);
    const top = pieceOn('mat', 'top', measure('3', '3'));
    const hollow = { ...panel, cutOut: { rim: typed('1/2') } };
    const cut = post(planOf([hollow, top])).weight;
    const hollowMat = must(
      cut.rows.find(({ part, name }) => part === 'papers' && name === mat.name),
    );
    expect(hollowMat.grams).toBeCloseTo((0.1016 ** 2 - 0.0508 ** 2) * 216, 6);
  });

  it('has its envelope and what goes with it, and says by how much it may be off', () => {
    const plan = planOf([]);
    const filled: Plan = {
      ...plan,
      post: { ...plan.post, enclosures: [{ name: 'a photograph', grams: 3 }] },
    };
    const { rows, grams, tolerance } = post(filled).weight;
    expect(rows.map(({ part }) => part)).toEqual(['base', 'envelope', 'enclosures']);
    expect(grams - post(plan).weight.grams).toBeCloseTo(3, 9);
    expect(tolerance).toBeGreaterThan(0.5);
  });

  // 2 g a metre of ribbon; from memory.
  it('has its ribbon by its length', () => {
    const rows = (bow: ReturnType<typeof bowAt> | null) =>
      post(planOf([ribbonOn('front', 'ribbon', { bow })])).weight.rows;
    const grams = (bow: ReturnType<typeof bowAt> | null) =>
      must(rows(bow).find(({ name }) => name === 'ribbon')).grams;
    // 12 mm of overlap go, 120 mm of bow and twice 25 mm of tails come.
    expect(grams(bowAt('50 mm')) - grams(null)).toBeCloseTo(0.158 * 2, 9);
    expect(rows(null).filter(({ part }) => part === 'embellishments')).toHaveLength(1);
  });

  it('names the stocks it had to guess', () => {
    const unknown = pieceOn('front', 'mat', measure('4', '4'), {
      stock: { id: 'gone' as LibraryId, version: 1 },
    });
    expect(post(planOf([unknown])).weight.guessed).toEqual([unknown.name]);
    expect(
      post(planOf([pieceOn('front', 'mat', measure('4', '4'), { stock: chalk })])).weight.guessed,
    ).toEqual([]);
  });
});

describe('the envelope of a card', () => {
  // Common practice: the A2 envelope is 4 3/8 x 5 3/4 for a card of 4 1/4 x 5 1/2; a lifted card needs its height in both directions.
  it('is the smallest owned that goes round card and height', () => {
    const bare = post(planOf([])).envelopes;
    expect(bare.chosen?.envelope.name).toBe('close');
    const thick = pieceOn('front', 'top', measure('4', '5'), { attach: 'thick-foam' });
    const lifted = post(planOf([thick])).envelopes;
    expect(lifted.card.height).toBe(millimetres(0.6 + 3 + 0.3));
    expect(lifted.chosen?.envelope.name).toBe('roomy');
    const close = must(lifted.all.find(({ envelope: { name } }) => name === 'close'));
    expect(fits(close)).toBe(false);
    expect(close.short).toBe(inches(0, 1, 8) - millimetres(3.9) - millimetres(0.4));
  });

  it('is none of which there are no more, and a standard one where the stash has none', () => {
    const empty = owned.map(({ id }) => ({ ...emptyHolding(id), count: 0 }));
    const { chosen } = post(planOf([]), owned, empty).envelopes;
    expect(chosen?.envelope).toMatchObject({ isOwned: false, name: 'A2 envelope' });
    const gone = owned.map(({ id }) => ({ ...emptyHolding(id), isGone: true }));
    expect(post(planOf([]), owned, gone).envelopes.all.some((each) => each.envelope.isOwned)).toBe(
      false,
    );
  });

  it('is the one chosen, though it does not hold the card', () => {
    const thick = pieceOn('front', 'top', measure('4', '5'), { attach: 'thick-foam' });
    const plan = planOf([thick]);
    const item = { id: 'close' as LibraryId, version: 1 };
    const chosen = post({ ...plan, post: { ...plan.post, envelope: { by: 'item', item } } });
    expect(chosen.envelopes.chosen?.envelope.name).toBe('close');
    expect(chosen.piece.width).toBe(inches(5, 3, 4));
    expect(fits(must(chosen.envelopes.chosen))).toBe(false);
  });

  it('goes round what hangs over the edge of the card', () => {
    const out = pieceOn('front', 'out', measure('2', '1'), {
      place: {
        x: { from: 'left', distance: asTyped(-inches(0, 1, 2) as Length) },
        y: { from: 'centre' },
        turn: 0,
      },
    });
    expect(post(planOf([out])).envelopes.card.short).toBe(inches(4, 3, 4));
  });

  it('adds three sheets of its paper to the height of what is posted', () => {
    expect(post(planOf([])).piece.thickness).toBe(millimetres(0.6 + 0.3));
  });
});

describe('the height of a card with a ribbon', () => {
  const panel = pieceOn('front', 'panel', measure('3', '4'), { attach: 'foam' });
  const sumOf = (pieces: Parameters<typeof planOf>[0]) => {
    const { peaks, map } = post(planOf(pieces));
    const terms = must(peaks[0]).layers.map(
      ({ kind, name, height }) => `${name ?? kind} ${height / millimetres(1)}`,
    );
    return { terms, highest: map.highest };
  };

  it('is the sum of bow, ribbon, what it goes over, and what of it lies behind', () => {
    const bow = bowAt('54 mm', { tail: typed('0') });
    const { terms, highest } = sumOf([panel, ribbonOn('front', 'ribbon', { bow })]);
    expect(terms).toEqual([
      'bow of ribbon 4',
      'ribbon 0.3',
      'panel 0.3',
      'foam squares 1.5',
      'leaf 0.3',
      'ribbon behind 0.3',
      'leaf 0.3',
    ]);
    expect(highest).toBe(millimetres(7));
  });

  it('counts what lies behind a panel only where its adhesive leaves less room', () => {
    const onPanel = (attach: 'foam' | 'tape', way: 'laid' | 'tucked' | 'round') =>
      sumOf([{ ...panel, attach }, ribbonOn('panel', 'ribbon', { way })]).highest;
    expect(onPanel('foam', 'round')).toBe(onPanel('foam', 'laid'));
    expect(onPanel('tape', 'round') - onPanel('tape', 'laid')).toBe(millimetres(0.2));
  });

  it('counts the ends behind a leaf where they are', () => {
    const tucked = ribbonOn('front', 'ribbon', { way: 'tucked', tuck: typed('10 mm') });
    const { parts, gap } = post(planOf([tucked])).map;
    expect(gap).toBe(millimetres(0.3));
    const behind = parts.filter(({ covers }) => covers.includes(0));
    expect(behind.reduce((sum, { area }) => sum + area, 0)).toBe(2 * millimetres(10) ** 2);
  });
});
