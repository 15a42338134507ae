import { readFileSync } from 'node:fs';
import { z } from 'zod';
import { seriesCards } from '../../src/core/composition/seriesCards';
import { usedLibrary } from '../../src/core/kinds/usedLibrary';
import {
  designerSchema,
  releaseSchema,
  writeCardFile,
  type CardFile,
} from '../../src/core/plan/cardFile';
import type { CardId, PieceId, SeriesId } from '../../src/core/plan/ids';
import type { Plan, Series } from '../../src/core/plan/plan';
import { withPieces } from '../../src/core/plan/withPieces';
import { resolvePlan } from '../../src/core/resolve/resolvePlan';
import { compositions } from './compositions';
import { library } from './library';
import { combinationsOf } from './palette';
import { named, planCard, type CardDescription } from './planCard';
import { readableId } from './readableId';
import { scenes } from './scenes';

const teamSchema = z.object({
  designers: z.array(designerSchema),
  releases: z.array(releaseSchema),
});

const readJson = (path: string): unknown => JSON.parse(readFileSync(path, 'utf8'));

/** The descriptions of the cards of the demo. */
export const descriptions = readJson('demo/cards.json') as readonly CardDescription[];

/**
 * The card files of the demo by their ids: what `demo/cards.json` describes, with what is composed on it, each followed by
 * the others of its series.
 * @throws Error naming the card that cannot be made
 */
export function demoCardFiles(): ReadonlyMap<string, string> {
  const team = teamSchema.parse(readJson('demo/team.json'));
  return new Map(
    descriptions.flatMap((described) => {
      const papers = planCard(described, library, team);
      const laid = compositions[described.id]?.(papers) ?? [];
      const bare = withPieces(papers.plan, [...papers.plan.pieces, ...laid]);
      const plan = {
        ...bare,
        combinations: combinationsOf(laid),
        scenes: scenes[described.id] ?? [],
      };
      return inSeries(described, plan).map((each) => [each.id, written(papers, each)] as const);
    }),
  );
}

interface DemoCard {
  readonly id: string;
  readonly plan: Plan;
}

/** The text of a card file. */
function written(papers: CardFile, { id, plan }: DemoCard): string {
  const { impossible } = resolvePlan(plan, library);
  if (impossible.length > 0) throw new Error(`demoCardFiles: ${id}: ${JSON.stringify(impossible)}`);
  return writeCardFile({
    ...papers,
    id: id as CardId,
    plan,
    library: usedLibrary(plan, library),
  });
}

/** The design, and the others of its series where it has one. */
function inSeries({ id, title, series }: CardDescription, design: Plan): readonly DemoCard[] {
  if (!series) return [{ id, plan: design }];
  const inIt: Series = { id: id as SeriesId, name: title };
  const plan = { ...design, about: { ...design.about, series: inIt } };
  const others = seriesCards(plan, resolvePlan(plan, library), library, {
    words: {
      id: series.words as PieceId,
      others: series.others.map((line) => ({ by: 'lines', lines: [line] })),
    },
    stock: {
      id: named(library, 'stock', series.stock).id,
      others: series.stocks.map((name) => named(library, 'stock', name)),
    },
  });
  return [
    { id, plan },
    ...others.map(({ title: own, plan: made }) => ({
      id: readableId(own).slice(0, 40),
      plan: { ...made, about: { ...made.about, title: own } },
    })),
  ];
}
