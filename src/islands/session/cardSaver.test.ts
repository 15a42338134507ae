import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { fiveLayers } from '../../../test/support/plans';
import type { Edit } from '../../core/plan/edit';
import {
  CardSaver,
  NotNowError,
  type SaveReply,
  type SaverOptions,
  type SaveState,
} from './cardSaver';

const rename = (title: string): Edit => ({ kind: 'set-about', change: { title } });
const saved = (revision: number): SaveReply => ({ kind: 'saved', revision, plan: null });

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

function startSaver(send: SaverOptions['send']) {
  const states: SaveState['kind'][] = [];
  const onTakeOver = vi.fn();
  const onRefused = vi.fn<SaverOptions['onRefused']>();
  let count = 0;
  const saver = new CardSaver({
    revision: 1,
    send,
    newId: () => `save-${++count}`,
    onState: ({ kind }) => states.push(kind),
    onTakeOver,
    onRefused,
  });
  return { saver, states, onTakeOver, onRefused };
}

describe('saving', () => {
  it('sends once, half a second after the last edit, all edits in order', async () => {
    const send = vi.fn<SaverOptions['send']>().mockResolvedValue(saved(2));
    const { saver, states } = startSaver(send);
    saver.add(rename('a'));
    await vi.advanceTimersByTimeAsync(400);
    saver.add(rename('b'));
    await vi.advanceTimersByTimeAsync(499);
    expect(send).not.toHaveBeenCalled();
    await vi.advanceTimersByTimeAsync(1);
    expect(send.mock.calls).toEqual([
      [{ saveId: 'save-1', baseRevision: 1, edits: [rename('a'), rename('b')] }],
    ]);
    expect(states.at(-1)).toBe('saved');
    expect(saver.isPending).toBe(false);
  });

  it('never sends two at once, and starts the next from the reply of the first', async () => {
    const replies: ((reply: SaveReply) => void)[] = [];
    const send = vi.fn<SaverOptions['send']>(() => new Promise((resolve) => replies.push(resolve)));
    const { saver, states } = startSaver(send);
    saver.add(rename('a'));
    await vi.advanceTimersByTimeAsync(500);
    saver.add(rename('b'));
    await vi.advanceTimersByTimeAsync(5000);
    expect(send).toHaveBeenCalledTimes(1);
    replies[0]?.(saved(7));
    await vi.advanceTimersByTimeAsync(0);
    expect(send.mock.calls[1]?.[0]).toEqual({
      saveId: 'save-2',
      baseRevision: 7,
      edits: [rename('b')],
    });
    expect(states).not.toContain('saved');
    replies[1]?.(saved(8));
    await vi.advanceTimersByTimeAsync(0);
    expect(states.at(-1)).toBe('saved');
  });

  it('sends a save that got no reply again under the same id', async () => {
    const send = vi.fn<SaverOptions['send']>();
    send.mockRejectedValueOnce(new Error('no reply')).mockResolvedValue(saved(2));
    const { saver, states } = startSaver(send);
    saver.add(rename('a'));
    await vi.advanceTimersByTimeAsync(500);
    expect(states.at(-1)).toBe('retrying');
    await vi.advanceTimersByTimeAsync(2000);
    expect(send.mock.calls[1]).toEqual(send.mock.calls[0]);
    expect(states.at(-1)).toBe('saved');
  });

  it('sends at once when asked, and nothing when nothing waits', async () => {
    const send = vi.fn<SaverOptions['send']>().mockResolvedValue(saved(2));
    const { saver } = startSaver(send);
    await saver.flush();
    expect(send).not.toHaveBeenCalled();
    saver.add(rename('a'));
    await saver.flush();
    expect(send).toHaveBeenCalledTimes(1);
  });
});

describe('saving at once', () => {
  it('waits for the save on its way and sends the rest after it', async () => {
    const replies: ((reply: SaveReply) => void)[] = [];
    const send = vi.fn<SaverOptions['send']>(() => new Promise((resolve) => replies.push(resolve)));
    const { saver } = startSaver(send);
    saver.add(rename('a'));
    await vi.advanceTimersByTimeAsync(500);
    saver.add(rename('b'));
    let isFlushed = false;
    const flushed = saver.flush().then(() => {
      isFlushed = true;
    });
    await vi.advanceTimersByTimeAsync(0);
    expect({ calls: send.mock.calls.length, isFlushed }).toEqual({ calls: 1, isFlushed: false });
    replies[0]?.(saved(2));
    await vi.advanceTimersByTimeAsync(0);
    expect({ calls: send.mock.calls.length, isFlushed }).toEqual({ calls: 2, isFlushed: false });
    replies[1]?.(saved(3));
    await flushed;
    expect(saver.isPending).toBe(false);
  });

  it('settles with something pending where no reply comes', async () => {
    const { saver, states } = startSaver(() => Promise.reject(new Error('no reply')));
    saver.add(rename('a'));
    await saver.flush();
    expect(saver.isPending).toBe(true);
    expect(states.at(-1)).toBe('retrying');
  });
});

