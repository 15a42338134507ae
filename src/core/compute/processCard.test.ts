import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import {
  bowAt,
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  ribbonOn,
  stampedOn,
  typed,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { monday, placeOf, processOf, workOf } from '../../../test/support/process';
import type { Override } from '../plan/override';
import type { Plan } from '../plan/plan';
import { lagOf } from '../process/arrow';
import { sumSpreads } from '../process/stepTimes';
import type { ProcessPlan } from '../process/processPlan';

const minutesOf = ({ steps }: ProcessPlan) => sumSpreads(steps.map(({ minutes }) => minutes));
const demo = (id: string) => must(demoCards.find((each) => each.id === id));
const mooring = demo('mooring-by-lamplight');
const withHabits = (plan: Plan, change: Partial<Plan['habits']>): Plan => ({
  ...plan,
  habits: { ...plan.habits, ...change },
});
const withOverrides = (plan: Plan, ...overrides: readonly Override[]): Plan => ({
  ...plan,
  overrides: [...plan.overrides, ...overrides],
});

describe('the steps of each card of the demo', () => {
  it.each(demoCards.map((file) => [file.id, file] as const))(
    '%s follow from its plan, contradict no rule, and lie in its evenings as long as they wait',
    (_, { plan, library: own }) => {
      const process = processOf(plan, own);
      expect(process.steps.length).toBeGreaterThan(10);
      expect(new Set(process.steps.map(({ id }) => id)).size).toBe(process.steps.length);
      expect([process.contradictions, process.lost]).toEqual([[], []]);
      expect(process.changes.isProven).toBe(true);
      const work = workOf(process);
      expect(work.isProven).toBe(true);
      expect(work.planned).toHaveLength(process.steps.length);
      const at = new Map(work.planned.map((each) => [each.step, each]));
      for (const { start, end, step } of work.planned) {
        const inside = work.sessions.filter(({ from, to }) => start < to && end > from);
        const { mayPause, minutes } = must(process.steps.find(({ id }) => id === step));
        expect(inside.length).toBeGreaterThan(0);
        if (mayPause) continue;
        expect(inside).toHaveLength(1);
        expect((end - start) / 60_000).toBe(minutes.usual);
      }
      for (const arrow of process.arrows) {
        const [before, then] = [must(at.get(arrow.before)), must(at.get(arrow.then))];
        const step = must(process.steps.find(({ id }) => id === arrow.before));
        const waited = (then.start - before.end) / 60_000;
        expect(waited).toBeGreaterThanOrEqual(lagOf(arrow, step).usual);
        if (arrow.most !== undefined) expect(waited).toBeLessThanOrEqual(arrow.most);
      }
    },
  );

  it('break one rule, on purpose', () => {
    const broken = demoCards.flatMap(({ id, plan, library: own }) =>
      processOf(plan, own).breaches.map(({ rule }) => [id, rule.because]),
    );
    expect(broken).toEqual([['jar-of-buttons', 'decorated-first']]);
  });

  it('are decided by hand on two of them, and on no other', () => {
    const decided = demoCards.filter(({ plan }) => plan.overrides.length > 0);
    expect(decided.map(({ id }) => id)).toEqual(['jar-of-buttons', 'shed-door']);
  });

  it('of twenty-four copies of one take three evenings, and fewer are impossible', () => {
    const { plan, library: own } = demo('parcel-on-the-step');
    const { batch } = processOf(plan, own);
    const { work, copies } = must(batch);
    expect([
      copies,
      work.ok && work.plan.sessions.length,
      work.ok && work.plan.leastSessions,
    ]).toEqual([24, 3, 3]);
  });
});

describe('how long it takes', () => {
  it('is under ten minutes for a card of one layer, without cutting and scoring (common practice)', () => {
    const outline = stampedOn('panel', 'bird', wren);
    const plan = planOf([
      pieceOn('front', 'panel', measure('4', '5 1/4')),
      { ...outline, layers: [null, ...outline.layers.slice(1)] },
      wordsOn('panel', 'greeting', ['hello'], {
        y: { from: 'bottom', distance: typed('1/4') },
      }),
    ]);
    const { steps } = processOf(plan);
    const rest = steps.filter(({ kind }) => kind !== 'cut' && kind !== 'score');
    expect(rest.length).toBeGreaterThan(4);
    expect(sumSpreads(rest.map(({ minutes }) => minutes)).usual).toBeLessThanOrEqual(10);
  });

  it('is four days of one to three hours for a set of elaborate ones (common practice)', () => {
    const set = ['mooring-by-lamplight', 'lighthouse-keeper', 'rain-day', 'hillside-beds'];
    const minutes = set.map((id) => minutesOf(processOf(demo(id).plan, demo(id).library)).usual);
    const all = minutes.reduce((sum, each) => sum + each, 0);
    expect(all).toBeGreaterThan(4 * 60);
    expect(all).toBeLessThan(12 * 60);
  });

  it('follows the habits of the house and the air of the place', () => {
    const blendOf = (plan: Plan) =>
      must(processOf(plan, mooring.library).steps.find(({ kind }) => kind === 'blend'));
    const usual = blendOf(mooring.plan);
    const humid = blendOf(withHabits(mooring.plan, { air: 'humid' }));
    expect(humid.drying.usual).toBe(1.5 * usual.drying.usual);
    const slow = blendOf(withHabits(mooring.plan, { stepMinutes: { blend: 14 } }));
    expect(slow.minutes.usual).toBe(14);
    const heated = blendOf(withHabits(mooring.plan, { dries: 'heat' }));
    expect(heated.drying.usual).toBeLessThan(5);
    expect(heated.cautions).toContain('heat');
  });
});

describe('an embossed print on a blend', () => {
  const order = (plan: Plan) => {
    const process = processOf(plan, mooring.library);
    return {
      process,
      kinds: process.steps
        .filter(({ kind }) => ['anti-static', 'powder', 'heat', 'blend', 'wipe'].includes(kind))
        .map(({ kind }) => kind),
    };
  };
  const after: Override = {
    kind: 'before',
    step: 'blend:dusk:chalk',
    then: 'stamp:greeting:sticky',
    waits: false,
  };

  it('is embossed first, blended over and wiped, as it cannot dry (common practice)', () => {
    expect(order(mooring.plan).kinds).toEqual(['anti-static', 'powder', 'heat', 'blend', 'wipe']);
  });

  it('is embossed on the dry blend in a house that does so, on another evening', () => {
    const { kinds, process } = order(withHabits(mooring.plan, { embosses: 'last' }));
    expect(kinds).toEqual(['blend', 'anti-static', 'powder', 'heat']);
    const at = new Map(workOf(process).planned.map((each) => [each.step, each]));
    const waited =
      must(at.get('anti-static:greeting')).start - must(at.get('blend:dusk:chalk')).end;
    expect(waited / 60_000).toBeGreaterThanOrEqual(240);
  });

  it('moved after it by hand is a breach of one rule, and none where one waits', () => {
    const { kinds, process } = order(withOverrides(mooring.plan, after));
    expect(kinds.indexOf('blend')).toBeLessThan(kinds.indexOf('powder'));
    expect(process.breaches.map(({ rule }) => [rule.rule, rule.because])).toEqual([
      ['emboss-on-dry', 'melted-first'],
    ]);
    const waiting = order(withOverrides(mooring.plan, { ...after, waits: true }));
    expect(waiting.process.breaches).toEqual([]);
    const at = new Map(workOf(waiting.process).planned.map((each) => [each.step, each]));
    const waited =
      must(at.get('stamp:greeting:sticky')).start - must(at.get('blend:dusk:chalk')).end;
    expect(waited / 60_000).toBeGreaterThanOrEqual(240);
  });

  it('is heated within minutes of its powder, on one evening', () => {
    const { process } = order(mooring.plan);
    const at = new Map(workOf(process).planned.map((each) => [each.step, each]));
    const powder = must(process.steps.find(({ kind }) => kind === 'powder'));
    const heat = must(process.steps.find(({ kind }) => kind === 'heat'));
    expect((must(at.get(heat.id)).start - must(at.get(powder.id)).end) / 60_000).toBeLessThan(10);
  });
});

describe('the order', () => {
  const isBefore = (process: ProcessPlan, a: string, b: string) => {
    expect(placeOf(process, a)).toBeGreaterThanOrEqual(0);
    expect(placeOf(process, b)).toBeGreaterThan(placeOf(process, a));
  };

  it('decorates, builds off the card, and sets drops and gems last', () => {
    const process = processOf(
      planOf([
        pieceOn('front', 'mat', measure('4', '5 1/4')),
        pieceOn('mat', 'panel', measure('3 1/2', '4 3/4'), { attach: 'liquid' }),
        wordsOn('panel', 'greeting', ['hello']),
        dotOn('panel', 'gem'),
        pieceOn('inside', 'liner', measure('3 1/2', '4 3/4')),
      ]),
    );
    isBefore(process, 'stamp:greeting', 'glue:panel');
    isBefore(process, 'glue:panel', 'glue:mat');
    isBefore(process, 'glue:liner', 'glue:mat');
    isBefore(process, 'sign', 'glue:mat');
    isBefore(process, 'glue:mat', 'stick:panel');
    isBefore(process, 'score', 'fold');
  });

  it('lays what crosses papers when these are glued', () => {
    const process = processOf(
      planOf([
        pieceOn('front', 'left', measure('2', '5'), {
          x: { from: 'left', distance: typed('1/8') },
          y: { from: 'centre' },
        }),
        pieceOn('front', 'right', measure('2', '5'), {
          x: { from: 'right', distance: typed('1/8') },
          y: { from: 'centre' },
        }),
        pieceOn('left', 'banner', measure('3', '1'), {
          x: { from: 'left', distance: typed('1/2') },
          y: { from: 'centre' },
        }),
      ]),
    );
    isBefore(process, 'glue:left', 'glue:banner');
    isBefore(process, 'glue:right', 'glue:banner');
  });

  it('tucks a ribbon under its panel before that is glued, and winds one round the card at the end', () => {
    const panel = pieceOn('front', 'panel', measure('4', '5'));
    const tucked = processOf(planOf([panel, ribbonOn('panel', 'ribbon', { way: 'tucked' })]));
    isBefore(tucked, 'ribbon:ribbon', 'glue:panel');
    const round = processOf(
      planOf([panel, ribbonOn('front', 'ribbon', { way: 'round', bow: bowAt('1') })]),
    );
    isBefore(round, 'glue:panel', 'ribbon:ribbon');
  });

  it('trims a panel when it is decorated', () => {
    const trim = { left: typed('1/4'), top: typed('0'), right: typed('0'), bottom: typed('0') };
    const process = processOf(
      planOf([
        pieceOn('front', 'panel', measure('4', '5'), { trim }),
        stampedOn('panel', 'bird', wren),
      ]),
    );
    isBefore(process, 'stamp:bird', 'trim:panel');
    isBefore(process, 'trim:panel', 'glue:panel');
  });

  it('cuts plain shapes first and round images last, and the other way where the house does', () => {
    const label = (plan: Plan) =>
      processOf(plan)
        .steps.map(({ kind }) => kind)
        .filter((kind) => kind === 'die-cut' || kind === 'stamp');
    const size = {
      by: 'die',
      set: { id: 'coves' as never, version: 1 },
      step: 2,
      turned: false,
    } as const;
    const plan = planOf([pieceOn('front', 'label', size), stampedOn('label', 'bird', wren)]);
    expect(label(plan)).toEqual(['stamp', 'die-cut']);
    expect(label(withHabits(plan, { dieCuts: 'cut-first' }))).toEqual(['die-cut', 'stamp']);
  });
});

describe('what a designer decides', () => {
  const plan = planOf([
    pieceOn('front', 'panel', measure('4', '5')),
    wordsOn('panel', 'greeting', ['hello']),
  ]);
  const stampId = must(processOf(plan).steps.find(({ kind }) => kind === 'stamp')).id;

  it('stays when the card changes, and follows it', () => {
    const decided = withOverrides(
      plan,
      { kind: 'reword', step: stampId, words: 'Stamp it crooked on purpose' },
      { kind: 'minutes', step: stampId, minutes: 4, drying: null },
      { kind: 'skip', step: 'sign:card' },
      {
        kind: 'add',
        id: 'tea' as never,
        words: 'Make tea',
        place: 'sink',
        minutes: 3,
        drying: 5,
        after: stampId,
      },
    );
    const process = processOf(decided);
    const step = must(process.steps.find(({ id }) => id === stampId));
    expect([step.words, step.minutes.usual]).toEqual(['Stamp it crooked on purpose', 4]);
    expect(process.skipped.map(({ id }) => id)).toEqual(['sign:card']);
    expect(placeOf(process, 'own:tea')).toBeGreaterThan(placeOf(process, stampId));
  });

  it('of a step in two parts keeps its minutes, and what waits for it waits for the second', () => {
    const process = processOf(
      withOverrides(plan, { kind: 'split', step: 'glue:panel:tape', minutes: 1 }),
    );
    const parts = process.steps.filter(({ id }) => id.startsWith('glue:panel'));
    expect(parts.map(({ minutes }) => minutes.usual)).toEqual([1, 0.5]);
  });

  it('of a step that is gone is told, and lost with nothing', () => {
    const lost: Override = { kind: 'skip', step: 'stamp:gone:dye' };
    expect(processOf(withOverrides(plan, lost)).lost).toEqual([lost]);
  });

  it('against itself is a circle of as few steps as there are', () => {
    const [a, b] = ['sign:card', 'cut:moss'];
    const process = processOf(
      withOverrides(
        plan,
        { kind: 'before', step: a, then: b, waits: false },
        { kind: 'before', step: b, then: a, waits: false },
      ),
    );
    expect(process.contradictions.map(({ circle }) => circle.length)).toEqual([2]);
    expect(process.steps.length).toBeGreaterThan(4);
  });
});

describe('evenings', () => {
  it('begin with what is left: what is done is not planned again, and its drying goes on', () => {
    const whole = workOf(processOf(mooring.plan, mooring.library));
    const until = Date.parse('2027-03-08T19:20Z');
    const done = whole.planned
      .filter(({ end }) => end <= until)
      .map(({ step, end }) => ({ step, at: end }));
    expect(done.length).toBeGreaterThan(5);
    const rest = processOf(mooring.plan, mooring.library, { ...monday, start: until, done });
    const planned = workOf(rest).planned;
    expect(planned).toHaveLength(whole.planned.length - done.length);
    expect(workOf(rest).end).toBe(whole.end);
    expect(rest.steps.slice(0, done.length).map(({ id }) => id)).toEqual(
      done.map(({ step }) => step),
    );
  });

  it('tell by how many minutes a day of filming is missed, and that one is met', () => {
    const filmed = (filmOn: string) => ({
      ...mooring.plan,
      about: { ...mooring.plan.about, filmOn },
    });
    const short = (day: string) =>
      processOf(filmed(day), mooring.library).deadlines.map(({ short: minutes }) => minutes);
    expect(short('2027-03-12')).toEqual([0]);
    const process = processOf(filmed('2027-03-09'), mooring.library);
    const left = workOf(process).planned.filter(
      ({ start }) => start >= Date.parse('2027-03-09T00:00Z'),
    );
    expect(left.length).toBeGreaterThan(0);
    const minutes = left.reduce((sum, { start, end }) => sum + (end - start) / 60_000, 0);
    expect(short('2027-03-09')).toEqual([Math.ceil(minutes)]);
  });

  it('are shorter with two, who share one press', () => {
    const time = { ...monday, evenings: { ...monday.evenings, people: 2 } };
    const alone = workOf(processOf(demo('rain-day').plan, demo('rain-day').library));
    const together = workOf(processOf(demo('rain-day').plan, demo('rain-day').library, time));
    expect(together.end).toBeLessThan(alone.end);
    const presses = together.planned.filter(({ step }) => step.startsWith('die-cut'));
    expect(presses.length).toBeGreaterThan(2);
    for (const [at, one] of presses.entries())
      for (const two of presses.slice(at + 1))
        expect(one.end <= two.start || two.end <= one.start).toBe(true);
  });

  it('that are none for a step that cannot pause say so', () => {
    const plan = withOverrides(mooring.plan, {
      kind: 'minutes',
      step: 'blend:dusk:chalk',
      minutes: 150,
      drying: null,
    });
    const { work } = processOf(plan, mooring.library);
    expect(work).toEqual({ ok: false, issue: { code: 'no-window', activity: 'blend:dusk:chalk' } });
    expect(library.length).toBeGreaterThan(0);
  });
});
