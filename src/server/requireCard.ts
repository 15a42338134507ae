import { cardIdSchema, type CardId } from '../core/plan/ids';
import { RefusalError } from './respond';
import type { Database } from './storeTypes';
import { findCard, type StoredCard } from './repositories/cards';

/** @throws RefusalError 404 when the text is no id of a card. */
export function requireCardId(text: string | undefined): CardId {
  const parsed = cardIdSchema.safeParse(text);
  if (!parsed.success) throw noCard();
  return parsed.data;
}

/** @throws RefusalError 404 when there is no such card. */
export async function requireCard(db: Database, id: string | undefined): Promise<StoredCard> {
  const card = await findCard(db, requireCardId(id));
  if (!card) throw noCard();
  return card;
}

export function noCard(): RefusalError {
  return new RefusalError(404, {
    message: 'There is no such card.',
    hint: 'Look for it on the Ledge or in the bin.',
  });
}
