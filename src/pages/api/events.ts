import type { APIRoute } from 'astro';
import { z } from 'zod';
import type { HouseEvent } from '../../core/replies/replies';
import { build } from '../../server/build';
import { database } from '../../server/database';
import { houseEvents } from '../../server/houseEvents';
import { listDesigners } from '../../server/repositories/team';
import { endpoint, readJson, RefusalError, respondJson } from '../../server/respond';
import { readDesigner } from '../../server/session';

const clientSchema = z.string().min(1).max(80);
const openSchema = z.strictObject({
  client: clientSchema,
  cards: z.array(z.string().min(1).max(80)).max(200),
});

/** A browser has one stream, whatever tabs it has open. */
const mostStreams = 500;
/** A line without meaning now and then, so that nothing between takes the stream for dead. */
const silenceMilliseconds = 15_000;

/** Events for one browser, `?client=` its own name for the stream: saves and people at the cards it says it has open. */
export const GET: APIRoute = endpoint(async ({ url, cookies }) => {
  const client = clientSchema.safeParse(url.searchParams.get('client'));
  if (!client.success)
    throw new RefusalError(400, { message: 'client is missing.', hint: 'Give any name of yours.' });
  if (houseEvents.size >= mostStreams)
    throw new RefusalError(503, {
      message: 'Too many browsers listen already.',
      hint: 'Saving works all the same.',
    });
  const designer = readDesigner(cookies);
  const designers = designer ? await listDesigners(await database()) : [];
  const name = designers.find(({ id }) => id === designer)?.name ?? null;
  let stop = () => {};
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const encoder = new TextEncoder();
      const write = (text: string) => controller.enqueue(encoder.encode(text));
      const send = (event: HouseEvent) => write(`data: ${JSON.stringify(event)}\n\n`);
      const end = houseEvents.listen(client.data, name, send);
      const beat = setInterval(() => write(': still here\n\n'), silenceMilliseconds);
      stop = () => {
        clearInterval(beat);
        end();
      };
      write('retry: 2000\n\n');
      send({ kind: 'hello', build });
    },
    cancel: () => stop(),
  });
  const headers = { 'content-type': 'text/event-stream', 'cache-control': 'no-store' };
  return new Response(stream, { headers });
});

/** Says which cards a browser has open; its stream tells of them from then on. */
export const POST: APIRoute = endpoint(async ({ request }) => {
  const { client, cards } = await readJson(request, openSchema);
  if (!houseEvents.open(client, cards))
    throw new RefusalError(404, {
      message: 'This browser does not listen.',
      hint: 'Open the stream first.',
    });
  return respondJson({ cards });
});
