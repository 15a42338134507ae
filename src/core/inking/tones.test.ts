import { describe, expect, it } from 'vitest';
import {
  chalk,
  layersIn,
  library as plain,
  measure,
  moss,
  pieceOn,
  planOf,
  stampedOn,
  typed,
  wren,
} from '../../../test/support/plans';
import { must } from '../../../test/support/must';
import { applyEdit } from '../plan/applyEdit';
import type { LibraryId } from '../plan/ids';
import { findStamp } from '../plan/library';
import type { Ink, LibraryItem, Stamp } from '../plan/libraryItem';
import { outOf } from '../plan/plainColours';
import type { Piece } from '../plan/piece';
import { resolvePlan } from '../resolve/resolvePlan';
import { recolour } from './recolour';
import { tonesOf } from './tones';

const stampOf = (id: string, stamp: Stamp['stamp'], change: Partial<Stamp> = {}): Stamp => ({
  ...must(findStamp(plain, wren)),
  id: id as LibraryId,
  name: id,
  stamp,
  ...change,
});
const area = (name: string) => ({ name, path: 'M0 0H200V100H0Z', lineWidth: 0, colour: '#888888' });
const ink = (name: string, colour: string): Ink => ({
  kind: 'ink',
  id: name as LibraryId,
  version: 1,
  name,
  sale: { from: null, until: null },
  ink: 'pigment',
  colour,
  opacity: 1,
  set: '',
  withstands: null,
});
const stash: readonly LibraryItem[] = [
  ...plain,
  stampOf('texture', 'background', { layers: [area('dots')] }),
  stampOf('leaf', 'layering', { layers: [area('base'), area('detail')] }),
  stampOf('large', 'solid', { layers: [area('all')], width: typed('2') }),
  stampOf('small', 'solid', { layers: [area('all')], width: typed('1') }),
  ink('soot', '#101010'),
  ink('pale', '#e0ddd0'),
  ink('leaf green', '#6f9a60'),
];
const printed = (
  id: string,
  stamp: string,
  colours: string[],
  group: string | null = null,
): Piece => ({
  ...stampedOn('panel', id, { id: stamp as LibraryId, version: 1 }),
  layers: layersIn(...colours),
  group,
});
const cardOf = (pieces: readonly Piece[]) =>
  planOf([
    pieceOn('front', 'panel', measure('4', '5'), { stock: chalk, attach: 'foam' }),
    ...pieces,
  ]);
const told = (pieces: readonly Piece[]) => tonesOf(resolvePlan(cardOf(pieces), stash), stash, []);

describe('light and dark', () => {
  it('tells papers that only their hue tells apart', () => {
    // Made as light as moss by their L*: about 42.
    const rust = { id: 'rust' as LibraryId, version: 1 };
    const withRust = [
      ...stash,
      {
        ...must(plain.find(({ id }) => id === moss.id)),
        ...rust,
        name: 'Rust',
        colour: '#95533d',
      } as LibraryItem,
    ];
    const plan = planOf([
      pieceOn('front', 'mat', measure('4', '5'), { stock: moss }),
      pieceOn('mat', 'panel', measure('3', '4'), { stock: rust }),
    ]);
    expect(tonesOf(resolvePlan(plan, withRust), withRust, [])).toMatchObject([
      { kind: 'near-lightness', of: 'panel', on: 'mat' },
    ]);
  });

  it('tells an outline that is lighter than what it goes round, and takes the nearest that is darker', () => {
    expect(told([printed('bird', wren.id, ['#7a6a55', '#1e2428'])])).toEqual([]);
    const bird = printed('bird', wren.id, ['#3a2a25', '#9a9a9a']);
    const [tone] = told([bird]);
    expect(tone).toMatchObject({ kind: 'pale-outline', than: 'body', ink: { name: 'soot' } });
    if (tone?.kind !== 'pale-outline') throw new Error('no pale outline');
    const plan = cardOf([bird]);
    const source = outOf(must(tone.ink));
    const outcome = applyEdit(plan, recolour(plan, tone.at, { kind: 'source', source }));
    if (!outcome.ok) throw new Error(outcome.issue.code);
    expect(tonesOf(resolvePlan(outcome.plan, stash), stash, [])).toEqual([]);
  });

  it('tells a bold texture, and the pale ink for it', () => {
    expect(told([printed('ground', 'texture', ['#333333'])])).toMatchObject([
      { kind: 'bold-texture', ink: { name: 'pale' } },
    ]);
    expect(told([printed('ground', 'texture', ['#e0ddd0'])])).toEqual([]);
  });

  it('tells a detail that is not one shade darker than what it lies on', () => {
    const step = (detail: string) => told([printed('leaf', 'leaf', ['#8db580', detail])]);
    expect(step('#6f9a60')).toEqual([]);
    expect(step('#a9cf9d')).toMatchObject([{ kind: 'detail-step', ink: { name: 'leaf green' } }]);
    expect(step('#1d3a15')).toMatchObject([{ kind: 'detail-step', detail: 'detail' }]);
    // Another colour is no shade of it.
    expect(step('#803060')).toEqual([]);
  });

  it('tells which school the sizes of solid images follow', () => {
    const three = (large: string, small: string) =>
      told([
        printed('a', 'large', [large], 'ring'),
        printed('b', 'small', [small], 'ring'),
        printed('c', 'small', [small], 'ring'),
      ]).map((tone) => (tone.kind === 'sizes' ? tone.largest : tone.kind));
    expect(three('#dddddd', '#444444')).toEqual(['lighter']);
    expect(three('#444444', '#dddddd')).toEqual(['darker']);
    expect(three('#888888', '#888888')).toEqual(['neither']);
  });
});
