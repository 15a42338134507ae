import { describe, expect, it } from 'vitest';
import {
  fiveLayers,
  library,
  measure,
  moss,
  pieceOn,
  planOf,
  reveal,
} from '../../../test/support/plans';
import { compareCards } from './compareCards';
import { resolvePlan } from './resolvePlan';
import type { Plan } from '../plan/plan';
import { batchEdits } from '../plan/batchEdits';
import { addPieces, changePiece, movePieceTo } from '../plan/pieceEdits';
import { after, id } from '../../../test/support/edits';

const version = (plan: Plan) => ({ plan, card: resolvePlan(plan, library) });

describe('the differences of two versions', () => {
  const changes = (before: Plan, now: Plan) => compareCards(version(before), version(now));

  it('are none of a version with itself', () => {
    expect(changes(fiveLayers(), fiveLayers())).toEqual([]);
  });

  it('name each part that changed, with the piece’s letter', () => {
    const plan = fiveLayers();
    const edited = after(plan, {
      kind: 'batch',
      edits: [
        { kind: 'set-about', change: { title: 'Bean row' } },
        { kind: 'set-base', change: { fold: 'tent', stock: moss } },
        { kind: 'set-making', change: { copies: 24 } },
        changePiece(
          { id: id('mat-1'), kind: 'panel' },
          { size: reveal('1/4'), notes: 'cut twice' },
        ),
        { kind: 'remove', in: 'pieces', id: id('liner') },
        ...addPieces(plan, [pieceOn('back', 'label', measure('2', '1'))]),
      ],
    });
    const found = changes(plan, edited).flatMap((change) => {
      if (change.kind === 'about' || change.kind === 'base') return `${change.kind} ${change.part}`;
      if (!('in' in change)) return change.kind;
      if (change.in !== 'pieces') return change.in;
      if (change.kind === 'changed')
        return change.parts.map((part) => `${change.after.letter} ${part}`);
      if (change.kind === 'order') return change.kind;
      return `${change.kind} ${change.item.letter} ${change.item.name}`;
    });
    expect(found).toEqual([
      'about title',
      'base fold',
      'base stock',
      'copies',
      'removed G liner',
      'added G label',
      'C notes',
      'C size',
    ]);
  });

  it('say which pieces changed places', () => {
    const plan = planOf(
      ['a', 'b', 'c', 'd'].map((name) => pieceOn('front', name, measure('1', '1'))),
    );
    const moved = after(plan, batchEdits(movePieceTo(plan, id('c'), 1)));
    const [order] = changes(plan, moved);
    expect(order).toMatchObject({
      kind: 'order',
      in: 'pieces',
      items: [{ name: 'c' }, { name: 'b' }],
    });
  });
});
