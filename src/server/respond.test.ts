import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { RefusalError, readJson, readText } from './respond';
import { readableId } from './newId';
import { guardRequest } from './requestGuard';

const request = (body: string) =>
  new Request('http://127.0.0.1/', {
    method: 'POST',
    body,
    headers: { 'content-type': 'application/json' },
  });

describe('reading a body', () => {
  const schema = z.strictObject({ edits: z.array(z.strictObject({ copies: z.number().int() })) });

  it('gives the path and the reason of the first thing wrong', async () => {
    const wrong = readJson(request('{"edits":[{"copies":1},{"copies":"two"}]}'), schema);
    await expect(wrong).rejects.toMatchObject({
      status: 400,
      reason: { path: 'edits.1.copies', message: expect.stringContaining('number') as string },
    });
    await expect(readJson(request('{'), schema)).rejects.toMatchObject({ status: 400 });
    await expect(readJson(request(''), schema)).rejects.toMatchObject({ status: 400 });
  });

  it('takes what is said to be JSON, and cleans its texts', async () => {
    const plain = new Request('http://127.0.0.1/', { method: 'POST', body: '{}' });
    await expect(readJson(plain, schema)).rejects.toMatchObject({ status: 415 });
    const named = z.object({ name: z.string() });
    expect(await readJson(request('{"name":"Rain\\u0000 day"}'), named)).toEqual({
      name: 'Rain day',
    });
    const deep = `${'['.repeat(5000)}${']'.repeat(5000)}`;
    await expect(readJson(request(deep), schema)).rejects.toMatchObject({ status: 400 });
  });

  it('stops at the limit and not before', async () => {
    expect(await readText(request('a'.repeat(100)), 100)).toHaveLength(100);
    const long = readText(request('ä'.repeat(60)), 100);
    await expect(long).rejects.toBeInstanceOf(RefusalError);
    await expect(readText(request('a'.repeat(101)), 100)).rejects.toMatchObject({ status: 413 });
  });
});

describe('who may ask', () => {
  it('answers this machine by its own names only', () => {
    for (const host of ['127.0.0.1:4180', 'localhost:4180', '[::1]:4180', 'localhost'])
      expect(guardRequest('GET', host, null)).toBeUndefined();
    for (const host of ['evil.example', '127.0.0.1.evil.example:4180', '', null])
      expect(guardRequest('GET', host, null)?.reason.message).toContain('this machine only');
  });

  it('takes changes from its own pages and from programs, not from other sites', () => {
    const host = '127.0.0.1:4180';
    expect(guardRequest('POST', host, 'http://127.0.0.1:4180')).toBeUndefined();
    expect(guardRequest('POST', host, null)).toBeUndefined();
    for (const origin of [
      'http://evil.example',
      'null',
      'http://127.0.0.1:9999',
      'https://127.0.0.1:4180',
    ])
      expect(guardRequest('POST', host, origin)).toBeDefined();
    expect(guardRequest('GET', host, 'http://evil.example')).toBeUndefined();
  });
});

describe('readable ids', () => {
  it.each(['Night Tram', 'Été', '漢字', '--', 'x'.repeat(90)])('fit the id pattern: %s', (name) => {
    expect(readableId(name)).toMatch(/^[a-z0-9][a-z0-9-]{0,39}$/);
  });
});
