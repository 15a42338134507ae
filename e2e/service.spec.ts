import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';

const card = readFileSync('demo/cards/bean-poles.nibwright.json', 'utf8');

test('the resolve service answers every figure of a card file', async ({ request }) => {
  const response = await request.post('/api/compute/resolve', { data: JSON.parse(card) });
  expect(response.status()).toBe(200);
  const { pieces, findings } = (await response.json()) as {
    pieces: { letter: string; rect: { width: number } }[];
    findings: { rule: string; pieceId: string | null }[];
  };
  expect(pieces.map(({ letter, rect }) => `${letter} ${rect.width / 406_400}`)).toEqual([
    'B 4.125',
    'C 3.5',
    'D 3.25',
    'E 3.125',
    'F 3.875',
    'G 3.6875',
  ]);
  expect(findings.map(({ rule, pieceId }) => `${rule} ${pieceId}`)).toEqual([
    'easier-figures liner',
  ]);
});

test('the lengths service reads, and says why it does not', async ({ request }) => {
  const data = { texts: ['4 15/16', '4 q'], leading: 'in' };
  const response = await request.post('/api/compute/lengths', { data });
  expect(await response.json()).toMatchObject({
    lengths: [
      { ok: true, ticks: 2_006_600, spoken: 'four and fifteen sixteenths' },
      { ok: false, issue: { code: 'unknown-character', at: 2, to: 3 } },
    ],
  });
});

const wrong: readonly (readonly [string, string, unknown, number])[] = [
  ['/api/compute/lengths', 'texts', { texts: [], leading: 'in' }, 400],
  ['/api/compute/lengths', 'leading', { texts: ['1'], leading: 'ell' }, 400],
  [
    '/api/compute/resolve',
    'plan.about',
    { format: 'nibwright-card', version: 1, plan: { schema: 1 } },
    400,
  ],
  ['/api/cards/bean-poles/edits', 'saveId', { baseRevision: 1, edits: [] }, 400],
  ['/api/cards', 'title', {}, 400],
];
for (const [path, place, data, status] of wrong)
  test(`${path} answers a wrong body with ${status}, the path ${place} and a reason`, async ({
    request,
  }) => {
    const response = await request.post(path, { data });
    expect(response.status()).toBe(status);
    const { error } = (await response.json()) as { error: { path: string; message: string } };
    expect(error.path).toBe(place);
    expect(error.message.length).toBeGreaterThan(5);
  });

test('what is no JSON, too large, or about no card is never a fault of the server', async ({
  request,
}) => {
  const post = async (path: string, data: string) => (await request.post(path, { data })).status();
  expect(await post('/api/compute/lengths', '{')).toBe(400);
  expect(await post('/api/compute/resolve', 'x'.repeat(1_100_000))).toBe(413);
  expect(await post('/api/cards/NO SUCH/edits', '{}')).toBe(404);
  const none = { saveId: 'x', baseRevision: 1, edits: [{ kind: 'set-about', change: {} }] };
  expect(await post('/api/cards/none/edits', JSON.stringify(none))).toBe(404);
  expect((await request.get('/api/cards/bean-poles/unknown.xyz')).status()).toBe(404);
});

test('another site cannot change anything here', async ({ request }) => {
  const response = await request.post('/api/cards/bean-poles/bin', {
    data: { binned: true },
    headers: { origin: 'http://evil.example' },
  });
  expect(response.status()).toBe(403);
});

test('the OpenAPI document is served', async ({ request }) => {
  const document = (await (await request.get('/api/openapi.json')).json()) as {
    openapi: string;
    paths: object;
  };
  expect(document.openapi).toBe('3.1.0');
  expect(Object.keys(document.paths)).toContain('/api/compute/resolve');
});
