import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { library } from '../../../test/support/plans';
import { hashText } from '../text/hashText';
import { resolvePlan } from '../resolve/resolvePlan';
import { applyEdit } from './applyEdit';
import type { Plan } from './plan';
import { upgradeHistory } from './upgradeHistory';

/** Fifty revisions of a card with every kind of piece, as versions 1 to 4 saved them, with what version 4 drew of each. */
interface History {
  readonly start: unknown;
  readonly drawn: string;
  readonly revisions: readonly { readonly edits: unknown; readonly drawn: string }[];
  readonly end: unknown;
}
const history = JSON.parse(readFileSync('test/fixtures/history-4.json', 'utf8')) as History;

/** Where everything lies, to the tick; what lies over what is told by its support and its height. */
function drawn(plan: Plan): string {
  const card = resolvePlan(plan, library);
  const byId = (rows: readonly (readonly unknown[])[]) =>
    rows.toSorted(([a], [b]) => (String(a) < String(b) ? -1 : 1));
  const pieces = card.pieces.map(({ id, rect, cut, foot, support, face }) => [
    ...[id, rect.x, rect.y, rect.width, rect.height, cut.width, cut.height],
    ...[foot, support, face],
  ]);
  const marks = card.marks.map(({ id, rect, whole, foot, support, face, piece }) => [
    ...[id, rect.x, rect.y, rect.width, rect.height],
    ...[whole.x, whole.y, whole.width, whole.height],
    ...[foot, support, face, piece.place.turn],
  ]);
  const impossible = card.impossible.map(({ id }) => [id]);
  return hashText(
    JSON.stringify([byId(pieces), byId(marks), byId(impossible), card.thickness.closed]),
  );
}

const kept = [
  { edits: [], plan: history.start },
  ...history.revisions.map(({ edits }, at) => ({ edits, plan: at === 49 ? history.end : null })),
];

describe('the revisions of a card that older versions kept', () => {
  it('draw the same to the tick when they are brought up, each by its edits', () => {
    const { revisions, plan: end } = upgradeHistory(kept, history.end);
    expect(history.revisions).toHaveLength(50);
    let plan = revisions[0]?.plan as Plan;
    expect(drawn(plan)).toBe(history.drawn);
    for (const [at, { edits }] of revisions.slice(1).entries()) {
      for (const edit of edits) {
        const outcome = applyEdit(plan, edit);
        if (!outcome.ok) throw new Error(`revision ${at + 2}: ${JSON.stringify(outcome.issue)}`);
        plan = outcome.plan;
      }
      expect(drawn(plan)).toBe(history.revisions[at]?.drawn);
    }
    expect(plan).toEqual(end);
    expect(revisions.at(-1)?.plan).toEqual(end);
  });

  it('take the plan that was kept where it differs from what its edits made', () => {
    const other = { ...(history.end as object), pieces: [] };
    const { revisions, plan } = upgradeHistory(
      kept.map((each, at) => (at === 50 ? { ...each, plan: other } : each)),
      other,
    );
    expect(revisions.at(-1)?.plan?.pieces).toEqual([]);
    expect(plan.pieces).toEqual([]);
  });

  it('need a plan to start from', () => {
    expect(() => upgradeHistory(kept.slice(1), history.end)).toThrow(/first revision/);
  });
});
