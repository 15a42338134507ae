import { describe, expect, it } from 'vitest';
import { unplannedSupplies } from '../../../test/support/unplanned';
import {
  coves,
  bowAt,
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  ribbonOn,
  stampedOn,
  ticksOf,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { composeCard, compositionAnswerSchema } from '../compute/compositionAnswer';
import { newScatter, newArrangement } from '../composition/newArrangement';
import { inches } from '../length/length';
import { usedLibrary } from '../kinds/usedLibrary';
import type { CardId, PieceId } from '../plan/ids';
import { findStamp } from '../plan/library';
import type { Piece, PlaceRule } from '../plan/piece';
import { freeGroup } from '../plan/pieceSets';
import { resolvePlan } from '../resolve/resolvePlan';
import { placements } from './placements';
import { projectSheet } from './projectSheet';
import { writeMarkdown } from './writeMarkdown';
import { withPieces } from '../plan/withPieces';

const shape = { box: { width: 4, height: 5 }, outline: 'M0 0L4 5L0 5Z' };
const shaped = library.map((item) => (item.kind === 'die-set' ? { ...item, shape } : item));
const die = { by: 'die', set: coves, step: 2, turned: false } as const;
const snow = Array.from({ length: 7 }, (_, index) => ({
  ...dotOn('panel', `dot-${index}`),
  group: 'snow',
}));
const plan = planOf([
  pieceOn('front', 'panel', measure('4', '5')),
  pieceOn('panel', 'hill', die),
  stampedOn('panel', 'bird', wren, { turn: 12 }),
  ...snow,
  wordsOn('inside', 'words', ['hello']),
]);
const card = resolvePlan(plan, shaped);

describe('where it all goes', () => {
  it('lists die cuts of a shape and marks face by face, a scatter once, panels not', () => {
    const rows = placements(plan, card).map(({ face, name, on, count }) => [face, name, on, count]);
    expect(rows).toEqual([
      ['front', 'bird', 'B', 1],
      ['front', 'hill', 'B', 1],
      ['front', 'snow', 'B', 7],
      ['inside', '“hello”', 'A', 1],
    ]);
  });

  it('is said in Markdown, with the turn and the face', () => {
    const supplies = unplannedSupplies(plan, shaped);
    const text = writeMarkdown(projectSheet(plan, card, 'in'), supplies, [], [], []);
    const [, section = ''] = text.split('## Where it all goes');
    expect(section).toMatch(/\*\*bird\*\*, 2 × 1 in: .* of B, turned 12°/);
    expect(section).toMatch(/\*\*snow\*\* \(7 of 1⁄8 in; the first\)/);
    expect(section).toMatch(/\*\*“hello”\*\*.* of the inside right/);
    // The stamp is listed once among the supplies.
    expect(section.match(/Garden wren/g)).toHaveLength(1);
  });
});

describe('a ribbon', () => {
  const bow = bowAt('2 in', { takes: typed('4 1/2'), tail: typed('1') });
  const tied = (change: Parameters<typeof ribbonOn>[2]) => {
    const placed = planOf([
      pieceOn('front', 'panel', measure('4', '5')),
      ribbonOn('panel', 'ribbon', { bow, ...change }),
    ]);
    const card = resolvePlan(placed, library);
    const supplies = unplannedSupplies(placed);
    return writeMarkdown(projectSheet(placed, card, 'in'), supplies, [], [], []);
  };

  it('is told with how it goes, where its bow is, and how long it is cut for what', () => {
    expect(tied({})).toMatch(
      /wrapped round, with a bow 2 in \(50\.8 mm\) from the left; cut .* in front, .* behind, 4 1⁄2 in \(114\.3 mm\) in the bow and 2 in \(50\.8 mm\) in its tails/,
    );
    expect(tied({ way: 'tucked', tuck: typed('1/2'), fixing: 'taped', bow: null })).toMatch(
      /both ends tucked 1⁄2 in \(12\.7 mm\) under, taped; cut/,
    );
    expect(tied({ way: 'laid', fixing: 'glued', runs: 'down', bow })).toMatch(
      /from edge to edge, glued, with a bow 2 .* from the top/,
    );
  });
});

describe('one thing and another', () => {
  it('are told apart by their words, and by the part of a print that is used', () => {
    const crop = { left: typed('1'), top: typed('0'), right: typed('0'), bottom: typed('1/4') };
    const part = { ...stampedOn('panel', 'bird', wren), crop };
    const cropped = planOf([pieceOn('front', 'panel', measure('4', '5')), part]);
    const [row] = placements(cropped, resolvePlan(cropped, library));
    expect(row?.name).toBe('bird, its upper right part only');
  });

  it('are laid from the edge that was typed, be another nearer or not', () => {
    const from = (place: Partial<PlaceRule>) => {
      const placed = planOf([
        pieceOn('front', 'panel', measure('4', '5')),
        stampedOn('panel', 'bird', wren, place),
      ]);
      const [row] = placements(placed, resolvePlan(placed, library));
      return [row?.figures.x.side, row?.figures.x.distance];
    };
    const far = typed('1 1/2');
    expect(from({ x: { from: 'right', distance: far } })).toEqual(['right', far.ticks]);
    expect(from({ x: { from: 'right', distance: { ticks: far.ticks } } })).toEqual([
      'left',
      ticksOf('1/2'),
    ]);
  });
});

describe('the composition service', () => {
  it('answers every piece with its outline, bounds and ruler distances', () => {
    const answer = composeCard({
      format: 'nibwright-card',
      version: 1,
      id: 'bean-poles' as CardId,
      plan,
      library: usedLibrary(plan, shaped),
      designer: null,
      release: null,
    });
    expect(compositionAnswerSchema.parse(answer)).toEqual(answer);
    expect(answer.pieces).toHaveLength(plan.pieces.length);
    const bird = answer.pieces.find(({ id }) => id === 'bird');
    expect(bird).toMatchObject({ kind: 'image', turn: 12, support: 'panel' });
    expect(bird?.bounds.height).toBeGreaterThan(bird?.rect.height ?? Infinity);
    expect(bird?.near[0]).toEqual({ id: 'hill', distance: 0 });
    expect(answer.pieces.find(({ id }) => id === 'hill')?.outline[0]).toHaveLength(3);
  });
});

describe('an arrangement as pieces', () => {
  let number = 0;
  const ground = {
    card,
    support: 'panel' as PieceId,
    on: { piece: 'panel' as PieceId },
    newId: () => `new-${(number += 1)}` as PieceId,
    group: 'ring',
  };
  const resolved = (pieces: readonly Piece[]) =>
    resolvePlan(withPieces(plan, [...plan.pieces, ...pieces]), shaped).marks.filter(({ id }) =>
      id.startsWith('new-'),
    );

  it('of a wreath lies round the middle it was given, each piece with an id of its own', () => {
    const stamp = findStamp(library, wren);
    if (!stamp) throw new Error('no wren');
    const middle = {
      x: inches(1, 1, 2),
      y: inches(2, 1, 2),
      width: inches(1),
      height: inches(0, 1, 2),
    };
    const how = { around: middle, clearance: inches(0, 1, 8), seed: 2 } as const;
    const marks = newArrangement(ground, 'oval', [{ stamps: [stamp], count: 6 }], how);
    expect(new Set(marks.map(({ id, group }) => `${group} ${id}`)).size).toBe(6);
    for (const { rect } of resolved(marks)) {
      const [x, y] = [rect.x + rect.width / 2, rect.y + rect.height / 2];
      const isInside =
        x > middle.x && x < middle.x + middle.width && y > middle.y && y < middle.y + middle.height;
      expect(isInside).toBe(false);
    }
  });

  it('of a scatter lies on the paper it was laid on, and off what it was to keep off', () => {
    const bird = card.marks.filter(({ id }) => id === 'bird');
    const { marks, left } = newScatter(ground, {
      sizes: [{ diameter: inches(0, 1, 8), count: 12 }],
      denserAt: 'even',
      distance: inches(0, 1, 16),
      seed: 4,
      look: 'gem',
      colour: '#b5533f',
      keepOff: bird,
    });
    expect([marks.length, left]).toEqual([12, 0]);
    for (const { reveals } of resolved(marks))
      for (const side of Object.values(reveals)) expect(side).toBeGreaterThanOrEqual(0);
  });

  it('has a name no other group has', () => {
    expect(freeGroup([null, 'dots'], 'wreath')).toBe('wreath');
    expect(freeGroup(['wreath', 'wreath 2'], 'wreath')).toBe('wreath 3');
  });
});
