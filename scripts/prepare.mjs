// Brings a checkout into a state that runs: packages from the lock, a fresh build, a browser for tests.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const stamps = '.nib';
const browser = '/usr/bin/chromium';
export const environment = { ...process.env, ASTRO_TELEMETRY_DISABLED: '1' };

/** A step failed; the message says what to do. */
export class StepError extends Error {}

/**
 * Runs a command and shows its output unless asked not to.
 * @param {string} command
 * @param {readonly string[]} args
 * @param {{ quiet?: boolean, env?: NodeJS.ProcessEnv }} [options]
 * @returns {boolean} whether it ended well
 */
export function run(command, args, { quiet = false, env = environment } = {}) {
  const result = spawnSync(command, args, {
    env,
    stdio: quiet ? ['ignore', 'pipe', 'pipe'] : ['ignore', 'inherit', 'inherit'],
    maxBuffer: 1 << 28,
  });
  if (quiet && result.status !== 0)
    process.stdout.write(`${result.stdout ?? ''}${result.stderr ?? ''}`);
  return result.status === 0;
}

/**
 * Whether a version, such as '20.10.0', is another one or later.
 * @param {string} version
 * @param {string} needed
 */
export function isAtLeast(version, needed) {
  return version.localeCompare(needed, 'en', { numeric: true }) >= 0;
}

/** Installs the packages of the lock file when they changed or are missing. */
export function ensurePackages() {
  const needed = JSON.parse(readFileSync('package.json', 'utf8')).engines.node.replace('>=', '');
  if (!isAtLeast(process.versions.node, needed))
    throw new StepError(
      `Nibwright needs Node.js ${needed} or later; this is ${process.versions.node}. Update it, then try again.`,
    );
  const lock = digest([readFileSync('package-lock.json'), readFileSync('package.json')]);
  if (existsSync('node_modules/astro') && stampIs('packages', lock)) return;
  console.log('Installing packages (1 to 2 minutes the first time).');
  // Not `npm ci`: it wants every platform's optional binaries in the lock.
  if (!run('npm', ['install', '--no-audit', '--no-fund', '--loglevel=error'], { quiet: true }))
    throw new StepError(
      'npm install failed; the reason stands above. Check the network, then try again.',
    );
  stamp('packages', digest([readFileSync('package-lock.json'), readFileSync('package.json')]));
}

/** Builds when a source is newer than the last build. */
export function ensureBuild() {
  const sources = digest(
    ['src', 'public', 'scripts', 'astro.config.mjs', 'tsconfig.json', 'package-lock.json']
      .flatMap(filesBelow)
      .map((file) => `${file} ${createHash('sha256').update(readFileSync(file)).digest('hex')}\n`),
  );
  if (existsSync('dist/serve.mjs') && stampIs('build', sources)) return;
  console.log('Building (half a minute).');
  if (!run('npm', ['run', '--silent', 'build'], { quiet: true }))
    throw new StepError('The build failed; the reason stands above.');
  stamp('build', sources);
}

/** Makes sure there is a Chromium for the browser tests, from Debian's packages where it may. */
export function ensureBrowser() {
  if (existsSync(browser)) return;
  installPackage('chromium');
  if (!existsSync(browser))
    throw new StepError(
      `The browser tests need Chromium at ${browser}. Install the package chromium, then try again.`,
    );
}

/** Makes sure there is a PostgreSQL server to test with, where it may; where there is none those tests are left out. */
export function ensurePostgres() {
  if (!existsSync('/usr/lib/postgresql')) installPackage('postgresql');
}

/** @param {string} name of one of Debian's packages */
function installPackage(name) {
  const mayInstall = process.getuid?.() === 0 && existsSync('/usr/bin/apt-get');
  if (!mayInstall) return;
  console.log(`Installing ${name} from Debian’s packages.`);
  run('apt-get', ['update', '-qq'], { quiet: true });
  run('apt-get', ['install', '-y', '-qq', name], {
    quiet: true,
    env: { ...environment, DEBIAN_FRONTEND: 'noninteractive' },
  });
}

/**
 * @param {string} path
 * @returns {string[]} the files below a folder in a fixed order, or the file itself
 */
function filesBelow(path) {
  if (!existsSync(path)) return [];
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesBelow(join(path, name)));
}

/** @param {readonly (string | Buffer)[]} parts */
function digest(parts) {
  const hash = createHash('sha256');
  for (const part of parts) hash.update(part);
  return hash.digest('hex');
}

/** @param {string} name @param {string} value */
function stampIs(name, value) {
  const file = join(stamps, `${name}.stamp`);
  return existsSync(file) && readFileSync(file, 'utf8') === value;
}

/** @param {string} name @param {string} value */
function stamp(name, value) {
  mkdirSync(stamps, { recursive: true });
  writeFileSync(join(stamps, `${name}.stamp`), value);
}
