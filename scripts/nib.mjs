// The commands behind ./nib; imports nothing that has to be installed first.
import { spawn } from 'node:child_process';
import { ensureBrowser, ensureBuild, ensurePackages, environment, StepError } from './prepare.mjs';
import { runTests } from './run-tests.mjs';

const help = `Nibwright, for planning stamped cards.

  ./nib demo            start with the demo team's cards (kept in data-demo/ between runs)
  ./nib demo --fresh    start the demo anew
  ./nib start           start on your own cards (in data/)
  ./nib test            type check, lint, unit tests, build and browser tests
  ./nib help            this list

  PORT=4190 ./nib demo  on another port than 4180
`;

/** @param {NodeJS.ProcessEnv} settings */
function serve(settings) {
  ensurePackages();
  ensureBuild();
  const server = spawn(process.execPath, ['dist/serve.mjs'], {
    env: { ...environment, ...settings },
    stdio: 'inherit',
  });
  for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM']))
    process.on(signal, () => server.kill(signal));
  server.on('exit', (code) => process.exit(code ?? 0));
}

const [command = 'help', ...options] = process.argv.slice(2);
try {
  switch (command) {
    case 'demo':
      serve({
        NIBWRIGHT_DATA: process.env['NIBWRIGHT_DATA'] ?? 'data-demo',
        NIBWRIGHT_SEED: 'demo',
        NIBWRIGHT_FRESH: options.includes('--fresh') ? '1' : '',
      });
      break;
    case 'start':
      serve({ NIBWRIGHT_DATA: process.env['NIBWRIGHT_DATA'] ?? 'data', NIBWRIGHT_SEED: 'starter' });
      break;
    case 'test':
      ensurePackages();
      ensureBrowser();
      process.exitCode = runTests() ? 0 : 1;
      break;
    case 'help':
    case '--help':
      console.log(help);
      break;
    default:
      console.error(`There is no command '${command}'.\n\n${help}`);
      process.exitCode = 1;
  }
} catch (error) {
  if (!(error instanceof StepError)) throw error;
  console.error(error.message);
  if (command === 'test') console.log('0 passed, 1 failed');
  process.exitCode = 1;
}
