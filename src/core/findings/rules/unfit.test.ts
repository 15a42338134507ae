import { describe, expect, it } from 'vitest';
import { demoCards, demoStash } from '../../../../test/support/demoCards';
import { measure, pieceOn, planOf, stampedOn, wordsOn } from '../../../../test/support/plans';
import { must } from '../../../../test/support/must';
import { coloursRules } from '../../compute/rules/coloursRules';
import { applyEdit } from '../../plan/applyEdit';
import { newestOf } from '../../plan/library';
import type { LibraryItem } from '../../plan/libraryItem';
import type { Piece } from '../../plan/piece';
import type { Plan } from '../../plan/plan';
import { downward, plainStop, printedIn } from '../../plan/plainColours';
import { resolvePlan } from '../../resolve/resolvePlan';
import { noResults } from '../finding';
import { runRules } from '../runRules';

const library = [
  ...demoStash,
  ...must(demoCards.find(({ id }) => id === 'lighthouse-keeper')).library.filter(
    ({ kind }) => kind === 'stamp',
  ),
];
const ref = (name: string) => {
  const { id, version } = must(newestOf(library).find((each) => each.name === name));
  return { id, version };
};
const out = (name: string) => ({ item: ref(name) });
const found = (plan: Plan, items: readonly LibraryItem[] = library) =>
  runRules(coloursRules, {
    plan,
    card: resolvePlan(plan, items),
    library: items,
    results: noResults,
  });
const mend = (plan: Plan) => {
  const outcome = applyEdit(plan, must(found(plan)[0]?.remedies[0]).edit);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.plan;
};
const panelOf = (stock: string, marks: readonly Piece[]) =>
  planOf([{ ...pieceOn('front', 'panel', measure('4', '5')), stock: ref(stock) }, ...marks]);
const wordsIn = (ink: string, powder: string | null = null): Piece => {
  const words = wordsOn('panel', 'words', ['a gull calls']);
  return {
    ...words,
    print: { ...printedIn(out(ink)), powder: powder === null ? null : ref(powder) },
  };
};
const blendOf = (ink: string): Piece => ({
  ...(must(
    demoCards.flatMap(({ plan }) => plan.pieces).find(({ kind }) => kind === 'blend'),
  ) as Extract<Piece, { kind: 'blend' }>),
  id: 'ground' as never,
  on: { piece: 'panel' as never },
  stops: [plainStop(out(ink))],
  direction: downward,
  zone: null,
  margin: null,
  laid: 'before',
});
const datas = (plan: Plan) => found(plan).map(({ data }) => data);

describe('inks that do not do on their paper', () => {
  it('are told on foil and acetate, and a solvent ink is offered', () => {
    const plan = panelOf('Tin foil card', [wordsIn('Lamp black')]);
    expect(datas(plan)).toContainEqual({
      rule: 'medium-unfit',
      why: 'surface',
      name: 'Lamp black',
      on: 'foil',
    });
    expect(datas(mend(plan)).filter(({ rule }) => rule === 'medium-unfit')).toEqual([]);
    expect(datas(panelOf('Tin foil card', [wordsIn('Rail black')]))).toEqual([]);
    // On toner only what is water and dye beads.
    const onToner = (ink: string) =>
      datas(panelOf('Toner sheet 160 g', [wordsIn(ink)])).filter(
        (data) => data.rule === 'medium-unfit' && data.why === 'surface',
      );
    expect(onToner('Kelp line')).toMatchObject([{ on: 'toner' }]);
    expect(onToner('White wash')).toEqual([]);
  });

  it('are told where they are light and transparent on dark paper, and an opaque one is offered', () => {
    const plan = panelOf('Night bus 270 g', [wordsIn('Shell pink')]);
    expect(datas(plan)).toContainEqual({
      rule: 'medium-unfit',
      why: 'light-on-dark',
      name: 'Shell pink',
    });
    expect(datas(mend(plan))).toEqual([]);
  });

  it('are told where powder falls off them, and left alone where they stay wet', () => {
    const fast = panelOf('Chalk 216 g', [wordsIn('Lamp black', 'Black enamel')]);
    expect(datas(fast)).toEqual([
      { rule: 'fast-ink-powder', ink: 'Lamp black', powder: 'Black enamel' },
    ]);
    expect(datas(mend(fast))).toEqual([]);
    expect(datas(panelOf('Chalk 216 g', [wordsIn('Clear sticky', 'Black enamel')]))).toEqual([]);
  });
});

