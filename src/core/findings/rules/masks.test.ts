import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { after } from '../../../../test/support/edits';
import { must } from '../../../../test/support/must';
import { printAt } from '../../../../test/support/prints';
import { masksRules } from '../../compute/rules/masksRules';
import { maskCard } from '../../masking/maskCard';
import { batchEdits } from '../../plan/batchEdits';
import { decideOverlap } from '../../plan/decideOverlap';
import type { Library } from '../../plan/library';
import type { PieceId } from '../../plan/ids';
import { changePiece } from '../../plan/pieceEdits';
import type { Plan } from '../../plan/plan';
import { resolvePlan } from '../../resolve/resolvePlan';
import { maskHabitsOf } from '../../masking/maskHabits';
import { planPaper } from '../../masking/planPaper';
import { noResults } from '../finding';
import { runRules } from '../runRules';
import { againstKind } from './againstKind';
import { maskedPairs } from './maskedPairs';

const demo = (name: string) => must(demoCards.find(({ id }) => id === name));
const garden = demo('beans-before-the-shed');
const found = (plan: Plan, library: Library = garden.library) => {
  const card = resolvePlan(plan, library);
  const results = { ...noResults, masks: maskCard(plan, card) };
  return runRules(masksRules, { plan, card, library, results });
};
const decide = (plan: Plan, a: string, b: string, first: string | null) =>
  after(plan, batchEdits(decideOverlap(plan, a as PieceId, b as PieceId, first as PieceId | null)));
const rulesOf = (plan: Plan, library?: Library) =>
  found(plan, library).map(({ data }) => data.rule);
const mend = (plan: Plan, remedy = 0, library?: Library) =>
  after(plan, must(found(plan, library)[0]?.remedies[remedy]).edit);

describe('what is stamped in which order', () => {
  it('gives nothing to mend on the demo’s cards, and nothing while no masks are worked out', () => {
    expect(demoCards.length).toBe(24);
    for (const { id, plan, library } of demoCards)
      expect([id, rulesOf(plan, library)]).toEqual([id, []]);
    const { plan, library } = garden;
    const card = resolvePlan(plan, library);
    expect(runRules(masksRules, { plan, card, library, results: noResults })).toEqual([]);
  });

  it('cannot go round in a circle: the decisions in it are taken back by one key', () => {
    const turned = decide(garden.plan, 'barrow-left', 'beans', 'barrow-left');
    const [first] = found(turned);
    expect(first).toMatchObject({
      severity: 'stop',
      data: { rule: 'order-circle' },
      remedies: [{ id: 'as-placed' }],
    });
    expect(first?.data.rule === 'order-circle' && first.data.names.toSorted()).toEqual([
      'Barrow 1',
      'Bean row',
      'Potting shed',
    ]);
    expect(mend(turned)).toEqual(garden.plan);
  });

  it('is said where it is against what a print is, and mended', () => {
    // Two of the card's prints as they would be: a dark solid in front of a light one, stamped first all the same.
    const kinds = [
      printAt('shed', 0, 0, { kind: 'solid', darkest: 70, lightest: 80 }),
      printAt('beans', 5, 0, { kind: 'solid', darkest: 15, lightest: 20 }),
    ];
    const look = (plan: Plan) => {
      const card = resolvePlan(plan, garden.library);
      const paper = planPaper({
        prints: kinds,
        clip: (outline) => outline,
        decisions: plan.overlaps,
        school: plan.habits,
        habits: maskHabitsOf(plan),
      });
      const papers = [{ face: 'front', support: 'base', acts: [], scenes: [], ...paper }] as const;
      const masks = { papers, masks: [], covered: 1, fewest: 1, isProven: true };
      return againstKind.find({
        ...{ plan, card, library: garden.library },
        results: { ...noResults, masks },
      });
    };
    const wrong = decide(garden.plan, 'shed', 'beans', 'beans');
    const [first, ...more] = look(wrong);
    expect(more).toEqual([]);
    expect(first).toMatchObject({
      subject: { id: 'beans', other: { id: 'shed' } },
      data: { because: 'under-dark', other: 'Potting shed' },
    });
    expect(look(garden.plan)).toEqual([]);
    expect(after(wrong, must(first?.remedies[0]).edit)).toEqual(garden.plan);
  });

  it('is up to the designer for grounds', () => {
    const shore = demo('low-water');
    expect(rulesOf(decide(shore.plan, 'sea', 'spray', 'spray'), shore.library)).toEqual([]);
  });
});

