import type { APIRoute } from 'astro';
import { usedLibrary } from '../../../../core/kinds/usedLibrary';
import type { ItemKind } from '../../../../core/plan/libraryItem';
import { database } from '../../../../server/database';
import { libraryOf } from '../../../../server/exportCard';
import { cardsSharing } from '../../../../server/repositories/cards';
import { requireCard } from '../../../../server/requireCard';
import { endpoint, respondJson } from '../../../../server/respond';

/** What is got out and cleaned once where two cards are made together. */
const gotOut: readonly ItemKind[] = ['ink', 'powder', 'medium', 'stencil'];

/** The other cards that are made with inks, powders, pens or stencils of this one, and by name with which of them. */
export const GET: APIRoute = endpoint(async ({ params }) => {
  const db = await database();
  const card = await requireCard(db, params['id']);
  const used = usedLibrary(card.plan, await libraryOf(db, card, false));
  const items = used.filter(({ kind }) => gotOut.includes(kind));
  const names = new Map(items.map(({ id, name }) => [id, name]));
  const sharing = await cardsSharing(db, card.id, [...names.keys()]);
  return respondJson({
    cards: sharing.map(({ shared, ...other }) => ({
      ...other,
      shared: shared.flatMap((id) => names.get(id) ?? []),
    })),
  });
});
