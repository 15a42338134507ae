import { describe, expect, it } from 'vitest';
import {
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  stampedOn,
  ticksOf,
  typed,
  wren,
} from '../../../test/support/plans';
import { inches } from '../length/length';
import { applyEdit } from '../plan/applyEdit';
import type { Combination } from '../plan/combination';
import type { PieceId } from '../plan/ids';
import type { Piece, PlaceRule } from '../plan/piece';
import type { Plan } from '../plan/plan';
import { mostPieces } from '../plan/planFacts';
import { resolvePlan } from '../resolve/resolvePlan';
import { asideOf } from './asideOf';
import { copyOut, pasteInto, type PasteHow } from './clipboard';
import { readCopied } from './readCopied';
import { at, done, newIds } from '../../../test/support/shapes';
import { must } from '../../../test/support/must';

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
  const how = (): PasteHow => ({
    on: { face: 'front' },
    library,
    newId: newIds(),
    placeOf: () => undefined,
  });
  const put = (target: Plan, pieces: readonly Piece[]) => {
    const pasted = pasteInto(target, pieces, how());
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

  it('go beside their originals, each copy a step further', () => {
    const pieces = taken(['left']);
    let next = plan;
    const lefts = [1, 2].map((count) => {
      const now = resolvePlan(next, library);
      const pasted = pasteInto(next, pieces, {
        ...how(),
        on: { piece: 'panel' as PieceId },
        newId: () => `copy-${count}` as PieceId,
        placeOf: ({ id }) => asideOf(now, id, 'in'),
      });
      if (!pasted) throw new Error('nothing was put down');
      next = done(next, pasted.edit);
      return resolvePlan(next, library).pieces.find(({ id }) => id === `copy-${count}`)?.reveals;
    });
    expect(lefts).toMatchObject([
      { left: ticksOf('3/4'), top: ticksOf('1 1/4') },
      { left: ticksOf('1'), top: ticksOf('1 1/2') },
    ]);
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
    expect(
      readCopied('{"format":"nibwright-pieces","version":2,"pieces":[],"combinations":[]}'),
    ).toEqual({
      ok: false,
    });
    const full = planOf(
      Array.from({ length: mostPieces }, (_, index) =>
        pieceOn('front', `p-${index}`, measure('1', '1')),
      ),
    );
    expect(pasteInto(full, taken(['left']), how())).toBeUndefined();
  });

  it('bring what they are coloured with, under another id where the card has another by that', () => {
    const rust = (wish: string): Combination => ({
      id: 'rust' as PieceId,
      name: 'Rust',
      media: [{ from: { wish }, tool: 'pen', strength: 'even', passes: 1 }],
      begins: 'light',
      undercoat: null,
      note: '',
      kept: null,
    });
    const bird: Piece = {
      ...stampedOn('front', 'bird', wren),
      layers: [{ by: 'combination', combination: 'rust' as PieceId }],
      parts: [
        {
          name: 'beak',
          at: [{ x: 1, y: 1 }],
          gap: typed('0'),
          drawing: 1,
          colour: { by: 'combination', combination: 'rust' as PieceId },
        },
      ],
    };
    const from = { ...planOf([bird]), combinations: [rust('#b8402f')] };
    const read = readCopied(copyOut(from, resolvePlan(from, library), new Set([bird.id])));
    if (!read.ok) throw new Error('nothing was copied');
    const pasteOn = (plan: Plan) => {
      const pasted = pasteInto(plan, read.pieces, { ...how(), combinations: read.combinations });
      const outcome = applyEdit(plan, must(pasted).edit);
      if (!outcome.ok) throw new Error(outcome.issue.code);
      const { pieces, combinations } = outcome.plan;
      const [layer] = pieces.flatMap((piece) => (piece.kind === 'image' ? piece.layers : []));
      const id = layer?.by === 'combination' ? layer.combination : undefined;
      const [part] = pieces.flatMap((piece) => (piece.kind === 'image' ? piece.parts : []));
      expect(part?.colour).toEqual({ by: 'combination', combination: id });
      return [combinations.length, combinations.find((each) => each.id === id)?.media[0]?.from];
    };
    const empty = planOf([]);
    expect(pasteOn(empty)).toEqual([1, { wish: '#b8402f' }]);
    expect(pasteOn({ ...empty, combinations: [rust('#b8402f')] })).toEqual([
      1,
      { wish: '#b8402f' },
    ]);
    expect(pasteOn({ ...empty, combinations: [rust('#111111')] })).toEqual([
      2,
      { wish: '#b8402f' },
    ]);
  });
});