describe('what cannot be masked', () => {
  const spindly = after(garden.plan, {
    kind: 'set-habits',
    change: { maskSpindly: { ticks: (16_000 * 40) as never } },
  });

  it('crosses, and is moved or let', () => {
    const all = found(spindly);
    expect(new Set(all.map(({ data }) => data.rule))).toEqual(new Set(['prints-cross']));
    const [first] = all;
    expect(first?.remedies.at(-1)?.id).toBe('let-cross');
    const crossed = after(spindly, must(first?.remedies.at(-1)).edit);
    expect(found(crossed)).toHaveLength(all.length - 1);
  });

  it('is no finding where the house lets prints cross', () => {
    const house = after(garden.plan, { kind: 'set-habits', change: { acceptsOverlaps: true } });
    expect(rulesOf(house)).toEqual([]);
    expect(maskCard(house, resolvePlan(house, garden.library)).covered).toBe(0);
  });
});

describe('words', () => {
  const words = must(garden.plan.pieces.find(({ id }) => id === 'greeting'));
  const low = after(
    garden.plan,
    batchEdits([
      changePiece(words, {
        place: { ...words.place, y: { from: 'bottom', distance: { ticks: 320_000 as never } } },
      }),
    ]),
  );
  it('that fall on what is in front are stamped over its mask, which is said and turned about', () => {
    // Last in the list, the words lie in front: they are what is covered, and nothing is missing of them.
    expect(rulesOf(low)).toEqual(['mask-on-wet']);
    const behind = decide(low, 'greeting', 'beans', 'beans');
    expect(rulesOf(behind)).toEqual(['words-masked', 'mask-on-wet']);
    expect(rulesOf(mend(behind))).toEqual(['mask-on-wet']);
  });

  it('in ink that stays wet smear under a mask, and take an ink that dries fast with one key', () => {
    const [first] = found(low);
    expect(first).toMatchObject({
      subject: { id: 'greeting' },
      data: { rule: 'mask-on-wet', mask: expect.any(String) as string },
      remedies: [{ id: 'take-ink' }],
    });
    expect(rulesOf(mend(low))).toEqual([]);
    // Without an ink that dries fast there is no key for it, and it is said all the same.
    const slow = garden.library.filter((item) => item.kind !== 'ink' || item.ink !== 'dye');
    const [told] = found(low, slow).filter(({ data }) => data.rule === 'mask-on-wet');
    expect(told?.remedies).toEqual([]);
  });
});

it('tells prints of one name apart, where two of them meet', () => {
  const { plan, library } = demo('pantry-shelf');
  const card = resolvePlan(plan, library);
  const pairs = maskedPairs(card, maskCard(plan, card));
  expect(pairs.map(({ behind, front }) => [behind.name, front.name])).toEqual(
    [3, 2, 1].map((at) => [`Jar with a lid ${at + 1}`, `Jar with a lid ${at}`]),
  );
});

describe('a ground laid over images', () => {
  const sky = must(garden.plan.pieces.find(({ id }) => id === 'sky'));
  const late = after(
    garden.plan,
    changePiece(sky as Extract<typeof sky, { kind: 'blend' }>, { laid: 'after' }),
  );
  const deep = after(
    late,
    changePiece(sky as Extract<typeof sky, { kind: 'blend' }>, {
      stops: [{ ink: { wish: '#2f5f86' }, from: 0, to: 1, tool: 'large brush', strength: 'even' }],
    }),
  );
  it('is nothing where it is pale; where it is deep, each image is kept off or left', () => {
    expect(rulesOf(late)).toEqual([]);
    const all = found(deep);
    expect(all.map(({ data }) => data.rule)).toContain('ground-over-image');
    const [first] = all;
    expect(first?.remedies.map(({ id }) => id)).toEqual(['keep-off', 'let-cross']);
    expect(found(mend(deep, 0)).length).toBe(all.length - 1);
    expect(found(mend(deep, 1)).length).toBe(all.length - 1);
    const kept = mend(deep, 0);
    const masks = maskCard(kept, resolvePlan(kept, garden.library));
    const acts = masks.papers.flatMap((paper) => paper.acts.map(({ id }) => id));
    // The mask of the image lies on while the sky is laid.
    const piece = first?.subject.kind === 'pair' ? first.subject.id : '';
    expect(acts.indexOf(`mask:${piece}`)).toBeLessThan(acts.indexOf('lay:sky'));
    expect(acts.indexOf('lay:sky')).toBeLessThan(acts.indexOf(`unmask:${piece}`));
  });
});

describe('masks cut at the line', () => {
  it('would leave a rim, so they are cut further inside with one key', () => {
    const at = (ticks: number) =>
      after(garden.plan, {
        kind: 'set-habits',
        change: { maskInset: { ticks: ticks as never } },
      });
    expect(rulesOf(at(3200))).not.toContain('mask-halo');
    const near = at(3199);
    expect(rulesOf(near)).toContain('mask-halo');
    const [first] = found(near).filter(({ data }) => data.rule === 'mask-halo');
    expect(rulesOf(after(near, must(first?.remedies[0]).edit))).not.toContain('mask-halo');
    const plain = demo('row-markers');
    const none = after(plain.plan, {
      kind: 'set-habits',
      change: { maskInset: { ticks: 0 as never } },
    });
    expect(rulesOf(none, plain.library)).not.toContain('mask-halo');
  });
});
