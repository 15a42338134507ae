import type { Edit } from '../../core/plan/edit';
import type { SaveAnswer } from './cardSaver';

/**
 * Sends a save to our own server; goes on when the page is left.
 * @throws Error when there is no answer or a fault of the server's, so that it is tried again.
 */
export async function sendSave(
  cardId: string,
  save: { readonly saveId: string; readonly baseRevision: number; readonly edits: readonly Edit[] },
): Promise<SaveAnswer> {
  const body = JSON.stringify(save);
  const response = await fetch(`/api/cards/${cardId}/edits`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body,
    // Browsers refuse to keep larger bodies alive; those are sent the ordinary way.
    keepalive: body.length < 60_000,
  });
  if (response.status >= 500) throw new Error(`sendSave: the server answered ${response.status}`);
  const answer = (await response.json()) as
    SaveAnswer | { readonly error: { readonly message: string } };
  return 'error' in answer ? { kind: 'refused', message: answer.error.message } : answer;
}
