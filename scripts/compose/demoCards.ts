import { readFileSync } from 'node:fs';
import { z } from 'zod';
import { usedLibrary } from '../../src/core/kinds/usedLibrary';
import { designerSchema, releaseSchema, writeCardFile } from '../../src/core/plan/cardFile';
import { withPieces } from '../../src/core/plan/withPieces';
import { resolvePlan } from '../../src/core/resolve/resolvePlan';
import { compositions } from './compositions';
import { library } from './library';
import { combinationsOf } from './palette';
import { planCard, type CardDescription } from './planCard';

const teamSchema = z.object({
  designers: z.array(designerSchema),
  releases: z.array(releaseSchema),
});

const readJson = (path: string): unknown => JSON.parse(readFileSync(path, 'utf8'));

/** The descriptions of the cards of the demo. */
export const descriptions = readJson('demo/cards.json') as readonly CardDescription[];

/**
 * The card files of the demo by their ids: what `demo/cards.json` describes, with what is composed on it.
 * @throws Error naming the card that cannot be made
 */
export function demoCardFiles(): ReadonlyMap<string, string> {
  const team = teamSchema.parse(readJson('demo/team.json'));
  return new Map(
    descriptions.map((described) => {
      const papers = planCard(described, library, team);
      const laid = compositions[described.id]?.(papers) ?? [];
      const bare = withPieces(papers.plan, [...papers.plan.pieces, ...laid]);
      const plan = { ...bare, combinations: combinationsOf(laid) };
      const { impossible } = resolvePlan(plan, library);
      if (impossible.length > 0)
        throw new Error(`demoCardFiles: ${described.id}: ${JSON.stringify(impossible)}`);
      const file = { ...papers, plan, library: usedLibrary(plan, library) };
      return [described.id, writeCardFile(file)];
    }),
  );
}
