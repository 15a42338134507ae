import { describe, expect, it } from 'vitest';
import { fiveLayers } from '../../../test/support/plans';
import { applyEdit } from '../../core/plan/applyEdit';
import type { Edit } from '../../core/plan/edit';
import type { PieceId } from '../../core/plan/ids';
import { changePiece } from '../../core/plan/pieceEdits';
import type { Plan } from '../../core/plan/plan';
import { walkOwn } from './pastSteps';

const title = (text: string): Edit => ({ kind: 'set-about', change: { title: text } });
const nameTop = (name: string): Edit =>
  changePiece({ id: 'top' as PieceId, kind: 'panel' }, { name });
const start = fiveLayers();

const walk = (...saves: readonly (readonly [author: string, ...edits: Edit[]])[]) =>
  walkOwn({
    start,
    revisions: saves.map(([author, ...edits], index) => ({
      number: index + 1,
      author,
      at: '2027-02-01T19:05:00.000Z',
      edits,
    })),
    designers: [],
    you: 'ada',
  });
const undoAll = ({ plan, undo }: { readonly plan: Plan; readonly undo: readonly Edit[] }) =>
  undo.toReversed().reduce((now, edit) => {
    const outcome = applyEdit(now, edit);
    if (!outcome.ok) throw new Error(outcome.issue.code);
    return outcome.plan;
  }, plan);

describe('steps from before a page was loaded', () => {
  it('take back one’s own edits, one by one', () => {
    const walked = walk(['ada', title('Shed'), nameTop('a')], ['ada', nameTop('b')]);
    expect(walked.undo).toHaveLength(3);
    expect(undoAll(walked)).toEqual(start);
  });

  it('leave out what was undone before, and what undid it', () => {
    const walked = walk(['ada', nameTop('a'), nameTop('b')], ['ada', nameTop('a')]);
    expect(walked.undo).toHaveLength(1);
    expect(undoAll(walked)).toEqual(start);
  });

  it('leave others’ edits alone, and one’s own that those have changed since', () => {
    const walked = walk(['ada', title('Shed'), nameTop('a')], ['bo', nameTop('b')]);
    expect(walked.undo).toHaveLength(1);
    const back = undoAll(walked);
    expect(back.about.title).toBe(start.about.title);
    expect(back.pieces.find(({ id }) => id === 'top')?.name).toBe('b');
  });

  it('leave out what was taken back after others had changed something else', () => {
    const back: Edit = { kind: 'set-about', change: { title: start.about.title } };
    const walked = walk(['ada', title('Shed')], ['bo', nameTop('b')], ['ada', back]);
    expect(walked.undo).toEqual([]);
  });

  it('leave out nudges that were undone as one', () => {
    const name = start.pieces.find(({ id }) => id === 'top')?.name ?? '';
    const walked = walk(['ada', title('Shed'), nameTop('a'), nameTop('b')], ['ada', nameTop(name)]);
    expect(walked.undo).toHaveLength(1);
    expect(undoAll(walked)).toEqual(start);
  });
});
