import { describe, expect, it } from 'vitest';
import {
  coves,
  dotOn,
  library as plain,
  measure,
  pieceOn,
  planOf,
  reveal,
  stampedOn,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { drawFace } from '../pictures/drawFace';
import { boundsOf } from '../outline/outline';
import { applyEdit } from '../plan/applyEdit';
import { batchEdits } from '../plan/batchEdits';
import type { PieceId } from '../plan/ids';
import type { LibraryRef } from '../plan/libraryItem';
import type { Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import { isMark, outlineOf } from '../resolve/outlineOf';
import { resolvePlan } from '../resolve/resolvePlan';
import { trimShape } from '../stash/trimShape';
import { noResults } from './finding';
import { newerVersion } from './rules/newerVersion';
import { takeNewer } from './takeNewer';

/** Neither the stamp nor the dies fill their boxes. */
const outline = 'M20 10L100 90C140 80 170 60 180 30Z';
const old: Library = plain.map((item) => {
  if (item.kind === 'stamp')
    return {
      ...item,
      shape: { box: { width: 200, height: 100 }, outline },
      layers: item.layers.map((layer) => ({ ...layer, path: outline })),
    };
  return item.kind === 'die-set'
    ? { ...item, shape: { box: { width: 200, height: 100 }, outline } }
    : item;
});
const library: Library = [
  ...old,
  ...old.flatMap((item) => {
    const trimmed = trimShape(item);
    return trimmed ? [{ ...trimmed, version: 2 }] : [];
  }),
];
const die = (turned: boolean) => ({ by: 'die', set: coves, step: 2, turned }) as const;
const crop = (left: string, top: string, right: string) => ({
  left: typed(left),
  top: typed(top),
  right: typed(right),
  bottom: typed('0'),
});
const beside = (piece: string) =>
  ({ from: 'piece', piece: piece as PieceId, side: 'left', gap: typed('1/8') }) as const;
const round = { left: typed('1/8'), top: typed('1/4'), right: typed('1/8'), bottom: typed('1/8') };

const plan = planOf([
  pieceOn('front', 'panel', reveal('1/16')),
  pieceOn('panel', 'hill', die(false), {
    x: { from: 'right', distance: typed('1/8') },
    y: { from: 'centre' },
  }),
  { ...pieceOn('hill', 'strip', reveal('1/4')), name: 'strip' },
  wordsOn('hill', 'words', ['hello'], { x: { from: 'left', distance: typed('1') } }),
  { ...pieceOn('panel', 'turned', die(true)), isMirrored: true },
  {
    ...pieceOn('panel', 'aslant', die(false)),
    place: { x: { from: 'centre' }, y: { from: 'centre' }, turn: 33 },
    crop: crop('1/8', '1/2', '0'),
  },
  pieceOn('panel', 'mat', { by: 'outset', around: 'hill' as PieceId, ...round }),
  stampedOn('panel', 'bird', wren),
  stampedOn('panel', 'flying', wren, { turn: -20 }),
  { ...stampedOn('panel', 'half', wren, { turn: 45 }), crop: crop('1/16', '0', '1') },
  dotOn('panel', 'gem', { x: beside('bird'), y: { from: 'centre' } }),
  pieceOn('panel', 'tag', measure('1', '1'), { x: beside('hill'), y: { from: 'centre' } }),
]);

const newer = (of: Plan, ...refs: readonly LibraryRef[]): Plan => {
  const card = resolvePlan(of, library);
  const edits = takeNewer(
    of,
    card,
    library,
    refs.map((old) => ({ old, next: { ...old, version: 2 } })),
  );
  const outcome = applyEdit(of, batchEdits(edits));
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.issue));
  return outcome.plan;
};

describe('a trimmed version of a shape', () => {
  it('is as large as its ink, and no other is made of one that fills its box', () => {
    const stamp = library.find((item) => item.id === wren.id && item.version === 2);
    if (stamp?.kind !== 'stamp') throw new Error('no stamp');
    // 160 of 200 units across two inches, 80 of 100 down one.
    expect([stamp.width.ticks, stamp.height.ticks]).toEqual([
      typed('1 3/5').ticks,
      typed('4/5').ticks,
    ]);
    expect(stamp.shape.box).toEqual({ width: 160, height: 80 });
    expect(stamp.shape.trimmedFrom).toEqual({ x: -20, y: -10, width: 200, height: 100 });
    expect(trimShape(stamp)).toBeUndefined();
    expect(old.filter((item) => trimShape(item)).map(({ kind }) => kind)).toEqual([
      'die-set',
      'stamp',
    ]);
  });

  it.each([
    ['one after the other', (of: Plan) => newer(newer(of, wren), coves)],
    ['both at once', (of: Plan) => newer(of, wren, coves)],
  ])(
    'leaves everything on a card where it is to the tick, turned, turned over or cut down: %s',
    (_, take) => {
      const before = resolvePlan(plan, library);
      const after = resolvePlan(take(plan), library);
      expect(after.impossible).toEqual([]);
      const placedOf = (card: typeof before) => new Map(card.painted.front.map((p) => [p.id, p]));
      const now = placedOf(after);
      let looked = 0;
      for (const [id, was] of placedOf(before)) {
        const is = now.get(id);
        if (!is) throw new Error(`${id} is gone`);
        const [a, b] = [boundsOf(outlineOf(was)), boundsOf(outlineOf(is))];
        // A size is rounded to the tick once more, and turned by an odd angle that counts twice.
        for (const side of ['x0', 'y0', 'x1', 'y1'] as const)
          expect(Math.abs(a[side] - b[side]), `${id} ${side}`).toBeLessThanOrEqual(2);
        looked++;
      }
      expect(looked).toBe(12);
      // What is printed is drawn in the same place as its silhouette.
      const [panel] = drawFace(after, 'front').filter(({ id }) => id === 'panel');
      const bird = panel?.marks.find(({ id }) => id === 'bird');
      expect(bird?.rect).toEqual(now.get('bird' as PieceId)?.rect);
      for (const placed of after.painted.front)
        if (isMark(placed) && placed.piece.kind === 'image')
          expect(placed.piece.stamp.version).toBe(2);
    },
  );

  it('is taken by every piece that refers to the old one, but by none that is turned off', () => {
    const off = {
      ...plan,
      pieces: plan.pieces.map((p) => (p.id === 'bird' ? { ...p, isOff: true } : p)),
    };
    const versions = newer(off, wren).pieces.flatMap((p) =>
      p.kind === 'image' ? [`${p.id} ${p.stamp.version}`] : [],
    );
    expect(versions).toEqual(['bird 1', 'flying 2', 'half 2']);
  });
});

describe('the finding that offers newer versions', () => {
  it('offers all that were trimmed at once, and is gone when they are taken', () => {
    const found = (of: Plan) =>
      newerVersion.find({
        plan: of,
        card: resolvePlan(of, library),
        library,
        results: noResults,
      });
    const [first, ...none] = found(plan);
    expect(none).toEqual([]);
    expect(first?.data).toMatchObject({ rule: 'newer-version', others: 1, isTrimmed: true });
    const outcome = applyEdit(plan, first?.remedies[0]?.edit ?? batchEdits([]));
    if (!outcome.ok) throw new Error(JSON.stringify(outcome.issue));
    expect(found(outcome.plan)).toEqual([]);
  });
});
