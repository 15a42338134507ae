import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readCardFile } from '../../src/core/plan/cardFile';
import { demoCardFiles } from './demoCards';

describe('the cards of the demo', () => {
  const files = demoCardFiles();

  it('are made from their descriptions as they are kept', () => {
    const kept = readdirSync('demo/cards').sort();
    expect([...files.keys()].map((id) => `${id}.nibwright.json`).sort()).toEqual(kept);
    for (const [id, text] of files)
      expect(text, id).toBe(readFileSync(`demo/cards/${id}.nibwright.json`, 'utf8'));
  });

  it('are card files that can be read', () => {
    for (const [id, text] of files) expect(readCardFile(text), id).toMatchObject({ ok: true });
  });
});
