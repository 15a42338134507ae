import { readFileSync } from 'node:fs';
import { expect, test } from './nibwright';

const json = { 'content-type': 'application/json' };
const demo = (name: string) =>
  JSON.parse(readFileSync(`demo/cards/${name}.nibwright.json`, 'utf8')) as {
    library: { kind: string; shape?: { outline: string } | null }[];
  };

interface Answer {
  readonly error: { readonly message: string; readonly path?: string };
}

test('a card whose outline cannot be drawn is refused, and the Ledge stands', async ({ page }) => {
  for (const outline of ['Z', 'M0 0A0 0', 'M0 0', 'M0 0H1e999V9Z']) {
    const file = demo('rain-day');
    const shaped = file.library.find(({ shape }) => shape);
    if (!shaped?.shape) throw new Error('no shape');
    shaped.shape.outline = outline;
    const answer = await page.request.post('/api/cards/import', { data: file });
    expect(answer.status()).toBe(400);
    const { error } = (await answer.json()) as Answer;
    expect(error.message).toContain('The card file is damaged at library.');
    expect(error.path).toMatch(/shape\.outline$/);
  }
  await page.goto('/');
  await expect(page.getByRole('link', { name: /^Rain day/ }).first()).toBeVisible();
});

test('words that objects have too are searched for like any others', async ({ page }) => {
  await page.goto('/');
  const search = page.getByRole('searchbox');
  for (const word of ['constructor', '__proto__', 'toString', 'hasOwnProperty']) {
    await search.fill(word);
    await expect(page.getByText('No card is like that')).toBeVisible();
    const lengths = await page.request.post('/api/compute/lengths', {
      data: { texts: [word], leading: 'in' },
    });
    expect(lengths.status()).toBe(200);
  }
});

test('what no database holds is left out of a text, and all that is typed after it is kept', async ({
  page,
}) => {
  const copy = await page.request.post('/api/cards/marrow-prize/copy', { data: {} });
  const { id } = (await copy.json()) as { id: string };
  const title = 'Half \ud83d and \u0000 none';
  const answer = await page.request.post(`/api/cards/${id}/edits`, {
    headers: json,
    data: JSON.stringify({
      saveId: 'half',
      baseRevision: 1,
      edits: [{ kind: 'set-about', change: { title } }],
    }),
  });
  expect(answer.status()).toBe(200);
  await page.goto(`/card/${id}/sheet`);
  await expect(page.getByRole('heading', { name: 'Half and none' }).first()).toBeVisible();
  const next = await page.request.post(`/api/cards/${id}/edits`, {
    data: {
      saveId: 'next',
      baseRevision: 2,
      edits: [{ kind: 'set-about', change: { notes: 'x' } }],
    },
  });
  expect(next.status()).toBe(200);
  await page.request.post(`/api/cards/${id}/bin`, { data: { binned: true } });
});

test('wrong methods, addresses and kinds of body are told in JSON', async ({ request }) => {
  const wrong = await request.delete('/api/compute/cutting');
  expect([wrong.status(), wrong.headers()['allow']]).toEqual([405, 'POST, OPTIONS']);
  const asked = await request.fetch('/api/health', { method: 'OPTIONS' });
  expect([asked.status(), asked.headers()['allow']]).toEqual([204, 'GET, HEAD, OPTIONS']);
  const form = await request.post('/api/compute/lengths', { form: { texts: '1/4' } });
  expect(form.status()).toBe(415);
  const nowhere = await request.get('/api/nowhere');
  expect([nowhere.status(), ((await nowhere.json()) as Answer).error.message]).toEqual([
    404,
    'There is nothing at this address.',
  ]);
  const none = await request.post('/api/compute/nothing', { data: {} });
  expect(((await none.json()) as Answer).error.message).toContain('no such computing service');
  const deep = await request.post('/api/compute/places', {
    headers: json,
    data: `${'['.repeat(5000)}${']'.repeat(5000)}`,
  });
  expect([deep.status(), ((await deep.json()) as Answer).error.message]).toEqual([
    400,
    'The body is nested more than 60 deep.',
  ]);
  for (const path of ['/_image?href=/favicon.svg', '/%00', '/..%2f..%2fetc/passwd'])
    expect((await request.get(path)).status()).toBe(404);
});

