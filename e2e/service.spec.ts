import { readFileSync } from 'node:fs';
import { expect, test } from './nibwright';

const card = readFileSync('demo/cards/bean-poles.nibwright.json', 'utf8');

test('the resolve service answers every figure of a card file', async ({ request }) => {
  const response = await request.post('/api/compute/resolve', { data: JSON.parse(card) });
  expect(response.status()).toBe(200);
  const { pieces, findings } = (await response.json()) as {
    pieces: { letter: string; rect: { width: number } }[];
    findings: { rule: string; subject: { kind: string; id?: string } }[];
  };
  expect(pieces.map(({ letter, rect }) => `${letter} ${rect.width / 406_400}`)).toEqual([
    'B 4',
    'C 3.375',
    'D 3',
    'E 2.875',
    'F 3.75',
    'G 3.5625',
  ]);
  expect(findings.map(({ rule, subject }) => `${rule} ${subject.kind} ${subject.id}`)).toEqual([
    'easier-figures piece liner',
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

test('pictures of cards are given by their ids, at most sixty at once', async ({ request }) => {
  const found = await request.get('/api/pictures?cards=rain-day,depot,no-such-card');
  const { pictures } = (await found.json()) as { pictures: Record<string, { id: string }[]> };
  expect(Object.keys(pictures).toSorted()).toEqual(['depot', 'rain-day']);
  expect(pictures['rain-day']?.[0]?.id).toBe('base');
  for (const query of ['', '?cards=', '?cards=Rain%20day', `?cards=${'a,'.repeat(60)}a`]) {
    const wrong = await request.get(`/api/pictures${query}`);
    expect(wrong.status()).toBe(400);
    const { error } = (await wrong.json()) as { error: { message: string } };
    expect(error.message).toBe('These are no ids of cards.');
  }
});

test('what is no JSON, too large, or about no card is never a fault of the server', async ({
  request,
}) => {
  const headers = { 'content-type': 'application/json' };
  const post = async (path: string, data: string) =>
    (await request.post(path, { data, headers })).status();
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

test('the cutting service answers a bare batch, and refuses what is too much with the reason', async ({
  request,
}) => {
  const batches = JSON.parse(readFileSync('test/reference/cutting/batches.json', 'utf8')) as {
    cases: { id: string; lowerBound: number }[];
  };
  const batch = batches.cases.find(({ id }) => id === 'letter-batch-50');
  if (!batch) throw new Error('no batch');
  const answer = await request.post('/api/compute/cutting', { data: batch });
  expect(answer.status()).toBe(200);
  expect(await answer.json()).toMatchObject({
    kind: 'batch',
    sheets: batch.lowerBound,
    isProven: true,
  });
  const few = await request.post('/api/compute/cutting', { data: { ...batch, mostPieces: 10 } });
  expect(few.status()).toBe(422);
  expect(await few.text()).toContain('at most 10 are allowed');
  const large = await request.post('/api/compute/cutting', {
    data: { ...batch, note: 'x'.repeat(1_100_000) },
  });
  expect(large.status()).toBe(413);
  const wrong = await request.post('/api/compute/cutting', {
    data: { ...batch, pieces: [{ id: 'a', w: 0, h: 1, copies: 1 }] },
  });
  expect(wrong.status()).toBe(400);
  expect(await wrong.json()).toMatchObject({ error: { path: 'pieces.0.w' } });
});

test('the cutting service keeps its time limit and says that it was cut short', async ({
  request,
}) => {
  const pieces = Array.from({ length: 40 }, (_, at) => ({
    id: `p${at}`,
    w: 31 + ((at * 7) % 53),
    h: 23 + ((at * 11) % 47),
    copies: 40 + at,
  }));
  const data = { sheet: { w: 210, h: 297 }, pieces, timeLimitSeconds: 2 };
  const answer = await request.post('/api/compute/cutting', { data });
  expect(answer.status()).toBe(200);
  expect(await answer.json()).toMatchObject({ kind: 'batch', isCutShort: true });
});

test('the supplies service lists what a card file takes, sheets from its cut plan', async ({
  request,
}) => {
  const file: unknown = await (
    await request.get('/api/cards/bean-poles/card.nibwright.json')
  ).json();
  const answer = await request.post('/api/compute/supplies', { data: { file, copies: 50 } });
  expect(answer.status()).toBe(200);
  const { rows, cutPlan } = (await answer.json()) as {
    rows: { unit: string; batch: number | null; name: string }[];
    cutPlan: { stocks: { count: number }[] };
  };
  const sheets = rows.reduce(
    (sum, { unit, batch }) => sum + (unit === 'sheet' ? (batch ?? 0) : 0),
    0,
  );
  expect(sheets).toBe(cutPlan.stocks.reduce((sum, { count }) => sum + count, 0));
  expect(rows.some(({ name }) => name === 'Red gems 3 mm')).toBe(true);
  const broken = await request.post('/api/compute/supplies', { data: { file: { plan: 1 } } });
  expect(broken.status()).toBe(400);
});
