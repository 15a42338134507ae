import { currentPlanSchema } from '../../core/plan/planFacts';
import { keptAlive } from '../wire/postJson';
import { noReply, readReply } from '../wire/readReply';
import { NotNowError, type SaveReply } from './cardSaver';
import type { Save } from './unsaved';

/**
 * Sends a save to our own server; goes on when the page is left.
 * @throws Error when there is no reply or a fault of the server's, so that it is tried again.
 */
export async function sendSave(
  cardId: string,
  { saveId, baseRevision, edits }: Save,
  planSchema: number = currentPlanSchema,
): Promise<SaveReply> {
  const body = JSON.stringify({ saveId, baseRevision, planSchema, edits });
  const response = await fetch(`/api/cards/${cardId}/edits`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body,
    keepalive: body.length < keptAlive,
  });
  const reply = await readReply(response, 'save');
  if (reply.ok) return reply.body;
  const { message, status } = reply;
  // 507: no room on the disk; 503: the database is away. Both pass.
  if (status >= 500) throw new NotNowError(message);
  if (reply === noReply || status === 200) throw new Error(message);
  return { kind: notTaken.has(status) ? 'refused' : 'stopped', message };
}

/** An edit that does not fit a card, that does not apply to this one, or that is too large. */
const notTaken = new Set([400, 413, 422]);