test('words of any size find their places on a card of die cuts', async ({ request }) => {
  const file = demo('one-button');
  for (const ticks of [16_001, 20_123, 33_337, 48_611]) {
    const answer = await request.post('/api/compute/places', {
      data: { file, words: { lines: ['made for you'], xHeight: { ticks } } },
    });
    expect(answer.status()).toBe(200);
  }
});

test('one heavy outline holds nobody else up', async ({ request }) => {
  const file = demo('one-button');
  const points = Array.from({ length: 5000 }, (_, at) => {
    const angle = (at / 5000) * 2 * Math.PI;
    const radius = at % 2 === 0 ? 48 : 50;
    return `${(50 + radius * Math.cos(angle)).toFixed(2)} ${(50 + radius * Math.sin(angle)).toFixed(2)}`;
  });
  for (const item of file.library) if (item.shape) item.shape.outline = `M${points.join('L')}Z`;
  const heavy = request.post('/api/compute/composition', { data: file, timeout: 60_000 });
  // Meanwhile small requests are answered, whatever becomes of the heavy one.
  for (let look = 0; look < 5; look++) {
    const health = await request.get('/api/health', { timeout: 3000 });
    expect(health.status()).toBe(200);
  }
  expect([200, 422]).toContain((await heavy).status());
});

test('pages run only scripts that are named, and every file says what it is', async ({ page }) => {
  const refused: string[] = [];
  page.on('console', (message) => {
    if (/Content Security Policy/i.test(message.text())) refused.push(message.text());
  });
  for (const path of [
    '/',
    '/card/rain-day/base',
    '/card/rain-day/sheet',
    '/stash',
    '/team',
    '/buying',
  ]) {
    const answer = await page.goto(path);
    const policy = answer?.headers()['content-security-policy'] ?? '';
    expect(policy).toContain("form-action 'self'");
    expect(/script-src [^;]*/.exec(policy)?.[0]).not.toContain('unsafe-inline');
  }
  expect(refused).toEqual([]);
  const icon = await page.request.get('/favicon.svg');
  expect(icon.headers()['x-content-type-options']).toBe('nosniff');
  const elsewhere = await page.request.get('/favicon.svg', { headers: { host: 'evil.example' } });
  expect(elsewhere.status()).toBe(403);
});

test('an address where nothing is has a page that leads back', async ({ page }) => {
  const answer = await page.goto('/card/no-such-card/base');
  expect(answer?.status()).toBe(404);
  await page.getByRole('link', { name: 'Back to the Ledge' }).click();
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
});

test('the buying list says what is not planned yet, and prints once it is', async ({ page }) => {
  await page.addInitScript(() => {
    const printed = window as unknown as { printed: string[] };
    printed.printed = [];
    window.print = () => printed.printed.push(document.body.textContent ?? '');
  });
  await page.goto('/buying?release=night-tram');
  await page.getByRole('button', { name: 'Print' }).click();
  await expect
    .poll(() => page.evaluate(() => (window as unknown as { printed: string[] }).printed.length))
    .toBe(1);
  const [text = ''] = await page.evaluate(
    () => (window as unknown as { printed: string[] }).printed,
  );
  expect(text).not.toContain('Not complete yet');
  expect(text).toContain('sheet');
});

test('a sheet is taken along as a PDF that is as large as the sheet', async ({ page }) => {
  await page.goto('/card/rain-day/cut');
  const link = page.getByRole('button', { name: 'PDF at 1:1' }).first();
  const [download] = await Promise.all([page.waitForEvent('download'), link.click()]);
  expect(download.suggestedFilename()).toMatch(/^Rain-day-.*-sheet-1\.pdf$/);
  const text = readFileSync(await download.path(), 'latin1');
  expect(text.slice(0, 5)).toBe('%PDF-');
  expect(text).toMatch(/MediaBox \[0 0 (612 792|864 864|595\.28 841\.89)/);
});
