import { describe, expect, it } from 'vitest';
import {
  chalk,
  fiveLayers,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  ticksOf,
} from '../../../../test/support/plans';
import { applyEdit } from '../../../core/plan/applyEdit';
import type { Edit } from '../../../core/plan/edit';
import type { LibraryId, PieceId } from '../../../core/plan/ids';
import type { Library } from '../../../core/plan/library';
import type { FaceId } from '../../../core/plan/faces';
import type { Plan } from '../../../core/plan/plan';
import { resolvePlan } from '../../../core/resolve/resolvePlan';
import type { SupportId } from '../../../core/resolve/origins';
import { addLayer, addMatRound, removeLayer } from './addLayer';
import { keepSizes, sizeChanges } from '../../session/sizeChanges';
import { findPaper } from '../../../core/plan/pieces';

const [first] = library;
if (!first) throw new Error('the test library is empty');
const dusk = { ...first, id: 'dusk' as LibraryId, name: 'Dusk 216 g', colour: '#45648d' };
const twoStocks: Library = [first, dusk];
const added = 'added' as PieceId;
const apply = (plan: Plan, edit: Edit): Plan => {
  const outcome = applyEdit(plan, edit);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.plan;
};
const add = (plan: Plan, face: FaceId, selected: SupportId) => {
  const next = apply(
    plan,
    addLayer(plan, resolvePlan(plan, twoStocks), twoStocks, face, selected, added),
  );
  const piece = findPaper(next, added);
  if (!piece) throw new Error('nothing was added');
  return { next, piece };
};

describe('adding a layer', () => {
  it('lays it on the selected one, below what lay on that', () => {
    const { next, piece } = add(fiveLayers(), 'front', 'mat-1' as PieceId);
    expect(piece.on).toEqual({ piece: 'mat-1' });
    expect(next.pieces.find(({ id }) => id === 'mat-2')?.on).toEqual({ piece: added });
  });

  it('lays it in front of what lies here and there on the selected one', () => {
    const doors = ['left', 'right'].map((id) => pieceOn('panel', id, measure('1', '2')));
    for (const lying of [doors, doors.slice(1)]) {
      const { next, piece } = add(
        planOf([pieceOn('front', 'panel', measure('4', '5')), ...lying]),
        'front',
        'panel' as PieceId,
      );
      expect(piece).toMatchObject({
        on: { piece: 'panel' },
        size: { width: { ticks: ticksOf('2') }, height: { ticks: ticksOf('2 1/2') } },
      });
      expect(next.pieces.at(-1)?.id).toBe(added);
      expect(next.pieces.find(({ id }) => id === 'right')?.on).toEqual({ piece: 'panel' });
    }
  });

  it('lays it on the base where that is selected, in front of what is there and not over all of it', () => {
    for (const face of ['front', 'inside'] as const) {
      const { next, piece } = add(fiveLayers(), face, 'base');
      expect(piece.on).toEqual({ face });
      expect(piece.size).toMatchObject({
        width: { ticks: ticksOf('2 1/8') },
        height: { ticks: ticksOf('2 3/4') },
      });
      expect(next.pieces.at(-1)?.id).toBe(added);
      expect(next.pieces.slice(0, -1)).toEqual(fiveLayers().pieces);
    }
  });

  it('lays it on top where something on another face is selected', () => {
    expect(add(fiveLayers(), 'front', 'liner' as PieceId).piece.on).toEqual({ piece: 'top' });
    expect(add(fiveLayers(), 'inside', 'top' as PieceId).piece.on).toEqual({ piece: 'liner' });
    expect(add(planOf([]), 'inside', 'base').piece.on).toEqual({ face: 'inside' });
  });

  it('starts with the border of the habits: everyday, or the liner’s on the inside leaf', () => {
    const border = (face: FaceId) => {
      const { size } = add(planOf([]), face, 'base').piece;
      return size.by === 'reveal' ? size.all.ticks : undefined;
    };
    expect(border('front')).toBe(ticksOf('1/8'));
    expect(border('inside')).toBe(ticksOf('3/16'));
  });

  it('takes a stock of another colour than what it lies on, where there is one', () => {
    expect(add(planOf([]), 'front', 'base').piece.stock.id).toBe('dusk');
    const onDusk = planOf([
      { ...pieceOn('front', 'a', reveal('1/8')), stock: { ...chalk, id: dusk.id } },
    ]);
    expect(add(onDusk, 'front', 'a' as PieceId).piece.stock).toEqual(chalk);
  });
});

describe('what a move does to the sizes', () => {
  const resolve = (plan: Plan) => resolvePlan(plan, library);
  const removed = apply(fiveLayers(), { kind: 'remove', in: 'pieces', id: 'mat-1' as PieceId });

  it('lists the pieces on both cards whose size differs', () => {
    const changes = sizeChanges(resolve(fiveLayers()), resolve(removed));
    expect(changes.map(({ id }) => id)).toEqual(['mat-2', 'top']);
    expect(changes[0]?.before.width).toBe(ticksOf('3 1/4'));
    expect(changes[0]?.after.width).toBe(ticksOf('3 7/8'));
    expect(sizeChanges(resolve(removed), resolve(removed))).toEqual([]);
  });

  it('is taken back by keeping the former sizes', () => {
    const changes = sizeChanges(resolve(fiveLayers()), resolve(removed));
    const kept = resolve(apply(removed, keepSizes(changes)));
    const width = (id: string) => kept.pieces.find((piece) => piece.id === id)?.rect.width;
    expect([width('mat-2'), width('top')]).toEqual([ticksOf('3 1/4'), ticksOf('3 1/8')]);
  });
});

describe('building outward and removing', () => {
  const panel = planOf([pieceOn('front', 'panel', reveal('1/4'))]);
  const cardOf = (plan: Plan) => resolvePlan(plan, library);

  it('puts a mat round a piece, in another colour, with the everyday border', () => {
    const edit = addMatRound(panel, library, cardOf(panel), 'panel' as PieceId, added);
    if (!edit) throw new Error('nothing to put a mat round');
    const next = apply(panel, edit);
    const [mat, inner] = cardOf(next).pieces;
    expect([mat?.id, inner?.id]).toEqual([added, 'panel']);
    expect((mat?.rect.width ?? 0) - (inner?.rect.width ?? 0)).toBe(ticksOf('1/4'));
    expect(mat?.piece.stock).not.toEqual(inner?.piece.stock);
    expect(addMatRound(panel, library, cardOf(panel), 'gone' as PieceId, added)).toBeUndefined();
  });

  it('keeps the size of a mat whose panel is removed', () => {
    const edit = addMatRound(panel, library, cardOf(panel), 'panel' as PieceId, added);
    const next = apply(panel, edit ?? { kind: 'batch', edits: [] });
    const before = cardOf(next).pieces[0]?.rect;
    const left = apply(next, removeLayer(next, cardOf(next), 'panel' as PieceId));
    expect(cardOf(left).pieces.map(({ rect }) => rect)).toEqual([before]);
    expect(findPaper(left, added)?.size.by).toBe('measure');
  });
});
