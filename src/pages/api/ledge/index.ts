import type { APIRoute } from 'astro';
import { endpoint } from '../../../server/respond';
import { respondCompressed } from '../../../server/respondCompressed';
import { standing } from '../../../server/standing/standing';

/** All cards as they stand on the Ledge, without their pictures and what they are found by. */
export const GET: APIRoute = endpoint(async ({ request }) => {
  const cards = await standing();
  const all = await cards.list();
  const where = (isBinned: boolean) =>
    all
      .flatMap(({ head, json }) => ((head.binnedAt !== null) === isBinned ? [json] : []))
      .join(',');
  return respondCompressed(
    request,
    'ledge',
    cards.version,
    () => `{"cards":[${where(false)}],"binned":[${where(true)}]}`,
  );
});
