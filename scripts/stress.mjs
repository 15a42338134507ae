// Kills, floods, garbles and fills: `npm run stress`, after a build. Not part of the tests; bounded in count and time,
// and only ever on 127.0.0.1. Prints what docs/reliability.md tells.
import { execFileSync } from 'node:child_process';
import { once } from 'node:events';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { ensureBuild } from './prepare.mjs';
import { seeded, startDemo } from './stress-server.mjs';

const port = 4196;
const address = `http://127.0.0.1:${port}`;
const json = { 'content-type': 'application/json' };

/** @param {string} saveId @param {number} baseRevision @param {string} notes */
function save(saveId, baseRevision, notes) {
  return fetch(`${address}/api/cards/rain-day/edits`, {
    method: 'POST',
    headers: json,
    body: JSON.stringify({
      saveId,
      baseRevision,
      edits: [{ kind: 'set-about', change: { notes } }],
    }),
  });
}

async function storedNotes() {
  const file = await (await fetch(`${address}/api/cards/rain-day/card.nibwright.json`)).json();
  return Number(file.plan.about.notes || '0');
}

/** Kills the server in the middle of saving, again and again. @param {string} folder @param {number} rounds */
async function kills(folder, rounds) {
  const random = seeded(41);
  let [typed, acknowledged, lost, last] = [0, 0, 0, 0];
  for (let round = 0; round <= rounds; round++) {
    const { child } = await startDemo(folder, port);
    const ended = once(child, 'exit');
    if ((await storedNotes()) < last) lost++;
    const { revisions } = await (await fetch(`${address}/api/cards/rain-day/revisions`)).json();
    let revision = revisions.at(-1).number;
    // The last start only looks.
    let end = round === rounds ? 0 : Infinity;
    while (performance.now() < end) {
      typed++;
      const answer = await save(`kill-${typed}`, revision, String(typed)).catch(() => undefined);
      const body = answer?.ok ? await answer.json().catch(() => undefined) : undefined;
      if (!body) break;
      [revision, last] = [body.revision, typed];
      acknowledged++;
      if (end === Infinity) {
        end = performance.now() + 60_000;
        setTimeout(() => child.kill('SIGKILL'), 50 + random() * 700);
      }
    }
    if (round === rounds) child.kill('SIGTERM');
    await ended;
  }
  return { rounds, acknowledged, lost };
}

/** Asks for everything at once. @param {number} count */
async function flood(count) {
  const problem = {
    sheet: { w: 136, h: 176 },
    timeLimitSeconds: 1,
    pieces: Array.from({ length: 40 }, (_, at) => ({
      id: `p${at}`,
      w: 20 + ((at * 37) % 90),
      h: 15 + ((at * 53) % 100),
      copies: 9,
    })),
  };
  /** @type {Record<string, number>} */
  const statuses = {};
  const asked = Array.from({ length: count }, async (_, at) => {
    const answer = await fetch(`${address}/api/compute/cutting`, {
      method: 'POST',
      headers: { ...json, 'x-client': `flood ${at % 7}` },
      body: JSON.stringify(problem),
    });
    await answer.text();
    statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
  });
  const waits = [];
  for (let look = 0; look < 20; look++) {
    const from = performance.now();
    await (await fetch(`${address}/`)).text();
    await (await save(`flood-${look}`, 1_000_000, 'x')).text();
    waits.push(performance.now() - from);
    await wait(100);
  }
  await Promise.all(asked);
  waits.sort((a, b) => a - b);
  return {
    asked: count,
    statuses,
    'page and save meanwhile, median ms': Math.round(waits[10] ?? 0),
    'longest ms': Math.round(waits.at(-1) ?? 0),
  };
}

const nasty = [
  'constructor', '__proto__', 'toString', '\u0000', '\ud83d', '\u202e', '<script>alert(1)</script>', "' or 1=1 --",
  '../../etc/passwd', '%00', '9'.repeat(400), '-1', '1e999', 'NaN', '', ' ', '½', '💌'.repeat(50), 'Z', 'M0 0A0 0',
]; // prettier-ignore

