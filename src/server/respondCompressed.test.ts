import { gunzipSync } from 'node:zlib';
import { expect, it, vi } from 'vitest';
import { respondCompressed } from './respondCompressed';

const ask = (headers: Record<string, string>) =>
  new Request('http://127.0.0.1/api/ledge', { headers });
const packed = ask({ 'accept-encoding': 'gzip, br' });

it('writes and compresses a version once, whoever asks for it', async () => {
  const write = vi.fn(() => '{"cards":[]}');
  const replies = await Promise.all([1, 2].map(() => respondCompressed(packed, 'a', '1', write)));
  for (const reply of replies) {
    expect(reply.headers.get('content-encoding')).toBe('gzip');
    expect(gunzipSync(await reply.arrayBuffer()).toString()).toBe('{"cards":[]}');
  }
  expect(write).toHaveBeenCalledTimes(1);
  await respondCompressed(packed, 'a', '2', write);
  expect(write).toHaveBeenCalledTimes(2);
});

it('tells a browser that it has it, and gives plain text to who cannot unpack', async () => {
  const plain = await respondCompressed(ask({}), 'b', '1', () => 'plain');
  expect(await plain.text()).toBe('plain');
  const etag = plain.headers.get('etag') ?? '';
  const again = await respondCompressed(ask({ 'if-none-match': etag }), 'b', '1', () => 'plain');
  expect(again.status).toBe(304);
  const newer = await respondCompressed(ask({ 'if-none-match': etag }), 'b', '2', () => 'newer');
  expect(newer.status).toBe(200);
});

it('does not keep what could not be written', async () => {
  const fails = () => Promise.reject(new Error('the database is away'));
  await expect(respondCompressed(packed, 'c', '1', fails)).rejects.toThrow('away');
  const later = await respondCompressed(packed, 'c', '1', () => 'there again');
  expect(gunzipSync(await later.arrayBuffer()).toString()).toBe('there again');
});
