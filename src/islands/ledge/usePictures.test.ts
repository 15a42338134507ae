import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { usePictures } from './usePictures';

const fetched = vi.fn<(path: string) => Promise<Response>>();
const answerAll = async (path: string) => {
  const ids = (new URL(path, 'http://127.0.0.1').searchParams.get('cards') ?? '').split(',');
  return Response.json({ pictures: Object.fromEntries(ids.map((id) => [id, []])) });
};

beforeEach(() => {
  fetched.mockReset().mockImplementation(answerAll);
  vi.stubGlobal('fetch', fetched);
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const open = () => renderHook(() => usePictures(() => ({ beans: [] })));
type Opened = ReturnType<typeof open>;
const want = ({ result }: Opened, ...ids: readonly string[]) =>
  act(async () => result.current[1](ids));
const known = ({ result }: Opened) => Object.keys(result.current[0]);

it('asks once for what is drawn and not known yet', async () => {
  const opened = open();
  await want(opened, 'beans', 'rain');
  await want(opened, 'beans', 'rain', 'tram');
  expect(fetched.mock.calls).toEqual([['/api/pictures?cards=rain'], ['/api/pictures?cards=tram']]);
  expect(known(opened)).toEqual(['beans', 'rain', 'tram']);
});

it('asks for no more at once than the server gives', async () => {
  const opened = open();
  await want(opened, ...Array.from({ length: 70 }, (_, index) => `c${index}`));
  expect(fetched).toHaveBeenCalledTimes(2);
  expect(known(opened)).toHaveLength(71);
});

it('asks again where the server did not reply', async () => {
  const opened = open();
  fetched.mockRejectedValueOnce(new Error('gone'));
  await want(opened, 'rain');
  expect(known(opened)).toEqual(['beans']);
  await want(opened, 'rain');
  expect(known(opened)).toEqual(['beans', 'rain']);
});