/** Sends what no page of ours would. @param {number} count */
async function fuzz(count) {
  const random = seeded(7);
  const pick = (/** @type {readonly any[]} */ list) => list[Math.floor(random() * list.length)];
  const card = await (await fetch(`${address}/api/cards/rain-day/card.nibwright.json`)).json();
  const paths = [
    ...['resolve', 'lengths', 'cutting', 'supplies', 'composition', 'places', 'none'].map((each) => `/api/compute/${each}`),
    ...['edits', 'copy', 'bin', 'batch', 'taking'].map((each) => `/api/cards/rain-day/${each}`),
    ...['cards', 'cards/import', 'stash', 'stocks', 'die-sets', 'designers', 'releases', 'house', 'templates', 'bin/empty'].map((each) => `/api/${each}`),
  ]; // prettier-ignore
  /** @returns {any} */
  const value = (depth = 0) => {
    const kind = random();
    if (kind < 0.35 || depth > 3) return pick(nasty);
    if (kind < 0.5) return pick([0, -1, 1.5, 1e308, 2 ** 53, null, true]);
    if (kind < 0.75)
      return Array.from({ length: Math.floor(random() * 4) }, () => value(depth + 1));
    return Object.fromEntries(
      Array.from({ length: Math.floor(random() * 5) }, () => [
        pick(['texts', 'file', 'plan', 'pieces', 'edits', 'sheet', 'w', 'h', 'title', 'name', 'constructor', '__proto__', 'obstacles', 'changes']),
        value(depth + 1),
      ]),
    ); // prettier-ignore
  };
  /** A card file with one thing in it replaced. @returns {any} */
  const broken = () => {
    const copy = structuredClone(card);
    let at = copy;
    for (let step = 0; step < 6; step++) {
      const key = pick(Object.keys(at));
      if (key === undefined) break;
      if (typeof at[key] === 'object' && at[key] !== null && random() < 0.8) at = at[key];
      else {
        at[key] = value(2);
        break;
      }
    }
    return copy;
  };
  /** @type {Record<string, number>} */
  const statuses = {};
  let traces = 0;
  for (let done = 0; done < count; done += 8)
    await Promise.all(
      Array.from({ length: 8 }, async () => {
        const kind = random();
        const body =
          kind < 0.1
            ? '['.repeat(Math.floor(random() * 9000))
            : JSON.stringify(kind < 0.5 ? value() : kind < 0.75 ? broken() : { file: broken() });
        const path = pick(paths);
        const answer = await fetch(`${address}${path}`, {
          method: pick(['POST', 'POST', 'POST', 'POST', 'PUT', 'DELETE']),
          headers: { ...json, 'x-client': `fuzz ${Math.floor(random() * 9)}` },
          body,
        });
        const text = await answer.text();
        statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
        if (/\n {4}at |node_modules/.test(text)) traces++;
        if (answer.status >= 500 && answer.status !== 503)
          console.log(`  ${answer.status} ${path} ${body.slice(0, 300)}`);
      }),
    );
  return { requests: count, statuses, 'stack traces': traces };
}

/** Fills the disk the data lies on, and empties it again. @param {string} folder */
async function fill(folder) {
  const disk = join(folder, 'disk');
  mkdirSync(disk);
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=300m', 'tmpfs', disk], { stdio: 'ignore' });
  } catch {
    return 'left out: this machine lets no small disk be made';
  }
  try {
    const { child } = await startDemo(join(disk, 'data'), port);
    let [revision, kept, refused] = [1, 0, 0];
    const notes = 'x'.repeat(9000);
    execFileSync('fallocate', ['-l', '90m', join(disk, 'ballast')]);
    for (let at = 1; at <= 4000 && refused === 0; at++) {
      const answer = await save(`fill-${at}`, revision, `${at} ${notes}`);
      const body = await answer.json();
      if (answer.ok) [revision, kept] = [body.revision, at];
      else refused = answer.status;
      // What others write on the same disk.
      if (at % 20 === 0)
        execFileSync('fallocate', ['-l', String(9e7 + at * 2e5), join(disk, 'ballast')]);
    }
    rmSync(join(disk, 'ballast'));
    await wait(1000);
    const after = (await save('room again', revision, 'room')).status;
    child.kill('SIGTERM');
    await once(child, 'exit');
    const again = await startDemo(join(disk, 'data'), port);
    again.child.kill('SIGTERM');
    await once(again.child, 'exit');
    return {
      'saved before it was full': kept,
      'then answered': refused,
      'with room again': after,
      'opened again': true,
    };
  } finally {
    execFileSync('umount', ['-l', disk], { stdio: 'ignore' });
  }
}

ensureBuild();
const work = mkdtempSync(join(tmpdir(), 'nibwright-stress-'));
try {
  console.log('Kills in the middle of saving', await kills(join(work, 'kills'), 30));
  const { child, said } = await startDemo(join(work, 'flood'), port);
  console.log('A flood of computations', await flood(300));
  console.log('Garbage', await fuzz(4000));
  child.kill('SIGTERM');
  await once(child, 'exit');
  const faults = said().match(/^(GET|POST|PUT|DELETE) \/api.*$/gm) ?? [];
  console.log('Faults in the log', faults.length, faults.slice(0, 5));
  console.log('A full disk', await fill(work));
} finally {
  rmSync(work, { recursive: true, force: true });
}
