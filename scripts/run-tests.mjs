// Runs every check and adds them up: type check, lint and build count one each.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { ensureBuild, environment, run, StepError } from './prepare.mjs';

const reports = '.nib';

/**
 * @typedef {{ passed: number, failed: number, skipped?: number, names?: readonly string[], flaky?: readonly string[] }} Result
 * `names` are those of the tests that failed, `flaky` of those that passed on a second try only
 */

/** @returns {boolean} whether all passed; what failed is named, and the last line printed is `N passed, N failed` */
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
      const {
        numPassedTests: passed,
        numFailedTests: failed,
        numPendingTests: skipped,
        testResults,
      } = JSON.parse(readFileSync(report, 'utf8'));
      // Left out where this machine has no PostgreSQL server, or lets no small disk be made.
      return { ...sound(passed, failed, ended), skipped, names: failedUnits(testResults) };
    }),
    step('Browser tests', () => {
      const report = `${reports}/playwright.json`;
      rmSync(report, { force: true });
      const ended = run('npx', ['playwright', 'test', '--reporter=list,json'], {
        env: { ...environment, PLAYWRIGHT_JSON_OUTPUT_NAME: report },
      });
      if (!existsSync(report)) return { passed: 0, failed: 1 };
      const { stats, suites } = JSON.parse(readFileSync(report, 'utf8'));
      const { expected, unexpected, flaky, skipped } = stats;
      return {
        // A skipped browser test has checked nothing, so it counts as failed.
        ...sound(expected + flaky, unexpected + skipped, ended),
        names: specsOf(suites, ({ ok }) => !ok),
        flaky: specsOf(suites, isFlaky),
      };
    }),
  ];
  const passed = results.reduce((sum, result) => sum + result.passed, 0);
  const failed = results.reduce((sum, result) => sum + result.failed, 0);
  for (const name of results.flatMap(({ flaky = [] }) => flaky))
    console.log(`Passed on a second try only: ${name}`);
  for (const name of results.flatMap(({ names = [] }) => names)) console.log(`Failed: ${name}`);
  const skipped = results.reduce((sum, result) => sum + (result.skipped ?? 0), 0);
  console.log(`${passed} passed, ${failed} failed${skipped > 0 ? `, ${skipped} skipped` : ''}`);
  return failed === 0;
}

/**
 * @param {string} name
 * @param {() => Result} check
 * @returns {Result} with names for what failed, were it only the step's own
 */
function step(name, check) {
  console.log(`\n${name}`);
  const { passed, failed, skipped = 0, names = [], flaky = [] } = check();
  return {
    passed,
    failed,
    skipped,
    flaky,
    names: failed > 0 && names.length === 0 ? [name] : names,
  };
}

/** @param {{ assertionResults: { status: string, fullName: string }[] }[]} files */
function failedUnits(files) {
  return files.flatMap(({ assertionResults }) =>
    assertionResults.filter(({ status }) => status === 'failed').map(({ fullName }) => fullName),
  );
}

/**
 * @typedef {{ ok: boolean, file: string, line: number, title: string, tests: { status: string }[] }} Spec
 * @typedef {{ specs: Spec[], suites?: Suite[] }} Suite
 * @param {Suite[]} suites
 * @param {(spec: Spec) => boolean} isWanted
 * @returns {string[]}
 */
function specsOf(suites, isWanted) {
  return suites.flatMap(({ specs, suites: inner = [] }) => [
    ...specs.filter(isWanted).map(({ file, line, title }) => `${file}:${line} ${title}`),
    ...specsOf(inner, isWanted),
  ]);
}

/** @param {Spec} spec */
function isFlaky({ tests }) {
  return tests.some(({ status }) => status === 'flaky');
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
