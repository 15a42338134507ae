import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { isAtLeast } from '../../scripts/prepare.mjs';

/** What a command says, and how it ends; none of these starts anything. */
function nib(...words: readonly string[]) {
  const { status, stdout, stderr } = spawnSync('./nib', words, { encoding: 'utf8' });
  return { status, said: `${stdout}${stderr}` };
}

describe('./nib', () => {
  it.each([[['--help']], [['help']], [['demo', '--help']], [['restore', '-h']]])(
    'lists its commands and starts nothing: %s',
    (words) => {
      const { status, said } = nib(...words);
      expect(status).toBe(0);
      expect(said).toContain('./nib demo --fresh');
    },
  );

  it('tells its version', () => {
    const { version } = JSON.parse(readFileSync('package.json', 'utf8')) as { version: string };
    expect(nib('--version')).toEqual({ status: 0, said: `${version}\n` });
  });

  it.each([
    [['demo', '--frsh'], 'There is no option --frsh. ./nib demo knows --fresh.'],
    [['start', '--fresh'], './nib start has no options.'],
    [['start', 'now'], "'now' says nothing to ./nib start."],
    [['strat'], "There is no command 'strat'."],
    [['restore'], 'Give the path of a backup: ./nib restore FILE'],
    [['toString'], "There is no command 'toString'."],
  ])('refuses %s in a sentence and starts nothing', (words, sentence) => {
    const { status, said } = nib(...words);
    expect(status).toBe(1);
    expect(said).toContain(sentence);
  });

  it('needs a Node.js that the packages need, to the minor version', () => {
    expect(isAtLeast('20.3.0', '20.3')).toBe(true);
    expect(isAtLeast('20.10.1', '20.3')).toBe(true);
    expect(isAtLeast('20.0.0', '20.3')).toBe(false);
    expect(isAtLeast('9.11.2', '20.3')).toBe(false);
  });
});
