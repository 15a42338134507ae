import { describe, expect, it } from 'vitest';
import {
  chalk,
  coves,
  drizzle,
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  stencilledOn,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { computeCard } from '../compute/computeCard';
import { inches, millimetres } from '../length/length';
import type { LibraryId } from '../plan/ids';
import type { Library } from '../plan/library';
import { applyEdit } from '../plan/applyEdit';
import type { Motion, Paper, Piece, PlaceRule } from '../plan/piece';
import type { RuleId } from '../plan/rules';

/** The coves as a frame: a rim an eighth of an inch wide round a window. */
const framed: Library = library.map((item) =>
  item.kind === 'die-set'
    ? {
        ...item,
        shape: {
          box: { width: 400, height: 525 },
          outline: 'M0 0H400V525H0ZM12.5 12.5H387.5V512.5H12.5Z',
        },
      }
    : item,
);
/** The smallest of them: 3 1/2 x 4 3/4. */
const byDie = { by: 'die', set: coves, step: 2, turned: false } as const;
const at = (left: string, top: string): PlaceRule => ({
  x: { from: 'left', distance: typed(left) },
  y: { from: 'top', distance: typed(top) },
  turn: 0,
});
const panel = pieceOn('front', 'panel', measure('4 1/4', '5 1/2'));
const find = (rule: RuleId, pieces: readonly Piece[], items: Library = library) =>
  computeCard(planOf(pieces), items).findings.filter(({ data }) => data.rule === rule);
/** What the rule finds once its first remedy is done. */
const mended = (rule: RuleId, pieces: readonly Piece[], items: Library = library) => {
  const [found] = find(rule, pieces, items);
  const edit = found?.remedies[0]?.edit;
  const outcome = edit && applyEdit(planOf(pieces), edit);
  if (!outcome?.ok) throw new Error(`no remedy of ${rule}`);
  return find(rule, outcome.plan.pieces, items);
};
describe('a window', () => {
  const frame = pieceOn('panel', 'frame', byDie, { attach: 'foam-sheet' });
  const picture = (width: string, height: string) => [
    panel,
    pieceOn('panel', 'picture', measure(width, height)),
    frame,
  ];

  it('whose picture reaches an eighth beyond it on every side is fine', () => {
    // The window is 3.28 wide and 4.52 high.
    expect(find('window-uncovered', picture('3 5/8', '4 7/8'), framed)).toEqual([]);
  });

  it('whose picture ends within it, or just beyond, is found with the side and the figure', () => {
    expect(find('window-uncovered', picture('3', '4 7/8'), framed)[0]?.data).toMatchObject({
      by: 'picture',
      side: 'left',
      reach: inches(0, -9, 64),
    });
    expect(find('window-uncovered', picture('3 7/16', '4 7/8'), framed)[0]?.data).toMatchObject({
      reach: inches(0, 5, 64),
    });
  });

  it('says nothing of a figure that stands in it', () => {
    expect(find('window-uncovered', picture('1', '2'), framed)).toEqual([]);
  });
});

describe('an image in an opening', () => {
  const frame = pieceOn('panel', 'frame', { by: 'die', set: coves, step: 2, turned: false });
  /** Wider than most of a window 2 inches wide. */
  const small: Library = framed.map((item) =>
    item.kind === 'die-set'
      ? { ...item, steps: [{ width: typed('2'), height: typed('3') }] }
      : item,
  );
  const scene = (top: string): readonly Piece[] => [
    panel,
    stampedOn('panel', 'bird', wren, at('1 1/8', top)),
    { ...frame, size: { by: 'die', set: coves, step: 0, turned: false } },
  ];

  it('that ends above the foot of it is found, and let down to the rim', () => {
    // The frame is centred: its window ends 3 inches less the rim of 3/32 (12.5 of 525) below 1 1/4.
    const [found] = find('image-short', scene('2'), small);
    expect(found?.data).toMatchObject({ gap: Math.round(406400 * (1.25 + 3 * (512.5 / 525) - 3)) });
    expect(mended('image-short', scene('2'), small)).toEqual([]);
  });

  it('that stands on something is not', () => {
    const ground = pieceOn('panel', 'ground', measure('4 1/4', '1'), at('0', '2 7/8'));
    const [base, bird, front] = scene('2');
    if (!base || !bird || !front) throw new Error('expected a scene');
    expect(find('image-short', [base, ground, bird, front], small)).toEqual([]);
  });
});

describe('an end that another piece is to hide', () => {
  const pieces = (top: string) => [
    panel,
    pieceOn('panel', 'sky', measure('4 1/4', '3'), at('0', '0')),
    pieceOn('panel', 'sea', measure('4 1/4', '2 1/2'), at('0', top)),
  ];

  it('and hides too little of is found; one that leaves a slit as well', () => {
    expect(find('short-end', pieces('2 15/16'))[0]?.data).toMatchObject({
      by: 'sea',
      side: 'bottom',
      reach: inches(0, 1, 16),
    });
    expect(find('short-end', pieces('3 1/16'))[0]?.data).toMatchObject({
      reach: inches(0, -1, 16),
    });
  });

  it('and hides well, or meets edge to edge, is fine', () => {
    expect(find('short-end', pieces('2 3/4'))).toEqual([]);
    expect(find('short-end', pieces('3'))).toEqual([]);
    expect(find('short-end', pieces('3 1/4'))).toEqual([]);
  });
});

describe('a piece on two heights', () => {
  const hill = pieceOn('panel', 'hill', measure('2', '2'), { place: at('0', '0'), attach: 'foam' });
  const banner = (change: Partial<Paper>) =>
    pieceOn('panel', 'banner', measure('4', '1/2'), { place: at('0', '1 1/2'), ...change });

  it('stands aslant, and is lifted as much with one key', () => {
    const pieces = [panel, hill, banner({ attach: 'tape' })];
    expect(find('two-heights', pieces)[0]?.data).toMatchObject({
      by: 'hill',
      height: millimetres(1.7),
    });
    expect(mended('two-heights', pieces)).toEqual([]);
  });

  it('is fine where it bends over a layer of card, or lies on it whole', () => {
    const flat = pieceOn('panel', 'hill', measure('2', '2'), { place: at('0', '0') });
    expect(find('two-heights', [panel, flat, banner({ attach: 'tape' })])).toEqual([]);
    const wide = pieceOn('panel', 'hill', measure('4 1/4', '3'), { attach: 'foam' });
    expect(find('two-heights', [panel, wide, pieceOn('panel', 'on', measure('1', '1'))])).toEqual(
      [],
    );
  });
});

describe('foam', () => {
  it('wider than the rim of its frame is found; a sheet cut to the piece is not', () => {
    const frame = (attach: Paper['attach']) => [
      panel,
      pieceOn('panel', 'frame', { by: 'die', set: coves, step: 0, turned: false }, { attach }),
    ];
    expect(find('foam-wide', frame('foam'), framed)[0]?.data).toMatchObject({
      rim: inches(0, 1, 8),
      foam: inches(0, 1, 4),
    });
    expect(mended('foam-wide', frame('foam'), framed)).toEqual([]);
    expect(find('foam-wide', frame('liquid'), framed)).toEqual([]);
  });

  it('wider than a strip is found, and not under one that hides it', () => {
    const strip = (height: string) => [
      panel,
      pieceOn('panel', 'strip', measure('3', height), { attach: 'foam' }),
    ];
    expect(find('foam-wide', strip('3/16'))).toHaveLength(1);
    expect(find('foam-wide', strip('1/2'))).toEqual([]);
  });
});

describe('what moves', () => {
  const moving = (motion: Motion, size = measure('1', '1')) =>
    pieceOn('panel', 'door', size, { motion, place: at('2', '2') });
  const flap = moving({ kind: 'flap', hinge: 'left' });
  const post = (left: string, top: string, change: Partial<Paper> = {}) =>
    pieceOn('panel', 'post', measure('1/2', '1/2'), { place: at(left, top), ...change });

  it('is held by what is glued over it, whatever it is', () => {
    expect(find('blocked', [panel, flap, post('2 1/4', '2 1/4')])[0]?.data).toMatchObject({
      issue: { kind: 'held', by: 'post' },
    });
    expect(mended('blocked', [panel, flap, post('2 1/4', '2 1/4')])).toEqual([]);
  });

  it('a flap opens flat only over what is no higher than its hinge', () => {
    expect(
      find('blocked', [panel, post('1 1/4', '2 1/4', { attach: 'foam' }), flap])[0]?.data,
    ).toMatchObject({ motion: 'flap', issue: { kind: 'in-the-way', by: 'post' } });
    const lifted = { ...flap, attach: 'thick-foam' as const };
    expect(find('blocked', [panel, post('1 1/4', '2 1/4', { attach: 'tape' }), lifted])).toEqual(
      [],
    );
    expect(find('blocked', [panel, post('3 1/4', '2 1/4', { attach: 'foam' }), flap])).toEqual([]);
  });

  it('a slider needs its whole track, in its own direction only', () => {
    const slider = (travel: string) =>
      moving({
        kind: 'slider',
        along: 'x',
        travel: { ticks: (travel === 'left' ? -1 : 1) * inches(1) } as Extract<
          Motion,
          { kind: 'slider' }
        >['travel'],
      });
    const wall = post('3 3/4', '2 1/4', { attach: 'foam' });
    expect(find('blocked', [panel, wall, slider('right')])).toHaveLength(1);
    expect(find('blocked', [panel, wall, slider('left')])).toEqual([]);
  });

  it('a wobbler hides its spring on all sides', () => {
    const wobbler = (spring: string) => moving({ kind: 'wobbler', spring: typed(spring) });
    expect(find('blocked', [panel, wobbler('3/4')])).toEqual([]);
    const beside = post('3 1/32', '2 1/4', { attach: 'thick-foam' });
    expect(find('blocked', [panel, beside, wobbler('3/4')])[0]?.data).toMatchObject({
      issue: { kind: 'in-the-way', by: 'post' },
    });
    expect(find('blocked', [panel, post('3 1/4', '2 1/4'), wobbler('3/4')])).toEqual([]);
    expect(find('blocked', [panel, wobbler('1 1/4')])[0]?.data).toMatchObject({
      issue: { kind: 'spring-seen' },
    });
  });
});

describe('tools', () => {
  it('a die wider than the press is found by its shorter side', () => {
    const wide: Library = library.map((item) =>
      item.kind === 'die-set'
        ? { ...item, steps: [{ width: typed('6 1/8'), height: typed('8') }] }
        : item,
    );
    const cover = pieceOn('front', 'cover', { by: 'die', set: coves, step: 0, turned: false });
    expect(find('too-large', [cover], wide)[0]?.data).toMatchObject({ tool: 'press' });
    expect(find('too-large', [cover])).toEqual([]);
  });

  it('a stamp larger than the platform is found, either way round', () => {
    const sized = (width: string, height: string): Library =>
      library.map((item) =>
        item.kind === 'stamp' ? { ...item, width: typed(width), height: typed(height) } : item,
      );
    const print = [panel, stampedOn('panel', 'bird', wren)];
    expect(find('too-large', print, sized('7', '4'))[0]?.data).toMatchObject({ tool: 'platform' });
    expect(find('too-large', print, sized('4', '6'))).toEqual([]);
  });

  it('scissors round a print are told; where the stash has its die, that is the remedy', () => {
    const cut = pieceOn('panel', 'bird', { by: 'stamp', stamp: wren, rim: typed('1/16') });
    expect(find('no-die', [panel, cut])[0]?.data).toMatchObject({
      stamp: 'Garden wren',
      die: undefined,
    });
    const withDie: Library = library.map((item) =>
      item.kind === 'die-set' ? { ...item, goesWith: [wren.id as LibraryId] } : item,
    );
    expect(mended('no-die', [panel, cut], withDie)).toEqual([]);
  });
});

describe('colour', () => {
  it('a stencil that cannot go on is found, and kept to what it covers', () => {
    const once: Library = library.map((item) =>
      item.kind === 'stencil' ? { ...item, repeat: { kind: 'single' } } : item,
    );
    const pieces = [panel, stencilledOn('panel', 'rain', drizzle)];
    expect(find('stencil-short', pieces)).toEqual([]);
    expect(find('stencil-short', pieces, once)[0]?.data).toMatchObject({ reason: 'single' });
    expect(mended('stencil-short', pieces, once)).toEqual([]);
  });

  it('words on a stencilled ground are hard to read', () => {
    const pieces = [
      panel,
      stencilledOn('panel', 'rain', drizzle),
      wordsOn('panel', 'words', ['hello']),
    ];
    expect(find('words-covered', pieces)[0]?.data).toMatchObject({
      cover: { kind: 'pattern', name: 'rain' },
    });
  });

  it('words in nearly the colour of their paper are lost, and given an ink that reads', () => {
    const paper = pieceOn('front', 'panel', measure('4', '5'), { stock: chalk });
    const pale = [paper, { ...wordsOn('panel', 'words', ['hello']), colour: '#f1efe9' }];
    expect(find('lost-on-ground', pale)).toHaveLength(1);
    expect(mended('lost-on-ground', pale)).toEqual([]);
  });

  it('an image one of whose inks stands out is not lost', () => {
    const paper = pieceOn('front', 'panel', measure('4', '5'), { stock: chalk });
    const bird = (colours: readonly string[]) => [
      paper,
      { ...stampedOn('panel', 'bird', wren), colours },
    ];
    expect(find('lost-on-ground', bird(['#f3f1ec', '#1e2428']))).toEqual([]);
    expect(find('lost-on-ground', bird(['#f3f1ec', '#fdfcfa']))[0]?.data).toMatchObject({
      isWords: false,
    });
  });
});
