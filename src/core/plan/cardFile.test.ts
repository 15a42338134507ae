import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import planVersion1 from '../../../test/fixtures/plan-1.json';
import planVersion2 from '../../../test/fixtures/plan-2.json';
import planVersion3 from '../../../test/fixtures/plan-3.json';
import planVersion4 from '../../../test/fixtures/plan-4.json';
import planVersion5 from '../../../test/fixtures/plan-5.json';
import planVersion6 from '../../../test/fixtures/plan-6.json';
import planVersion7 from '../../../test/fixtures/plan-7.json';
import planVersion8 from '../../../test/fixtures/plan-8.json';
import planVersion9 from '../../../test/fixtures/plan-9.json';
import planVersion10 from '../../../test/fixtures/plan-10.json';
import planVersion11 from '../../../test/fixtures/plan-11.json';
import planVersion12 from '../../../test/fixtures/plan-12.json';
import { coves, fiveLayers, library, pieceOn, planOf } from '../../../test/support/plans';
import { readCardFile, writeCardFile, type CardFile } from './cardFile';
import { usedLibrary } from '../kinds/usedLibrary';
import { cardFileJsonSchema } from './cardFileJsonSchema';
import type { CardId } from './ids';
import { withoutKey } from './orderKeys';
import { plainMaking, plainPost } from './plainPlan';
import { currentPlanSchema } from './planFacts';
import { upgradePlan } from './upgradePlan';
import { isPaper, papersOf } from './pieces';

const file: CardFile = {
  format: 'nibwright-card',
  version: 1,
  id: 'bean-poles' as CardId,
  plan: fiveLayers(),
  library: usedLibrary(fiveLayers(), library),
  designer: null,
  release: null,
};
const demo = readdirSync('demo/cards').map((name) => readFileSync(`demo/cards/${name}`, 'utf8'));
const issueOf = (document: unknown) => {
  const read = readCardFile(JSON.stringify(document));
  return read.ok ? undefined : read.issue;
};

/** The same JSON with the keys of every object the other way round. */
function reverseKeys(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(reverseKeys);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(
    Object.entries(value)
      .reverse()
      .map(([key, inner]) => [key, reverseKeys(inner)]),
  );
}

