import { describe, expect, it } from 'vitest';
import {
  chalk,
  coves,
  drizzle,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  stampedOn,
  stencilledOn,
  ticksOf,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { drawFace } from '../pictures/drawFace';
import { foamOutlines } from '../pictures/foamOutlines';
import { foamPage } from '../pictures/foamPage';
import { jigOpenings } from '../pictures/jigPage';
import { writeSvg } from '../drawing/writeSvg';
import { inches, lengthFromTicks, millimetres } from '../length/length';
import { boundsOf } from '../outline/outline';
import { outlineOf } from '../resolve/outlineOf';
import { turnStencil } from '../outline/turnStencil';
import { applyEdit } from '../plan/applyEdit';
import type { Edit } from '../plan/edit';
import type { LibraryId, PieceId } from '../plan/ids';
import { findStamp, findStencil, type Library } from '../plan/library';
import type { Piece, PlaceRule } from '../plan/piece';
import type { Plan } from '../plan/plan';
import { mostPieces } from '../plan/planFacts';
import { resolvePlan } from '../resolve/resolvePlan';
import { copyOut, pasteInto, readCopied } from './clipboard';
import { cutOutImage } from './cutOutImage';
import { diesForBorder } from './diesForBorder';
import { newArrangement, repeatLine, type Ground } from './newArrangement';
import { stencilMoves } from '../stencilling/stencilMoves';
import { stencilWords } from '../prose/stencilWords';
import { withPieces } from '../plan/withPieces';

const at = (left: string, top: string): PlaceRule => ({
  x: { from: 'left', distance: typed(left) },
  y: { from: 'top', distance: typed(top) },
  turn: 0,
});
const panel = pieceOn('front', 'panel', measure('4', '5'));
const done = (plan: Plan, edit: Edit): Plan => {
  const outcome = applyEdit(plan, edit);
  if (!outcome.ok) throw new Error('the edit is refused');
  return outcome.plan;
};
const newIds = () => {
  let number = 0;
  return () => `new-${(number += 1)}` as PieceId;
};
const stamp = findStamp(library, wren);
const stencil = findStencil(library, drizzle);
if (!stamp || !stencil) throw new Error('expected a stamp and a stencil');

describe('an image that is cut out', () => {
  const plan = planOf([panel, stampedOn('panel', 'bird', wren, { ...at('1', '2'), turn: 15 })]);
  const cutOut = (items: Library) => {
    const card = resolvePlan(plan, items);
    const [image] = card.marks;
    if (!image) throw new Error('expected an image');
    const how = { library: items, id: 'cut' as PieceId, stock: chalk, unit: 'in' } as const;
    return resolvePlan(done(plan, cutOutImage(plan, card, { ...image, stamp }, how)), items);
  };

  it('lies on paper a sixteenth larger all round, where and as it was turned', () => {
    const card = cutOut(library);
    const [, paper] = card.pieces;
    expect(paper).toMatchObject({
      support: 'panel',
      piece: { place: { turn: 15 }, attach: 'foam' },
    });
    expect(paper?.rect).toMatchObject({ width: inches(2, 1, 8), height: inches(1, 1, 8) });
    const [image] = card.marks;
    expect(image?.rect).toMatchObject({ x: ticksOf('1 1/8'), width: inches(2) });
    expect(image?.support).toBe('cut');
    // Its line is that of the print: a triangle.
    expect(paper && outlineOf(paper)[0]).toHaveLength(3);
  });

  it('is cut with its own die where the stash has one', () => {
    const items: Library = library.map((item) =>
      item.kind === 'die-set' ? { ...item, goesWith: [wren.id as LibraryId] } : item,
    );
    expect(cutOut(items).pieces[1]?.piece.size).toMatchObject({ by: 'die', step: 0 });
  });
});

describe('the dies for a border', () => {
  it('come nearest first, with the border each gives and how far off it is', () => {
    const found = diesForBorder(
      library,
      { width: inches(4), height: inches(5, 1, 4) },
      inches(0, 1, 8),
    );
    expect(found.map(({ step, off }) => [step, off])).toEqual([
      [1, 0],
      [0, inches(0, 1, 8)],
      [2, inches(0, 1, 8)],
    ]);
    expect(found[0]?.reveals).toMatchObject({ left: inches(0, 1, 8), top: inches(0, 1, 8) });
  });

  it('are laid the way that suits a lying panel, and none where none fits', () => {
    const [first] = diesForBorder(
      library,
      { width: inches(5, 1, 4), height: inches(4) },
      inches(0, 1, 8),
    );
    expect(first).toMatchObject({ turned: true, off: 0 });
    expect(
      diesForBorder(library, { width: inches(1), height: inches(1) }, inches(0, 1, 8)),
    ).toEqual([]);
  });
});

describe('arrangements', () => {
  const plan = planOf([panel, wordsOn('panel', 'words', ['hello there'], at('1', '2'))]);
  const card = resolvePlan(plan, library);
  const ground = (): Ground => ({
    card,
    support: panel.id,
    on: { piece: panel.id },
    newId: newIds(),
    group: 'hanging',
  });
  const middle = { x: inches(1), y: inches(2), width: inches(2), height: inches(1) };
  const how = { around: middle, clearance: inches(0, 1, 8), seed: 1 };

  it('what hangs has a string to the top edge for each, beneath the prints', () => {
    const marks = newArrangement(ground(), 'hanging', [{ stamp, count: 3 }], how);
    const next = resolvePlan(withPieces(plan, [...plan.pieces, ...marks]), library);
    const strings = next.marks.filter(({ piece }) => piece.kind === 'drawn');
    const prints = next.marks.filter(({ piece }) => piece.kind === 'image');
    expect([strings.length, prints.length]).toEqual([3, 3]);
    for (const [index, { reveals, rect }] of strings.entries()) {
      expect(reveals.top).toBe(0);
      expect(Math.abs(rect.y + rect.height - (prints[index]?.rect.y ?? 0))).toBeLessThanOrEqual(1);
    }
  });

  it('a line of words is repeated up and down at an even pitch, as far as the paper goes', () => {
    const [line] = card.marks;
    if (!line) throw new Error('expected words');
    const lines = repeatLine(ground(), line, inches(0, 1, 2));
    const next = resolvePlan(withPieces(plan, [...plan.pieces, ...lines]), library);
    const tops = next.marks.map(({ rect }) => rect.y).toSorted((a, b) => a - b);
    expect(tops.length).toBeGreaterThan(6);
    const gaps = tops.slice(1).map((top, index) => top - (tops[index] ?? 0));
    expect(new Set(gaps)).toEqual(new Set([inches(0, 1, 2)]));
    for (const { reveals } of next.marks)
      expect(Math.min(reveals.top, reveals.bottom)).toBeGreaterThanOrEqual(0);
  });
});

describe('pieces that are taken along', () => {
  const beside: PlaceRule = {
    x: { from: 'piece', piece: 'left' as PieceId, side: 'right', gap: typed('1/4') },
    y: { from: 'centre' },
    turn: 0,
  };
  const plan = planOf([
    pieceOn('front', 'panel', reveal('1/8')),
    pieceOn('panel', 'left', measure('1', '1'), at('1/2', '1')),
    pieceOn('panel', 'right', measure('1', '1'), beside),
    stampedOn('right', 'bird', wren),
    pieceOn('right', 'mat', reveal('1/16')),
  ]);
  const card = resolvePlan(plan, library);
  const taken = (ids: readonly string[]) => {
    const read = readCopied(copyOut(plan, card, new Set(ids as PieceId[])));
    if (!read.ok) throw new Error('nothing was copied');
    return read.pieces;
  };
  const put = (target: Plan, pieces: readonly Piece[]) => {
    const pasted = pasteInto(target, pieces, { face: 'front' }, library, newIds());
    if (!pasted) throw new Error('nothing was put down');
    return { plan: done(target, pasted.edit), roots: pasted.roots };
  };

  it('bring what lies on them, and figures for what they were placed by', () => {
    const pieces = taken(['right']);
    expect(pieces.map(({ id }) => id)).toEqual(['right', 'bird', 'mat']);
    const { plan: next, roots } = put(planOf([]), pieces);
    const after = resolvePlan(next, library);
    expect(roots).toEqual(['new-1']);
    expect(after.impossible).toEqual([]);
    // It ended 1 1/4 off the nearer edge, the right one, and does so on the wider front.
    expect(after.pieces[0]?.rect).toMatchObject({ x: ticksOf('2'), width: inches(1) });
    expect(after.pieces[1]?.reveals.left).toBe(ticksOf('1/16'));
    expect(after.marks[0]?.support).toBe('new-1');
  });

  it('stay beside one another where both come along', () => {
    const { plan: next } = put(planOf([]), taken(['left', 'right']));
    const [, right] = next.pieces;
    expect(right?.place.x).toMatchObject({ from: 'piece', piece: 'new-1' });
  });

  it('take the size they have where their rule stays behind', () => {
    const { plan: next } = put(planOf([]), taken(['panel']));
    expect(resolvePlan(next, library).pieces[0]?.rect.width).toBe(card.pieces[0]?.rect.width);
    expect(next.pieces[0]).toMatchObject({ size: { by: 'measure' } });
  });

  it('refer to the newest version where the stash does not hold theirs', () => {
    const old = taken(['right']).map((piece) =>
      piece.kind === 'image' ? { ...piece, stamp: { ...piece.stamp, version: 7 } } : piece,
    );
    const { plan: next } = put(planOf([]), old);
    expect(resolvePlan(next, library).impossible).toEqual([]);
  });

  it('are not read from another text, and not put on a card that is full', () => {
    expect(readCopied('a line of text')).toEqual({ ok: false });
    expect(readCopied('{"format":"nibwright-pieces","version":1,"pieces":[]}')).toEqual({
      ok: false,
    });
    const full = planOf(
      Array.from({ length: mostPieces }, (_, index) =>
        pieceOn('front', `p-${index}`, measure('1', '1')),
      ),
    );
    expect(pasteInto(full, taken(['left']), { face: 'front' }, library, newIds())).toBeUndefined();
  });
});

describe('colour through a stencil', () => {
  const plan = planOf([
    panel,
    stencilledOn('panel', 'rain', drizzle),
    wordsOn('panel', 'words', ['hello']),
  ]);
  const card = resolvePlan(plan, library);

  it('is drawn each time the stencil is laid down, over all of its paper', () => {
    const drawn = drawFace(card, 'front').find(({ id }) => id === 'panel');
    const rain = drawn?.marks.find(({ id }) => id === 'rain');
    // 2 x 3 on 4 x 5: two across, two down.
    expect(rain?.strokes).toHaveLength(4);
    expect(rain?.rect).toEqual(card.pieces[0]?.rect);
    expect(rain?.whole.height).toBe(inches(5));
  });

  it('is no neighbour, no obstacle and no opening of the jig', () => {
    expect(jigOpenings(card, 'front').map(({ id }) => id)).toEqual(['words']);
  });

  it('is told move by move, with what is masked off', () => {
    const field = { width: inches(2), height: inches(3) };
    const zone = { width: inches(2), height: inches(5) };
    expect(stencilWords(stencilMoves(field, stencil.repeat, zone), zone, 'in')).toEqual([
      'Lay it: its top left corner on that of the zone.',
      'Move it: flush with the left, 2 from the top. Mask off what is finished: 1 at its top.',
    ]);
    const once = stencilMoves(field, { kind: 'single' }, zone);
    expect(stencilWords(once, zone, 'in')[0]).toMatch(/one picture and smaller/);
  });

  it('turned on its side four times is as it was, in size and stripes', () => {
    const striped = {
      ...stencil,
      repeat: { kind: 'stripes', pitch: typed('1/2'), slope: 30 },
    } as const;
    const turned = [1, 2, 3, 4].reduce((each) => turnStencil(each), striped as typeof stencil);
    expect([turned.width, turned.height, turned.repeat]).toEqual([
      striped.width,
      striped.height,
      striped.repeat,
    ]);
    expect(turnStencil(striped).repeat).toMatchObject({ slope: -60 });
  });
});

describe('what is cut twice', () => {
  const triangle: Library = library.map((item) =>
    item.kind === 'die-set'
      ? { ...item, shape: { box: { width: 400, height: 525 }, outline: 'M0 525L200 0L400 525Z' } }
      : item,
  );
  const die = (change: Partial<Extract<Piece, { kind: 'panel' }>>) =>
    pieceOn('panel', 'hill', { by: 'die', set: coves, step: 0, turned: false }, change);
  const small = pieceOn('front', 'panel', measure('3', '4'));
  const boundsIn = (pieces: readonly Piece[]) => {
    const hill = resolvePlan(planOf(pieces), triangle).pieces.find(({ id }) => id === 'hill');
    if (!hill) throw new Error('expected a hill');
    return { hill, bounds: boundsOf(outlineOf(hill)) };
  };

  it('with its panel ends where the panel ends', () => {
    const { bounds } = boundsIn([small, die({ overhang: 'with-support' })]);
    // The panel is centred on 4 1/4 x 5 1/2; the triangle is narrower at its top edge.
    expect(bounds.x0).toBe(ticksOf('5/8'));
    expect(bounds.y1).toBe(ticksOf('4 3/4'));
  });

  it('cut down is as much smaller, and keeps the rest of its line', () => {
    const nothing = typed('0');
    const crop = { left: nothing, top: nothing, right: typed('2'), bottom: nothing };
    const { hill, bounds } = boundsIn([panel, die({ crop, place: at('0', '0') })]);
    expect(hill.rect.width).toBe(inches(2));
    expect(hill.uncut.width).toBe(inches(4));
    // Half of the triangle: its tip is at the right end now.
    const top = outlineOf(hill)[0]?.find(({ y }) => y === bounds.y0);
    expect(top?.x).toBe(hill.rect.x + inches(2));
  });

  it('a piece cut away to nothing is told to be so', () => {
    const crop = { left: typed('4'), top: typed('0'), right: typed('0'), bottom: typed('0') };
    const { impossible } = resolvePlan(planOf([panel, die({ crop })]), triangle);
    expect(impossible[0]?.reason.code).toBe('no-size');
  });
});

describe('foam sheets', () => {
  const plan = planOf([
    panel,
    pieceOn('panel', 'lifted', measure('2', '3'), { attach: 'foam-sheet' }),
    pieceOn('panel', 'thin', measure('3', '1/16'), { attach: 'foam-sheet', place: at('0', '0') }),
    pieceOn('panel', 'flat', measure('1', '1')),
  ]);
  const foams = foamOutlines(plan, resolvePlan(plan, library));

  it('are smaller than their piece by the habit on every side, and none where nothing is left', () => {
    expect(foams.map(({ id }) => id)).toEqual(['lifted', 'thin']);
    const { x0, x1, y0, y1 } = boundsOf(foams[0]?.outline ?? []);
    expect([x1 - x0, y1 - y0]).toEqual([inches(1, 7, 8), inches(2, 7, 8)]);
    expect(foams[1]?.outline).toEqual([]);
  });

  it('are written at 1:1 in millimetres', () => {
    const svg = writeSvg(foamPage(foams, 'Rain & shine'));
    const [, path = ''] = /<path d="([^"]+)"/.exec(svg) ?? [];
    const across = [...path.matchAll(/[ML]([\d.]+) ([\d.]+)/g)].map(([, x]) => Number(x));
    expect(Math.max(...across) - Math.min(...across)).toBeCloseTo(47.625, 3);
    expect(svg).toContain('Rain &amp; shine');
    expect(svg.match(/<path/g)).toHaveLength(1);
    expect(millimetres(47.625)).toBe(lengthFromTicks(inches(1, 7, 8)));
  });
});