describe('others at the same card', () => {
  it('hands over their plan with what of ours is not in it yet', async () => {
    const plan = fiveLayers();
    const { saver, onTakeOver } = startSaver(async () => ({ kind: 'saved', revision: 5, plan }));
    saver.add(rename('a'));
    await vi.advanceTimersByTimeAsync(500);
    expect(onTakeOver).toHaveBeenCalledWith(plan, []);
  });

  it('stops at a conflict, keeps what is not saved, and goes on afresh after the choice', async () => {
    const send = vi.fn<SaverOptions['send']>();
    send.mockResolvedValueOnce({ kind: 'conflict', revision: 4, plan: fiveLayers() });
    send.mockResolvedValue(saved(5));
    const { saver, states } = startSaver(send);
    saver.add(rename('a'));
    await vi.advanceTimersByTimeAsync(500);
    saver.add(rename('b'));
    await vi.advanceTimersByTimeAsync(9000);
    expect(send).toHaveBeenCalledTimes(1);
    expect(states.at(-1)).toBe('conflict');
    expect(saver.isPending).toBe(true);
    saver.restart(4);
    expect(saver.isPending).toBe(false);
    saver.add(rename('c'));
    await vi.advanceTimersByTimeAsync(500);
    expect(send.mock.calls[1]?.[0]).toMatchObject({ baseRevision: 4, edits: [rename('c')] });
  });
});

describe('an edit that cannot be kept', () => {
  const isBad = (edits: readonly Edit[]) =>
    edits.some((edit) => JSON.stringify(edit) === JSON.stringify(rename('bad')));

  it('is left out alone, told once, and holds nothing up', async () => {
    const kept: Edit[] = [];
    const send = vi.fn<SaverOptions['send']>(async ({ edits }) => {
      if (isBad(edits)) return { kind: 'refused', message: 'No such title.' };
      kept.push(...edits);
      return saved(1 + kept.length);
    });
    const { saver, states, onRefused } = startSaver(send);
    saver.add(rename('a'));
    saver.add(rename('bad'));
    saver.add(rename('b'));
    await vi.advanceTimersByTimeAsync(500);
    saver.add(rename('c'));
    await vi.advanceTimersByTimeAsync(5000);
    expect(kept).toEqual([rename('a'), rename('b'), rename('c')]);
    expect(onRefused.mock.calls.map(([refused]) => refused)).toEqual([
      { edit: rename('bad'), message: 'No such title.' },
    ]);
    expect(states.at(-1)).toBe('saved');
    expect(saver.isPending).toBe(false);
    // Whole, then each alone, then what was typed meanwhile: nothing is sent for ever.
    expect(send).toHaveBeenCalledTimes(5);
  });

  it('is told with what of ours is still to be saved', async () => {
    const { saver, onRefused } = startSaver(async ({ edits }) =>
      isBad(edits) ? { kind: 'refused', message: '' } : saved(2),
    );
    saver.add(rename('bad'));
    saver.add(rename('b'));
    await vi.advanceTimersByTimeAsync(600);
    expect(onRefused).toHaveBeenCalledWith({ edit: rename('bad'), message: '' }, [rename('b')]);
  });

  it('stops where nothing of the card is taken any more, and where the disk is full says so', async () => {
    const gone = startSaver(async () => ({ kind: 'stopped', message: 'There is no such card.' }));
    gone.saver.add(rename('a'));
    await vi.advanceTimersByTimeAsync(9000);
    expect(gone.states.at(-1)).toBe('stopped');
    expect(gone.saver.isPending).toBe(true);

    const reasons: (string | undefined)[] = [];
    const saver = new CardSaver({
      revision: 1,
      send: () => Promise.reject(new NotNowError('The disk is full.')),
      newId: () => 'save',
      onState: (state) => {
        if (state.kind === 'retrying') reasons.push(state.reason);
      },
      onTakeOver: () => undefined,
      onRefused: () => undefined,
    });
    saver.add(rename('a'));
    await vi.advanceTimersByTimeAsync(3000);
    expect(reasons).toEqual(['The disk is full.', 'The disk is full.']);
  });
});
