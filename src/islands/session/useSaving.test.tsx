import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { measure, pieceOn, planOf } from '../../../test/support/plans';
import { changePiece } from '../../core/plan/pieceEdits';
import type { HouseEvent } from '../../core/replies/replies';
import type { Reply } from '../wire/readReply';
import type { SaveReply } from './cardSaver';
import { useSaving } from './useSaving';

/** What the house and the server say, when the test has them say it. */
const house = vi.hoisted(() => ({
  say: undefined as ((event: unknown) => void) | undefined,
  asked: [] as string[],
  answers: [] as ((reply: unknown) => void)[],
  saves: [] as ((reply: unknown) => void)[],
}));
vi.mock('../parts/whenIdle', () => ({
  whenIdle: (work: () => void) => {
    work();
    return () => undefined;
  },
}));
vi.mock('../wire/houseStream', () => ({
  joinHouse: (_: string, onEvent: (event: HouseEvent) => void) => {
    house.say = onEvent as (event: unknown) => void;
    return () => undefined;
  },
}));
vi.mock('../wire/postJson', () => ({
  getJson: (path: string) => {
    house.asked.push(path);
    return new Promise((resolve) => house.answers.push(resolve));
  },
}));
vi.mock('./sendSave', () => ({
  sendSave: () => new Promise((resolve) => house.saves.push(resolve)),
}));
vi.mock('./unsaved', () => ({
  UnsavedKeeper: class {
    keep() {}
  },
}));
vi.mock('./recoverUnsaved', () => ({ recoverUnsaved: () => Promise.resolve([]) }));
vi.mock('./sendUnsaved', () => ({ sendUnsaved: () => Promise.resolve([]) }));
afterEach(cleanup);

const panel = pieceOn('front', 'panel', measure('3', '4'));
const mat = pieceOn('front', 'mat', measure('2', '2'));
const plan = planOf([panel, mat]);
const theirs = changePiece(mat, { name: 'theirs' });

it('asks again for what others saved where it came while a save of one’s own was on its way', async () => {
  const onPlan = vi.fn();
  const options = { cardId: 'card', plan, revision: 1, build: '', planHere: () => plan, onPlan };
  const { result } = renderHook(() => useSaving(options));
  await waitFor(() => expect(house.say).toBeDefined());
  await act(async () => {
    house.say?.({ kind: 'hello', build: '' });
    result.current.add(changePiece(panel, { name: 'mine' }));
    await Promise.resolve();
  });
  void result.current.flush();
  await waitFor(() => expect(house.saves).toHaveLength(1));
  // Mine was the second revision; the third, another's, is told before the reply to mine.
  const since: Reply<'since'> = { ok: true, body: { revision: 3, plan, theirs: [theirs] } };
  const saved = { kind: 'saved', revision: 2 } as SaveReply;
  await act(async () => {
    house.answers[0]?.(since);
    await Promise.resolve();
    house.saves[0]?.(saved);
  });
  await waitFor(() => expect(house.asked).toHaveLength(2));
  expect(house.asked[1]).toBe('/api/cards/card/edits?after=2');
  await act(async () => {
    house.answers[1]?.(since);
    await Promise.resolve();
  });
  expect(onPlan).toHaveBeenCalledWith(plan, [theirs]);
});
