import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { must } from '../../../../test/support/must';
import { coloursRules } from '../../compute/rules/coloursRules';
import { applyEdit } from '../../plan/applyEdit';
import { newestOf } from '../../plan/library';
import type { PieceOf } from '../../plan/piece';
import type { Plan } from '../../plan/plan';
import { resolvePlan } from '../../resolve/resolvePlan';
import { noResults } from '../finding';
import { runRules } from '../runRules';

const { plan, library } = must(demoCards.find(({ id }) => id === 'lighthouse-keeper'));
const found = (of: Plan) =>
  runRules(coloursRules, {
    plan: of,
    card: resolvePlan(of, library),
    library,
    results: noResults,
  });
const source = (name: string) => {
  const { id, version } = must(newestOf(library).find((each) => each.name === name));
  return { item: { id, version } };
};
const withPiece = <Kind extends 'image' | 'blend'>(
  id: string,
  change: (piece: PieceOf<Kind>) => Partial<PieceOf<Kind>>,
): Plan => ({
  ...plan,
  pieces: plan.pieces.map((piece) =>
    piece.id === id ? { ...piece, ...change(piece as PieceOf<Kind>) } : piece,
  ) as Plan['pieces'],
});
const mend = (of: Plan) => {
  const [first] = found(of);
  const outcome = applyEdit(of, must(first?.remedies[0]).edit);
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.plan;
};

describe('colours on a card', () => {
  it('of the demo give nothing to mend', () => {
    expect(demoCards.length).toBe(24);
    for (const each of demoCards) {
      const card = resolvePlan(each.plan, each.library);
      const input = { plan: each.plan, card, library: each.library, results: noResults };
      const rules = runRules(coloursRules, input).map(({ data }) => data.rule);
      expect([each.id, rules.filter((rule) => rule !== 'colour-gap')]).toEqual([each.id, []]);
    }
  });

  it('printed in an ink that alcohol loosens are given one that stands it', () => {
    const smears = withPiece<'image'>('gull-1', ({ layers }) => ({
      layers: layers.map((layer) =>
        layer?.by === 'print' ? { ...layer, ink: source('Kelp line') } : layer,
      ),
    }));
    expect(found(smears)[0]?.data).toEqual({
      rule: 'ink-unfit',
      ink: 'Kelp line',
      solvent: 'alcohol',
    });
    expect(found(mend(smears))).toEqual([]);
  });

  it('that go grey where they meet are told with what is lost', () => {
    const muddy = withPiece<'blend'>('dawn', ({ stops }) => ({
      stops: stops.slice(0, 2).map((stop, index) => ({
        ...stop,
        ink: { wish: index === 0 ? '#e08a4a' : '#3f7fd0' },
        from: index * 0.4,
        to: 0.6 + index * 0.4,
      })),
    }));
    // Wishes hide what is under them, and mix all the same.
    expect(found(muddy)[0]?.data).toMatchObject({ rule: 'muddy-blend', one: 'a wish' });
  });

  it('left out of a part that others of the image have are told, and may be left so', () => {
    const open = withPiece<'image'>('gull-1', ({ layers }) => ({
      layers: layers.map((layer, index) => (index === 0 ? null : layer)),
    }));
    expect(found(open)[0]?.data).toEqual({ rule: 'uncoloured', parts: 'wings' });
    expect(found(mend(open))).toEqual([]);
  });

  it('with nothing between light and dark are told once', () => {
    const [rock] = plan.combinations.filter(({ name }) => name === 'Rock');
    const media = must(rock).media.filter((_, index) => index !== 1);
    const ends = media.map((use, index) => ({
      ...use,
      from: { wish: index === 0 ? '#eeeeee' : '#333333' },
    }));
    const gap: Plan = {
      ...plan,
      combinations: plan.combinations.map((each) =>
        each.id === rock?.id ? { ...each, media: ends } : each,
      ),
    };
    const told = found(gap).filter(({ data }) => data.rule === 'colour-gap');
    expect(told).toHaveLength(1);
    expect(told[0]?.data).toMatchObject({ name: 'Rock' });
  });
});