describe('what lies on a chalky ground', () => {
  it('is told where it is fine and neither dark nor opaque', () => {
    const weak = panelOf('Chalk 216 g', [blendOf('Pond'), wordsIn('Grey dove')]);
    expect(datas(weak)).toContainEqual({
      rule: 'fine-on-chalk',
      ink: 'Grey dove',
      ground: 'Pond',
    });
    const rules = (ground: string, ink: string) =>
      datas(panelOf('Chalk 216 g', [blendOf(ground), wordsIn(ink)])).map(({ rule }) => rule);
    expect(rules('Rain barrel', 'Grey dove')).not.toContain('fine-on-chalk');
    expect(rules('Pond', 'Soot')).not.toContain('fine-on-chalk');
  });
});

describe('words', () => {
  it('are measured against what is really under them, and get an ink that is read there', () => {
    const onBlend = panelOf('Chalk 216 g', [blendOf('Inkwell blue'), wordsIn('Lamp black')]);
    const [hard] = datas(onBlend);
    expect(hard).toMatchObject({ rule: 'hard-to-read' });
    expect(datas(panelOf('Chalk 216 g', [wordsIn('Lamp black')]))).toEqual([]);
    expect(found(mend(onBlend)).map(({ data }) => data.rule)).not.toContain('hard-to-read');
  });
});

describe('what is coloured by hand', () => {
  const combination = (media: string, undercoat: string | null = null) =>
    ({
      id: 'hull',
      name: 'Hull',
      media: [{ from: out(media), tool: 'pen', strength: 'even', passes: 1 }],
      begins: 'light',
      undercoat: undercoat === null ? null : out(undercoat),
      note: '',
      kept: null,
    }) as never;
  const gull = must(
    demoCards.flatMap(({ plan }) => plan.pieces).find(({ name }) => name === 'Gull'),
  ) as Extract<Piece, { kind: 'image' }>;
  const coloured = (
    stock: string,
    media: string,
    undercoat: string | null = null,
    shimmer = false,
  ) => ({
    ...panelOf(stock, [
      {
        ...stampedOn('panel', 'gull', gull.stamp),
        layers: gull.layers.map((layer) =>
          layer?.by === 'print'
            ? layer
            : { by: 'combination' as const, combination: 'hull' as never },
        ),
        finishes: shimmer
          ? [
              {
                kind: 'shimmer',
                from: out('Shimmer pen'),
                part: null,
                side: null,
                width: null,
              } as const,
            ]
          : [],
      },
    ]),
    combinations: [combination(media, undercoat)],
  });

  it('wants something opaque under it on tinted paper', () => {
    const plan = coloured('Brown kraft 270 g', 'Sky 1');
    expect(datas(plan)).toContainEqual({
      rule: 'medium-unfit',
      why: 'no-undercoat',
      name: 'Hull',
    });
    const mended = mend(plan);
    expect(mended.combinations[0]?.undercoat).toEqual(out('White pencil'));
    expect(datas(mended).filter(({ rule }) => rule === 'medium-unfit')).toEqual([]);
  });

  it('is not gone over with shimmer where a white pen lies', () => {
    const why = (plan: Plan) => datas(plan).flatMap((data) => ('why' in data ? data.why : []));
    expect(why(coloured('Chalk 216 g', 'White gel pen', null, true))).toContain('shimmer-on-pen');
    expect(why(coloured('Chalk 216 g', 'Sky 2', null, true))).not.toContain('shimmer-on-pen');
  });
});
