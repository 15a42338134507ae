import { afterEach, expect, it, vi } from 'vitest';
import { library } from '../../../test/support/plans';
import { fetchStash, fetchVersions } from './fetchStash';

const asked = vi.fn<(path: string) => Promise<Response>>();
const reply = (body: unknown, status = 200) =>
  Promise.resolve(new Response(JSON.stringify(body), { status }));
vi.stubGlobal('fetch', asked);
afterEach(() => asked.mockReset());

it('reads each item on its own, so that one that is damaged takes none along', async () => {
  asked.mockImplementation(() => reply({ items: [...library, { kind: 'stock' }], holdings: [] }));
  expect((await fetchStash(['stock', 'stamp'])).items).toHaveLength(library.length);
  expect((await fetchVersions(['moss'])).holdings).toEqual([]);
  expect(asked.mock.calls).toEqual([['/api/stash?kinds=stock,stamp'], ['/api/stash?items=moss']]);
});

it('fails with the sentence of what is wrong', async () => {
  const error = { message: 'These are no kinds of items.', hint: 'Give kinds.' };
  asked.mockImplementation(() => reply({ error }, 400));
  await expect(fetchStash([])).rejects.toThrow('These are no kinds of items. Give kinds.');
});
