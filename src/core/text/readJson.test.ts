import { describe, expect, it } from 'vitest';
import { cleanJson, deepestJson, readJson } from './readJson';

describe('JSON that is taken in', () => {
  it('is cleaned in every text, keys too', () => {
    const read = readJson('{"a\\u0000":["x\\u0000",{"b":"\\ud83d"}],"n":1}');
    expect(read).toEqual({ ok: true, value: { a: ['x', { b: '' }], n: 1 } });
  });

  it('comes back as it is where it was clean', () => {
    const value = { a: ['x', { b: 'y' }], n: null };
    expect(cleanJson(value)).toBe(value);
  });

  it.each([deepestJson, deepestJson + 1, 5000, 200_000])(
    'nested %i deep ends in an answer',
    (depth) => {
      const read = readJson(`${'['.repeat(depth)}${']'.repeat(depth)}`);
      expect(read).toEqual(
        depth <= deepestJson
          ? expect.objectContaining({ ok: true })
          : { ok: false, code: 'too-deep' },
      );
    },
  );

  it('keeps a key that is also the name of a method', () => {
    const read = readJson('{"__proto__":1,"constructor":2}');
    expect(read.ok && Object.keys(read.value as object)).toEqual(['__proto__', 'constructor']);
  });
});
