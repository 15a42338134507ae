import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  chalk,
  fiveLayers,
  library,
  measure,
  moss,
  pieceOn,
  planOf,
  reveal,
  typed,
} from '../../../test/support/plans';
import { inches } from '../length/length';
import { compareCards } from '../resolve/compareCards';
import { resolvePlan } from '../resolve/resolvePlan';
import { applyEdit } from './applyEdit';
import { copyPieces } from './copyPieces';
import { defaultHabits } from './habits';
import type { Edit } from './edit';
import { editBetween } from './editBetween';
import { supportsExist } from './editTouches';
import type { PieceId } from './ids';
import { moveToFace } from './moveToFace';
import { papersOf } from './pieces';
import type { Plan } from './plan';
import { putMatUnder } from './putMatUnder';
import { turnOff } from './turnOff';
import { batchEdits } from './batchEdits';
import { addPieces, changePiece, movePieceTo } from './pieceEdits';

const after = (plan: Plan, edit: Edit | undefined): Plan => {
  const outcome = edit && applyEdit(plan, edit);
  if (!outcome?.ok) throw new Error('after: the edit does not apply');
  return outcome.plan;
};
const id = (text: string) => text as PieceId;
const onOf = (plan: Plan) =>
  plan.pieces.map(({ id: own, on }) => `${own} on ${'face' in on ? on.face : on.piece}`);
const numbered = () => {
  let next = 0;
  return () => id(`new-${++next}`);
};
const version = (plan: Plan) => ({ plan, card: resolvePlan(plan, library) });
/** A bird and a balloon that go together, the balloon on the bird. */
const pair = planOf([
  pieceOn('front', 'paper', reveal('1/8')),
  pieceOn('paper', 'bird', measure('1', '1'), { group: 'flyers' }),
  pieceOn('bird', 'balloon', measure('1/2', '1/2'), { group: 'flyers' }),
  pieceOn('paper', 'words', measure('2', '1/2')),
]);

describe('copying', () => {
  it('copies a piece on the same support, right after it', () => {
    const copied = copyPieces(pair, id('words'), numbered());
    expect(onOf(after(pair, copied?.edit)).at(-1)).toBe('new-1 on paper');
    expect(copied?.copy).toBe('new-1');
    expect(copyPieces(pair, id('gone'), numbered())).toBeUndefined();
  });

  it('copies a group as a new group, its pieces on one another', () => {
    const plan = after(pair, copyPieces(pair, id('balloon'), numbered())?.edit);
    expect(onOf(plan)).toEqual([
      'paper on front',
      'bird on paper',
      'balloon on bird',
      'new-1 on paper',
      'new-2 on new-1',
      'words on paper',
    ]);
    expect(new Set(plan.pieces.map(({ group }) => group))).toEqual(
      new Set([null, 'flyers', 'flyers (copy)']),
    );
  });
});

describe('moving to another face', () => {
  it('takes along the group and what lies on it, and leaves what is under it', () => {
    const plan = after(pair, moveToFace(pair, id('bird'), 'back'));
    expect(onOf(plan)).toEqual([
      'paper on front',
      'bird on back',
      'balloon on bird',
      'words on paper',
    ]);
    expect(moveToFace(plan, id('bird'), 'back')).toBeUndefined();
    expect(moveToFace(plan, id('gone'), 'back')).toBeUndefined();
  });

  it('takes a whole stack by its lowest piece', () => {
    const plan = after(fiveLayers(), moveToFace(fiveLayers(), id('paper'), 'inside-front'));
    expect(onOf(plan).slice(0, 2)).toEqual(['paper on inside-front', 'mat-1 on paper']);
  });
});

describe('turning off', () => {
  it('turns the whole group, and again turns it on', () => {
    const off = after(pair, turnOff(pair, id('bird')));
    expect(off.pieces.map(({ isOff }) => isOff)).toEqual([false, true, true, false]);
    expect(after(off, turnOff(off, id('bird')))).toEqual(pair);
    expect(turnOff(pair, id('gone'))).toBeUndefined();
  });
});

describe('a mat put under a piece', () => {
  it('keeps the piece’s size and takes its own from it', () => {
    const plan = planOf([pieceOn('front', 'panel', reveal('1/4'))]);
    const [panel] = papersOf(plan);
    const [figures] = resolvePlan(plan, library).pieces;
    if (!panel || !figures) throw new Error('no panel');
    const eighth = typed('1/8');
    const sides = { left: eighth, top: eighth, right: eighth, bottom: eighth };
    const mat = pieceOn('front', 'mat', { by: 'outset', around: panel.id, ...sides });
    const built = after(plan, putMatUnder(plan, panel, mat, figures.rect));
    expect(onOf(built)).toEqual(['mat on front', 'panel on mat']);
    const sizes = resolvePlan(built, library).pieces.map(({ rect }) => [rect.width, rect.height]);
    expect(sizes).toEqual([
      [inches(4), inches(5, 1, 4)],
      [inches(3, 3, 4), inches(5)],
    ]);
    expect(supportsExist(built)).toBe(true);
    expect(supportsExist({ ...built, pieces: built.pieces.slice(0, 1) })).toBe(false);
  });
});

const anyPlan: fc.Arbitrary<Plan> = fc
  .record({
    title: fc.constantFrom('One', 'Two'),
    copies: fc.integer({ min: 1, max: 3 }),
    fold: fc.constantFrom('side' as const, 'tent' as const),
    isLedInMillimetres: fc.boolean(),
    order: fc.shuffledSubarray(['a', 'b', 'c', 'd']),
    border: fc.constantFrom('1/8', '1/4'),
    isAccepted: fc.boolean(),
    uses: fc.subarray(['gem', 'dot', 'ink']),
  })
  .map(({ title, copies, fold, isLedInMillimetres, order, border, isAccepted, uses }) => {
    const plan = planOf(
      order.map((name, index) => pieceOn(order[index - 1] ?? 'front', name, reveal(border))),
      { fold },
    );
    return {
      ...plan,
      about: { ...plan.about, title },
      making: { ...plan.making, copies },
      uses: uses
        .map((name) => ({
          id: name as PieceId,
          item: chalk,
          amount: copies,
          pieceId: null,
          note: '',
        }))
        .toSorted((a, b) => (a.id < b.id ? -1 : 1)),
      habits: isLedInMillimetres ? defaultHabits('mm') : plan.habits,
      accepted: isAccepted ? [{ rule: 'unequal-borders' as const, pieceId: null }] : [],
    };
  });

describe('the edit between two plans', () => {
  it.each([11, 12, 13])('makes the one of the other, and back (seed %i)', (seed) => {
    fc.assert(
      fc.property(anyPlan, anyPlan, (from, to) => {
        const outcome = applyEdit(from, editBetween(from, to));
        if (!outcome.ok) throw new Error(outcome.issue.code);
        expect(outcome.plan).toEqual(to);
        const back = applyEdit(outcome.plan, outcome.inverse);
        expect(back.ok && back.plan).toEqual(from);
      }),
      { seed, numRuns: 100 },
    );
  });

  it('touches only what differs', () => {
    expect(editBetween(pair, pair)).toEqual({ kind: 'batch', edits: [] });
    const words = pair.pieces[3];
    if (!words) throw new Error('no words');
    const pieces = [...pair.pieces.slice(0, 3), { ...words, name: 'Hello' }];
    expect(editBetween(pair, { ...pair, pieces })).toMatchObject({
      kind: 'change',
      id: 'words',
    });
  });
});

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
