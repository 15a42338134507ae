// A large team on one Nibwright: ten thousand cards, three thousand items, fifty people who save and look at the Ledge.
import { execFile, spawn } from 'node:child_process';
import { readFile, rm, mkdir } from 'node:fs/promises';
import { Agent, request } from 'node:http';
import { promisify } from 'node:util';
import { openBrowser } from '../scripts/demo-server.mjs';
import { makeTeam } from './makeTeam.mjs';

const run = promisify(execFile);
const port = 4193;
const address = `http://127.0.0.1:${port}`;
const folder = '.nib/bench-team';
const size = { cards: 10_000, items: 3000, people: 50, releases: 60, saves: 3 };
const [saveEvery, ledgeEvery, workFor] = [3000, 20_000, 60_000];

const seconds = (/** @type {number} */ since) => Math.round((performance.now() - since) / 100) / 10;
const pause = (/** @type {number} */ ms) => new Promise((done) => setTimeout(done, ms));

/** Makes the team, restores it, and measures what its people wait for. */
export async function benchTeam() {
  await rm(folder, { recursive: true, force: true });
  await mkdir('.nib', { recursive: true });
  const file = `${folder}.jsonl`;
  await makeTeam(file, size);
  const restoring = performance.now();
  const env = { ...process.env, NIBWRIGHT_DATA: folder, DATABASE_URL: '', PORT: String(port) };
  await run(process.execPath, ['dist/backup.mjs', 'restore', file], { env });
  console.log(`Restoring ${size.cards} cards and ${size.items} items: ${seconds(restoring)} s`);
  await rm(file);

  let server = await start(env);
  const standing = performance.now();
  while ((await (await fetch(`${address}/api/ledge`)).text()).includes('"failure":"'))
    await pause(1000);
  console.log(`All cards computed for the Ledge, once: ${seconds(standing)} s`);
  await server.stop();

  const starting = performance.now();
  server = await start(env);
  console.log(`Starting again: ${seconds(starting)} s`);
  try {
    console.log('Opening a screen, cold cache (target: the Ledge live under 1000 ms)');
    console.table(
      await openScreens(['/', '/', '/card/made-up-7/base', '/buying?release=release-3']),
    );
    const before = await server.processor();
    for (let at = 0; at < 20; at++) await (await fetch(`${address}/?a=${at}`)).text();
    const each = ((await server.processor()) - before) / 20;
    console.log(`Processor for a Ledge that changed: ${each.toFixed(3)} s (target 0.15)`);
    console.log(
      `Fifty people for ${workFor / 1000} s, ms (target: no errors, saves under 300 at 99 %)`,
    );
    console.table(await work());
    console.log('A backup meanwhile, ms (target: none waits over 100)');
    console.table([await backup(server)]);
  } finally {
    await server.stop();
    await rm(folder, { recursive: true, force: true });
  }
}

/** @param {NodeJS.ProcessEnv} env */
async function start(env) {
  const child = spawn(process.execPath, ['dist/serve.mjs'], {
    env,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise((done, fail) => {
    child.stdout.on('data', (data) => String(data).includes('is ready') && done(undefined));
    child.once('exit', (code) => fail(new Error(`the server ended with ${code}`)));
  });
  const read = async (/** @type {string} */ name) =>
    String(await readFile(`/proc/${child.pid}/${name}`));
  return {
    /** Seconds of processor so far. */
    processor: async () => {
      const [, , ...fields] = (await read('stat')).split(') ').join(' ').split(' ');
      return (Number(fields[11]) + Number(fields[12])) / 100;
    },
    /** Megabytes in memory. */
    memory: async () => Number(/VmRSS:\s+(\d+)/.exec(await read('status'))?.[1]) / 1000,
    stop: () =>
      new Promise((done) => {
        child.once('exit', done);
        child.kill('SIGINT');
      }),
  };
}

/** @param {readonly string[]} paths */
async function openScreens(paths) {
  const browser = await openBrowser();
  const opened = [];
  for (const path of paths) {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const from = performance.now();
    await page.goto(`${address}${path}`, { waitUntil: 'commit' });
    await page.locator('main[aria-busy=false]').waitFor();
    const live = Math.round(performance.now() - from);
    opened.push({ path, 'live ms': live });
    await page.close();
  }
  await browser.close();
  return opened;
}

/** Fifty people, each at a card of their own, who save and look at the Ledge. */
async function work() {
  const until = performance.now() + workFor;
  /** @type {Record<string, number[]>} */
  const took = { saves: [], ledges: [], lists: [] };
  let errors = 0;
  // What browsers do with a reply they do on other machines, so nothing is unpacked here.
  const agent = new Agent({ keepAlive: true });
  /** @param {string} kind @param {string} path @param {object} [body] @returns {Promise<string>} */
  const ask = (kind, path, body) =>
    new Promise((done) => {
      const from = performance.now();
      const headers = { 'content-type': 'application/json', 'accept-encoding': 'gzip' };
      const method = body ? 'POST' : 'GET';
      const asking = request(`${address}${path}`, { agent, method, headers }, (reply) => {
        let text = '';
        reply.on('data', (part) => (text += body ? String(part) : ''));
        reply.on('end', () => {
          took[kind]?.push(performance.now() - from);
          if (reply.statusCode !== 200) errors++;
          done(text);
        });
      });
      asking.on('error', () => {
        errors++;
        done('');
      });
      asking.end(body && JSON.stringify(body));
    });
  const person = async (/** @type {number} */ number) => {
    await pause((number / size.people) * saveEvery);
    let revision = size.saves + 1;
    let ledgeAt = performance.now() + (number / size.people) * ledgeEvery;
    for (let save = 0; performance.now() < until; save++) {
      const next = performance.now() + saveEvery;
      const edits = [{ kind: 'set-about', change: { notes: `Note ${save}` } }];
      const body = { saveId: `bench-${number}-${save}`, baseRevision: revision, edits };
      const reply = await ask('saves', `/api/cards/made-up-${number}/edits`, body);
      revision =
        /** @type {{ revision?: number }} */ (JSON.parse(reply || '{}')).revision ?? revision;
      if (performance.now() > ledgeAt) {
        ledgeAt += ledgeEvery;
        await ask('ledges', '/');
        await ask('lists', '/api/ledge');
      }
      await pause(Math.max(0, next - performance.now()));
    }
  };
  await Promise.all(Array.from({ length: size.people }, (_, number) => person(number)));
  return Object.entries(took).map(([kind, times]) => ({ kind, ...spread(times), errors }));
}

/** @param {Awaited<ReturnType<typeof start>>} server */
async function backup(server) {
  const before = await server.memory();
  let most = before;
  let isDone = false;
  const from = performance.now();
  const packed = fetch(`${address}/api/backup`)
    .then((response) => response.arrayBuffer())
    .finally(() => (isDone = true));
  /** @type {number[]} */
  const waits = [];
  while (!isDone) {
    const asked = performance.now();
    await (await fetch(`${address}/api/health`)).text();
    waits.push(performance.now() - asked);
    most = Math.max(most, await server.memory());
    await pause(20);
  }
  const megabytes = Math.round((await packed).byteLength / 1e6);
  return {
    seconds: seconds(from),
    megabytes,
    ...spread(waits),
    'MB more': Math.round(most - before),
  };
}

/** @param {number[]} times in ms */
function spread(times) {
  const sorted = times.toSorted((a, b) => a - b);
  const at = (/** @type {number} */ share) =>
    Math.round(sorted[Math.floor(share * (sorted.length - 1))] ?? 0);
  return { count: times.length, median: at(0.5), '99 %': at(0.99), longest: at(1) };
}
