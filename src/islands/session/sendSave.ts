import type { Edit } from '../../core/plan/edit';
import { NotNowError, type SaveReply } from './cardSaver';

/**
 * Sends a save to our own server; goes on when the page is left.
 * @throws Error when there is no reply or a fault of the server's, so that it is tried again.
 */
export async function sendSave(
  cardId: string,
  save: { readonly saveId: string; readonly baseRevision: number; readonly edits: readonly Edit[] },
): Promise<SaveReply> {
  const body = JSON.stringify(save);
  const response = await fetch(`/api/cards/${cardId}/edits`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body,
    // Browsers refuse to keep larger bodies alive; those are sent the ordinary way.
    keepalive: body.length < 60_000,
  });
  const reply = (await response.json()) as
    SaveReply | { readonly error: { readonly message: string; readonly hint?: string } };
  if (!('error' in reply)) return reply;
  const { message, hint = '' } = reply.error;
  const words = `${message} ${hint}`.trim();
  // 507: no room on the disk; 503: the database is away. Both pass.
  if (response.status >= 500) throw new NotNowError(words);
  return { kind: notTaken.has(response.status) ? 'refused' : 'stopped', message: words };
}

/** An edit that does not fit a card, that does not apply to this one, or that is too large. */
const notTaken = new Set([400, 413, 422]);