describe('card files', () => {
  it('come back the same bytes after reading and writing, the demo’s too', () => {
    expect(demo.length).toBe(24);
    for (const text of [writeCardFile(file), ...demo]) {
      const read = readCardFile(text);
      expect(read.ok && writeCardFile(read.file)).toBe(text);
    }
  });

  it('are written in one way, whatever the order of the keys read', () => {
    const shuffled = JSON.stringify(reverseKeys(JSON.parse(writeCardFile(file))));
    const read = readCardFile(shuffled);
    expect(read.ok && writeCardFile(read.file)).toBe(writeCardFile(file));
    expect(writeCardFile(file)).toMatch(/^\{\n {2}"format": "nibwright-card",\n {2}"version": 1,/);
    expect(writeCardFile(file)).not.toContain('\r');
  });

  it('hold each library version they use once, and no other', () => {
    const used = usedLibrary(fiveLayers(), [...library, ...library]);
    expect(used.map(({ id }) => id)).toEqual(['chalk', 'moss']);
    const die = { by: 'die', set: coves, step: 1, turned: false } as const;
    const byDie = planOf([pieceOn('front', 'a', die)]);
    expect(usedLibrary(byDie, library).map(({ id }) => id)).toEqual(['chalk', 'coves', 'moss']);
    expect(usedLibrary(fiveLayers(), [])).toEqual([]);
  });
});

describe('refusing a card file', () => {
  it('says what is wrong and where', () => {
    expect(readCardFile('{')).toEqual({ ok: false, issue: { code: 'not-json' } });
    expect(issueOf({})).toEqual({ code: 'no-card-file' });
    expect(issueOf([])).toEqual({ code: 'no-card-file' });
    expect(issueOf({ ...file, version: 9 })).toEqual({ code: 'newer', schema: 9 });
    const schema = currentPlanSchema + 1;
    expect(issueOf({ ...file, plan: { ...file.plan, schema } })).toEqual({
      code: 'newer',
      schema,
    });
    const noTitle = { ...file.plan, about: { ...file.plan.about, title: '' } };
    expect(issueOf({ ...file, plan: noTitle })).toMatchObject({
      code: 'invalid',
      path: 'plan.about.title',
    });
    expect(issueOf({ ...file, id: 'Not An Id' })).toMatchObject({ code: 'invalid', path: 'id' });
    expect(issueOf({ ...file, extra: 1 })).toMatchObject({ code: 'invalid', path: '' });
  });

  it('refuses two pieces of one id, half ticks, and a card without a width', () => {
    const [first] = file.plan.pieces;
    const withPieces = (pieces: unknown) => issueOf({ ...file, plan: { ...file.plan, pieces } });
    expect(withPieces([first, first])).toMatchObject({ path: 'plan.pieces' });
    expect(withPieces([{ ...first, size: { by: 'reveal', all: { ticks: 0.5 } } }])).toMatchObject({
      path: 'plan.pieces.0.size.all.ticks',
    });
    const size = { width: { ticks: 0 }, height: { ticks: 1 } };
    const base = { ...file.plan.base, format: { kind: 'custom', size } };
    expect(issueOf({ ...file, plan: { ...file.plan, base } })).toMatchObject({
      path: 'plan.base.format.size',
    });
  });
});

describe('the published JSON Schema', () => {
  it('is the one of the code; npm run schemas writes it anew', () => {
    const published = JSON.parse(readFileSync('docs/card-file.schema.json', 'utf8')) as unknown;
    expect(published).toEqual(JSON.parse(JSON.stringify(cardFileJsonSchema())));
  });
});

/** What versions 12 and 13 gave to the habits of older plans. */
const workHabits = {
  eveningWish: 'earliest',
  embosses: 'first',
  heatsPowder: 'together',
  dries: 'air',
  dieCuts: 'by-image',
  air: 'usual',
  stepMinutes: {},
};

/** What version 12 gave to older plans beside: nothing is decided of their steps, and no evening set. */
const undecided = <Making extends object>({ making }: { readonly making: Making }) => ({
  making: { ...making, evenings: null },
  overrides: [],
});

/** What version 10 gave to the habits of older plans. */
const postHabits = { envelopeRoom: { ticks: 6400 }, unevenBy: { ticks: 25_600 } };

/** What version 10 gave to older pieces of paper: one adhesive holds all of each. */
const heldAlike = <P extends { readonly kind: string }>(pieces: readonly P[]) =>
  pieces.map((piece) => (piece.kind === 'panel' ? { ...piece, zones: [] } : piece));

describe('older plans', () => {
  it('are planned to be done as early as can be: version 12', () => {
    const read = upgradePlan(planVersion12);
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    expect(planVersion12.overrides).toHaveLength(2);
    expect(read.plan).toEqual({
      ...planVersion12,
      schema: currentPlanSchema,
      habits: { ...planVersion12.habits, eveningWish: 'earliest' },
    });
  });

  it.each([
    ['made as usual, at any time: version 11', planVersion11],
    ['and may have ribbons now: version 10', planVersion10],
  ])('stay as they were, %s', (_, older) => {
    const read = upgradePlan(older);
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    expect(read.plan).toEqual({
      ...older,
      ...undecided(older),
      schema: currentPlanSchema,
      habits: { ...older.habits, ...workHabits },
    });
  });

  it('are held alike all over, and sent in the smallest envelope that holds them, by any class of mail: version 9', () => {
    const read = upgradePlan(planVersion9);
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    expect(read.plan).toEqual({
      ...planVersion9,
      schema: currentPlanSchema,
      ...undecided(planVersion9),
      habits: { ...planVersion9.habits, ...postHabits, ...workHabits },
      pieces: heldAlike(planVersion9.pieces),
      post: plainPost,
    });
  });

  it('have the turns of their scenes proposed, margins under tape, and no school of words: version 8', () => {
    const read = upgradePlan(planVersion8);
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    const { scenes, pieces, habits } = planVersion8;
    expect(scenes.length).toBeGreaterThan(0);
    expect(read.plan).toEqual({
      ...planVersion8,
      ...undecided(planVersion8),
      schema: currentPlanSchema,
      post: plainPost,
      scenes: scenes.map((scene) => ({ ...scene, turns: null })),
      pieces: heldAlike(pieces).map((piece) =>
        piece.kind === 'blend' ? { ...piece, marginBy: 'tape' } : piece,
      ),
      habits: {
        ...postHabits,
        ...habits,
        ...workHabits,
        wordsStamped: 'as-listed',
        keepsGroundsOff: false,
      },
    });
    expect(upgradePlan({ schema: 8, about: planVersion8.about })).toMatchObject({
      issue: { path: 'base' },
    });
  });

  it('gain the usual habits of masks, and nothing is decided of their prints: version 7', () => {
    const read = upgradePlan(planVersion7);
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    const { habits, pieces } = planVersion7;
    expect(read.plan).toEqual({
      ...planVersion7,
      ...undecided(planVersion7),
      pieces: heldAlike(pieces),
      schema: currentPlanSchema,
      overlaps: [],
      scenes: [],
      post: plainPost,
      habits: {
        ...postHabits,
        ...workHabits,
        ...habits,
        maskInset: { ticks: 8000 },
        maskSpindly: { ticks: 24_000 },
        maskMargin: { ticks: habits.leadingUnit === 'in' ? 50_800 : 48_000 },
        maskUses: 15,
        acceptsOverlaps: false,
        wordsStamped: 'as-listed',
        keepsGroundsOff: false,
      },
    });
    expect(upgradePlan({ schema: 7, about: planVersion7.about })).toMatchObject({
      issue: { path: 'base' },
    });
  });

  it('stand by themselves, and are as they were: version 6', () => {
    const read = upgradePlan(planVersion6);
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    const { about, pieces } = planVersion6;
    expect(read.plan).toMatchObject({
      ...planVersion6,
      schema: currentPlanSchema,
      about: { ...about, series: null },
      pieces: pieces.map((piece) =>
        piece.kind === 'stencil' ? { ...piece, openings: [] } : piece,
      ),
    });
    expect(pieces.some(({ kind }) => kind === 'stencil')).toBe(true);
    expect(upgradePlan({ schema: 6, pieces: [] })).toMatchObject({ issue: { path: 'about' } });
    expect(planVersion6.combinations.length).toBeGreaterThan(0);
  });

  it('have wishes for their bare colours, and accepted findings by what they are about: version 5', () => {
    const read = upgradePlan(planVersion5);
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    const { plan } = read;
    expect(plan.combinations).toEqual([]);
    expect(plan.accepted).toEqual([
      { rule: 'overhang', subject: planVersion5.pieces[0]?.id },
      { rule: 'unequal-borders', subject: 'card' },
    ]);
    // All the colours that were there are there, and nothing else has changed.
    const bare = (document: unknown) => JSON.stringify(document).match(/#[0-9a-f]{6}/g) ?? [];
    expect(bare(planVersion5).length).toBeGreaterThan(3);
    expect(bare(plan)).toEqual(bare(planVersion5));
    const places = (pieces: readonly { readonly id: string; readonly place: unknown }[]) =>
      pieces.map(({ id, place }) => ({ id, place }));
    expect(places(plan.pieces)).toEqual(places(planVersion5.pieces));
  });

  it('are read as they were written, each piece with a key: version 4', () => {
    const read = upgradePlan(planVersion4);
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    const { about, base, habits, making, uses, pieces } = read.plan;
    expect({ ...planVersion4.about, series: null }).toEqual(about);
    expect({ base, habits, making, uses }).toMatchObject({
      base: planVersion4.base,
      habits: planVersion4.habits,
      making: planVersion4.making,
      uses: planVersion4.uses,
    });
    expect(pieces.filter(isPaper).map(withoutKey)).toEqual(
      heldAlike(planVersion4.pieces.filter(({ kind }) => kind === 'panel')),
    );
    const keys = pieces.map(({ order }) => order);
    expect(keys).toEqual([...new Set(keys)].toSorted());
  });

  it('gain what they did not know: version 3', () => {
    const read = upgradePlan(planVersion3);
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    const pieces = papersOf(read.plan);
    expect(pieces.map(({ place, isMirrored, overhang }) => [place, isMirrored, overhang])).toEqual(
      planVersion3.pieces.map(({ place }) => [{ ...place, turn: 0 }, false, 'kept']),
    );
    expect(read.plan).toMatchObject({ ...planVersion3, schema: currentPlanSchema });
  });

  it('gain what they did not know: version 2', () => {
    const read = upgradePlan(planVersion2);
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    const { making, uses, habits, pieces } = read.plan;
    expect(making).toEqual({ ...plainMaking, copies: planVersion2.making.copies });
    expect(uses).toEqual([]);
    expect(habits).toMatchObject({
      ...planVersion2.habits,
      kerf: { ticks: 0 },
      slidesSheets: false,
    });
    expect(pieces).toMatchObject(planVersion2.pieces);
  });

  it('gain what they did not know: version 1', () => {
    const read = upgradePlan(planVersion1);
    if (!read.ok) throw new Error(JSON.stringify(read.issue));
    const { about, habits } = read.plan;
    const pieces = papersOf(read.plan);
    expect(about).toMatchObject({ ...planVersion1.about, techniques: [], filmOn: null });
    expect(habits.reveals.in).toEqual(planVersion1.habits.reveals);
    expect(habits.reveals.mm.everyday.ticks).toBe(40_000);
    expect(pieces.map(({ isOff, trim, group }) => [isOff, trim, group])).toEqual(
      planVersion1.pieces.map(() => [false, null, null]),
    );
    expect(pieces.map(({ name, size }) => [name, size])).toEqual(
      planVersion1.pieces.map(({ name, size }) => [name, size]),
    );
  });
});
