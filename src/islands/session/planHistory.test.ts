import { describe, expect, it } from 'vitest';
import { fiveLayers } from '../../../test/support/plans';
import type { Length } from '../../core/length/length';
import { editSchema, type Edit } from '../../core/plan/edit';
import type { PieceId } from '../../core/plan/ids';
import {
  commitEdit as commitChecked,
  redoEdit,
  startHistory,
  takeOverPlan,
  undoEdit,
  type HistoryOutcome,
  type PlanHistory,
} from './planHistory';
import { changePiece } from '../../core/plan/pieceEdits';

const rename = (title: string): Edit => ({ kind: 'set-about', change: { title } });
const removeTop: Edit = { kind: 'remove', in: 'pieces', id: 'top' as PieceId };
const commitEdit = (history: PlanHistory, edit: Edit) =>
  commitChecked(history, edit, (each) => editSchema.safeParse(each).success);
const must = (outcome: HistoryOutcome): PlanHistory => {
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.history;
};

describe('undo and redo', () => {
  it('walk back and forth through the same plans', () => {
    const start = startHistory(fiveLayers());
    const one = must(commitEdit(start, removeTop));
    const two = must(commitEdit(one, rename('Rain day')));
    const back = must(undoEdit(must(undoEdit(two))));
    expect(back.plan).toEqual(start.plan);
    const forth = must(redoEdit(must(redoEdit(back))));
    expect(forth.plan).toEqual(two.plan);
    expect(must(undoEdit(forth)).plan).toEqual(one.plan);
  });

  it('are edits themselves, so that they are saved like any other', () => {
    const one = must(commitEdit(startHistory(fiveLayers()), rename('Rain day')));
    const undone = undoEdit(one);
    expect(undone.ok && undone.edit).toEqual(rename('Bean poles'));
  });

  it('never begin with what a card cannot hold', () => {
    const negative = { ticks: -5 as Length };
    const edit: Edit = changePiece(
      { id: 'top' as PieceId, kind: 'panel' },
      { size: { by: 'reveal', all: negative } },
    );
    const outcome = commitEdit(startHistory(fiveLayers()), edit);
    expect(outcome).toEqual({ ok: false, issue: { code: 'no-edit' } });
  });

  it('end where there is nothing left', () => {
    const start = startHistory(fiveLayers());
    expect(undoEdit(start)).toEqual({ ok: false, issue: { code: 'nothing-left' } });
    expect(redoEdit(start)).toEqual({ ok: false, issue: { code: 'nothing-left' } });
  });

  it('forget what was undone at the next change', () => {
    const one = must(commitEdit(startHistory(fiveLayers()), rename('Rain day')));
    const other = must(commitEdit(must(undoEdit(one)), rename('Shed door')));
    expect(other.redo).toEqual([]);
  });

  it('refuse what others have made impossible, and change nothing', () => {
    const renamed: Edit = changePiece({ id: 'top' as PieceId, kind: 'panel' }, { name: 'Strip' });
    const mine = must(commitEdit(startHistory(fiveLayers()), renamed));
    const theirs = must(commitEdit(startHistory(fiveLayers()), removeTop)).plan;
    const outcome = undoEdit(takeOverPlan(mine, theirs));
    expect(outcome).toMatchObject({ ok: false, issue: { code: 'not-there' } });
  });

  it('take back one’s own changes only: what others have changed since is theirs', () => {
    const nameTop = (name: string): Edit =>
      changePiece({ id: 'top' as PieceId, kind: 'panel' }, { name });
    const one = must(commitEdit(startHistory(fiveLayers()), rename('Rain day')));
    const two = must(commitEdit(one, nameTop('mine')));
    const theirs = [nameTop('theirs')];
    const plan = must(commitEdit(startHistory(two.plan), nameTop('theirs'))).plan;
    const after = takeOverPlan(two, plan, theirs);
    expect(after.undo).toEqual([rename('Bean poles')]);
    const undone = must(undoEdit(after));
    expect(undone.plan.about.title).toBe('Bean poles');
    expect(undone.plan.pieces.find(({ id }) => id === 'top')?.name).toBe('theirs');
    expect(undoEdit(undone).ok).toBe(false);
  });

  it('join the nudges of one thing, and nothing else', () => {
    const nameTop = (name: string): Edit =>
      changePiece({ id: 'top' as PieceId, kind: 'panel' }, { name });
    const join = (history: PlanHistory, edit: Edit, joining?: string) =>
      must(commitChecked(history, edit, () => true, joining));
    const start = startHistory(fiveLayers());
    const nudged = ['a', 'b', 'c'].reduce(
      (history, name) => join(history, nameTop(name), 'nudge top'),
      start,
    );
    expect(nudged.undo).toHaveLength(1);
    expect(must(undoEdit(nudged)).plan).toEqual(start.plan);
    // Redone, it is at the last of them.
    expect(must(redoEdit(must(undoEdit(nudged)))).plan).toEqual(nudged.plan);
    const other = join(join(nudged, nameTop('d'), 'nudge mat'), nameTop('e'), 'nudge top');
    expect(other.undo).toHaveLength(3);
    // What a later step sets beside is taken back too.
    const mixed = join(join(start, nameTop('a'), 'x'), rename('Rain day'), 'x');
    expect(mixed.undo).toHaveLength(1);
    expect(must(undoEdit(mixed)).plan).toEqual(start.plan);
    // After an undo the next nudge is a step of its own.
    const again = join(must(undoEdit(nudged)), nameTop('f'), 'nudge top');
    expect(again.undo).toHaveLength(1);
    expect(must(undoEdit(again)).plan).toEqual(start.plan);
  });
});
