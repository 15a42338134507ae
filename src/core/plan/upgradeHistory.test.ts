import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { library } from '../../../test/support/plans';
import { hashText } from '../text/hashText';
import { resolvePlan } from '../resolve/resolvePlan';
import { applyEdit } from './applyEdit';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { faceIds } from './faces';
import type { Plan } from './plan';
import { upgradeHistory } from './upgradeHistory';

/** Fifty revisions of a card with every kind of piece, as older versions saved them, with what version 4 drew of each. */
interface History {
  readonly start: unknown;
  readonly drawn: string;
  readonly revisions: readonly { readonly edits: unknown; readonly drawn: string }[];
  readonly end: unknown;
}
const historyOf = (version: number) =>
  JSON.parse(readFileSync(`test/fixtures/history-${version}.json`, 'utf8')) as History;

/** Where everything lies, to the tick; what lies over what is told by its support and its height. */
function drawn(plan: Plan): string {
  const card = resolvePlan(plan, library);
  const footOf = plainFeet(card);
  const byId = (rows: readonly (readonly unknown[])[]) =>
    rows.toSorted(([a], [b]) => (String(a) < String(b) ? -1 : 1));
  const pieces = card.pieces.map(({ id, rect, cut, support, face }) => [
    ...[id, rect.x, rect.y, rect.width, rect.height, cut.width, cut.height],
    ...[footOf(id), support, face],
  ]);
  const marks = card.marks.map(({ id, rect, whole, support, face, piece }) => [
    ...[id, rect.x, rect.y, rect.width, rect.height],
    ...[whole.x, whole.y, whole.width, whole.height],
    ...[footOf(id), support, face, piece.place.turn],
  ]);
  const impossible = card.impossible.map(({ id }) => [id]);
  return hashText(
    JSON.stringify([byId(pieces), byId(marks), byId(impossible), plainThickness(card)]),
  );
}

/** How high each lies by its adhesive and those under it alone: version 4 let nothing be raised by what it crosses. */
function plainFeet({ pieces, marks }: ResolvedCard): (id: string) => number {
  const byId = new Map([...pieces, ...marks].map((each) => [each.id as string, each]));
  const foot = (id: string): number => {
    const each = byId.get(id);
    if (!each) return 0;
    const under = byId.get(each.support);
    const top = under && 'caliper' in under ? foot(under.id) + under.caliper : 0;
    return top + ('lift' in each ? each.lift : 0);
  };
  return foot;
}

function plainThickness(card: ResolvedCard): number {
  const footOf = plainFeet(card);
  const tops = [
    ...card.pieces.map(({ id, face, caliper }) => ({ face, top: footOf(id) + caliper })),
    ...card.marks.map(({ id, face, height }) => ({ face, top: footOf(id) + height })),
  ];
  return faceIds.reduce((closed, face) => {
    const own = tops.filter((each) => each.face === face).map(({ top }) => top);
    return closed - card.thickness[face] + Math.max(0, ...own);
  }, card.thickness.closed as number);
}

const keptOf = (history: History, planSchema: number) => [
  { planSchema, edits: [], plan: history.start },
  ...history.revisions.map(({ edits }, at) => ({
    planSchema,
    edits,
    plan: at === 49 ? history.end : null,
  })),
];

describe('the revisions of a card that older versions kept', () => {
  it.each([4, 5, 6, 7, 8, 9, 10, 11, 12])(
    'draw the same to the tick when they are brought up, each by its edits: version %i',
    (version) => {
      const history = historyOf(version);
      const { revisions, plan: end } = upgradeHistory(keptOf(history, version), history.end);
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
    },
  );

  it('take the plan that was kept where it differs from what its edits made', () => {
    const history = historyOf(4);
    const other = { ...(history.end as object), pieces: [] };
    const { revisions, plan } = upgradeHistory(
      keptOf(history, 4).map((each, at) => (at === 50 ? { ...each, plan: other } : each)),
      other,
    );
    expect(revisions.at(-1)?.plan?.pieces).toEqual([]);
    expect(plan.pieces).toEqual([]);
  });

  it('need a plan to start from', () => {
    const history = historyOf(4);
    expect(() => upgradeHistory(keptOf(history, 4).slice(1), history.end)).toThrow(
      /first revision/,
    );
  });
});
