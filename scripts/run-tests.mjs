// Runs every check and adds them up: type check, lint and build count one each.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { ensureBuild, environment, run, StepError } from './prepare.mjs';

const reports = '.nib';

/** @returns {boolean} whether all passed; the last line printed is `N passed, N failed` */
export function runTests() {
  mkdirSync(reports, { recursive: true });
  const results = [
    step('Type check', () => one(run('npm', ['run', '--silent', 'check']))),
    step('Lint', () => one(run('npm', ['run', '--silent', 'lint']))),
    step('Build', () => {
      try {
        ensureBuild();
        return one(true);
      } catch (error) {
        if (error instanceof StepError) console.error(error.message);
        else throw error;
        return one(false);
      }
    }),
    step('Unit and server tests', () => {
      const report = `${reports}/vitest.json`;
      rmSync(report, { force: true });
      const ended = run('npx', [
        'vitest',
        'run',
        '--reporter=default',
        '--reporter=json',
        `--outputFile.json=${report}`,
      ]);
      if (!existsSync(report)) return { passed: 0, failed: 1 };
      const { numPassedTests: passed, numFailedTests: failed } = JSON.parse(
        readFileSync(report, 'utf8'),
      );
      return sound(passed, failed, ended);
    }),
    step('Browser tests', () => {
      const report = `${reports}/playwright.json`;
      rmSync(report, { force: true });
      const ended = run('npx', ['playwright', 'test', '--reporter=list,json'], {
        env: { ...environment, PLAYWRIGHT_JSON_OUTPUT_NAME: report },
      });
      if (!existsSync(report)) return { passed: 0, failed: 1 };
      const { expected, unexpected, flaky, skipped } = JSON.parse(
        readFileSync(report, 'utf8'),
      ).stats;
      // A skipped browser test has checked nothing, so it counts as failed.
      return sound(expected + flaky, unexpected + skipped, ended);
    }),
  ];
  const passed = results.reduce((sum, result) => sum + result.passed, 0);
  const failed = results.reduce((sum, result) => sum + result.failed, 0);
  console.log(`${passed} passed, ${failed} failed`);
  return failed === 0;
}

/**
 * @param {string} name
 * @param {() => { passed: number, failed: number }} check
 */
function step(name, check) {
  console.log(`\n${name}`);
  return check();
}

/** @param {boolean} passed */
function one(passed) {
  return { passed: passed ? 1 : 0, failed: passed ? 0 : 1 };
}

/**
 * A run that ended badly, or ran nothing, has failed even when no single test did.
 * @param {number} passed @param {number} failed @param {boolean} ended
 */
function sound(passed, failed, ended) {
  return { passed, failed: failed === 0 && (!ended || passed === 0) ? 1 : failed };
}
