import type { APIRoute } from 'astro';
import { endpoint } from '../../../server/respond';
import { respondCompressed } from '../../../server/respondCompressed';
import { standing } from '../../../server/standing/standing';

/** What all cards are found by, the words and sizes of each by its id. */
export const GET: APIRoute = endpoint(async ({ request }) => {
  const cards = await standing();
  const all = await cards.list();
  return respondCompressed(request, 'ledge texts', cards.version, () =>
    JSON.stringify({ texts: Object.fromEntries(all.map(({ head, text }) => [head.id, text])) }),
  );
});
