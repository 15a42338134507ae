import type { APIRoute } from 'astro';
import { z } from 'zod';
import type { EditIssue } from '../../../../core/plan/applyEdit';
import { editSchema } from '../../../../core/plan/edit';
import {
  respondJson,
  endpoint,
  parseBody,
  RefusalError,
  readJson,
} from '../../../../server/respond';
import { database } from '../../../../server/database';
import { currentPlanSchema } from '../../../../core/plan/planFacts';
import { houseEvents } from '../../../../server/houseEvents';
import { cardSince, saveEdits } from '../../../../server/repositories/saveEdits';
import { noCard, requireCardId } from '../../../../server/requireCard';
import { readDesigner } from '../../../../server/session';

const saveSchema = z.strictObject({
  saveId: z.string().min(1).max(80),
  baseRevision: z.number().int().min(1),
  /** Of the plans these edits are written for; left out, the newest. */
  planSchema: z.number().int().min(1).max(currentPlanSchema).default(currentPlanSchema),
  edits: z.array(z.unknown()).min(1).max(2000),
});
const editsSchema = z.object({ edits: z.array(editSchema) });
const afterSchema = z.coerce.number().int().min(1).max(2_147_483_647);

const things: Readonly<Record<EditIssue['in'], readonly [one: string, more: string]>> = {
  pieces: ['piece', 'pieces'],
  uses: ['thing it takes', 'things it takes'],
  combinations: ['combination', 'combinations'],
  overlaps: ['decision on two prints', 'decisions on two prints'],
  scenes: ['scene in strips', 'scenes in strips'],
  overrides: ['decision on a step', 'decisions on steps'],
  accepted: ['finding left as it is', 'findings left as they are'],
};

function refusedWords({ code, in: of }: EditIssue): string {
  const [one, more] = things[of];
  switch (code) {
    case 'not-there':
      return `The ${one} this changes is no longer on the card.`;
    case 'there-already':
      return `The ${one} this adds is on the card already.`;
    case 'too-many':
      return `The card has as many ${more} as one can have.`;
    case 'other-kind':
      return `The ${one} this changes is of another kind now.`;
    default:
      throw new TypeError(`refusedWords: unknown code ${String(code satisfies never)}`);
  }
}

/** Keeps edits as a revision; 409 when others changed the same parts since. */
export const POST: APIRoute = endpoint(async ({ params, request, cookies }) => {
  const cardId = requireCardId(params['id']);
  const { planSchema, ...save } = await readJson(request, saveSchema);
  if (planSchema < currentPlanSchema) return respondJson({ kind: 'old-page' }, 409);
  const { edits } = parseBody(save, editsSchema);
  const author = readDesigner(cookies);
  const outcome = await saveEdits(await database(), {
    ...save,
    edits,
    cardId,
    author,
    at: new Date(),
  });
  if (outcome.kind === 'no-card') throw noCard();
  if (outcome.kind === 'refused')
    throw new RefusalError(400, {
      message: refusedWords(outcome.issue),
      path: outcome.issue.id,
      hint: 'Load the card again and make the change anew.',
    });
  if (outcome.kind === 'unfit')
    throw new RefusalError(422, {
      message: `A card cannot hold this change: ${outcome.issue.reason}.`,
      path: outcome.issue.path,
      hint: 'Make it in another way.',
    });
  if (outcome.kind === 'saved') houseEvents.tellSaved(cardId, outcome.revision);
  return respondJson(outcome, outcome.kind === 'conflict' ? 409 : 200);
});

/** What became of a card after a revision: `?after=7`. */
export const GET: APIRoute = endpoint(async ({ params, url }) => {
  const cardId = requireCardId(params['id']);
  const after = afterSchema.safeParse(url.searchParams.get('after'));
  const since = after.success ? await cardSince(await database(), cardId, after.data) : undefined;
  if (!after.success || !since)
    throw new RefusalError(404, {
      message: 'The card has no such revision.',
      hint: 'Give the revision you have, as in ?after=7.',
    });
  return respondJson(since);
});
