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
import type { Save } from './unsaved';

const copies = (count: number): Edit => ({ kind: 'set-making', change: { copies: count } });
const rename = (title: string): Edit => ({ kind: 'set-about', change: { title } });
const saved = (revision: number): SaveReply => ({
  kind: 'saved',
  revision,
  plan: null,
  theirs: [],
});

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

/** Here edits of one kind disturb each other. */
const sameKind = (a: Edit, b: Edit) => a.kind === b.kind;

function startSaver(send: SaverOptions['send']) {
  const states: SaveState['kind'][] = [];
  const onTakeOver = vi.fn();
  const onRefused = vi.fn<SaverOptions['onRefused']>();
  const onUnsaved = vi.fn<(saves: readonly Save[]) => void>();
  let count = 0;
  const saver = new CardSaver({
    revision: 1,
    send,
    newId: () => `save-${++count}`,
    onState: ({ kind }) => states.push(kind),
    onTakeOver,
    onRefused,
    doCommute: (ours, theirs) =>
      !ours.some((each) => theirs.some((other) => sameKind(each, other))),
    onUnsaved,
  });
  return { saver, states, onTakeOver, onRefused, onUnsaved };
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
    const { saver, onTakeOver } = startSaver(async () => ({
      kind: 'saved',
      revision: 5,
      plan,
      theirs: [copies(3)],
    }));
    saver.add(rename('a'));
    await vi.advanceTimersByTimeAsync(500);
    expect(onTakeOver).toHaveBeenCalledWith(plan, [], [copies(3)]);
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

describe('what others saved meanwhile', () => {
  const newer = (theirs: readonly Edit[]) => ({ revision: 3, plan: fiveLayers(), theirs });

  it('is taken in at once where nothing of ours waits, or what waits leaves it alone', async () => {
    const send = vi.fn<SaverOptions['send']>().mockResolvedValue(saved(4));
    const { saver, onTakeOver } = startSaver(send);
    expect(saver.takeIn(newer([copies(3)]))).toBe(true);
    expect(saver.takeIn(newer([copies(3)]))).toBe(false);
    saver.add(rename('a'));
    expect(saver.takeIn({ ...newer([copies(4)]), revision: 4 })).toBe(true);
    expect(onTakeOver.mock.calls.map(([, pending]) => pending as unknown)).toEqual([
      [],
      [rename('a')],
    ]);
    await vi.advanceTimersByTimeAsync(500);
    expect(send.mock.calls[0]?.[0].baseRevision).toBe(4);
  });

  it('waits where ours touches the same or is on its way, so that nothing goes over it unseen', async () => {
    const { saver, onTakeOver } = startSaver(() => new Promise(() => {}));
    saver.add(rename('a'));
    expect(saver.takeIn(newer([rename('theirs')]))).toBe(false);
    await vi.advanceTimersByTimeAsync(500);
    expect(saver.takeIn(newer([copies(3)]))).toBe(false);
    expect(onTakeOver).not.toHaveBeenCalled();
  });

  it('that the reply to our save tells of stops us where what was typed since touches the same', async () => {
    const replies: ((reply: SaveReply) => void)[] = [];
    const { saver, states } = startSaver(() => new Promise((resolve) => replies.push(resolve)));
    saver.add(copies(2));
    await vi.advanceTimersByTimeAsync(500);
    saver.add(rename('mine'));
    replies[0]?.({ kind: 'saved', revision: 3, plan: fiveLayers(), theirs: [rename('theirs')] });
    await vi.advanceTimersByTimeAsync(2000);
    expect(states.at(-1)).toBe('conflict');
    expect(saver.isPending).toBe(true);
    expect(replies).toHaveLength(1);
  });
});

describe('what is not saved yet', () => {
  it('is told with the ids it is sent under, and told to be nothing once it is saved', async () => {
    const send = vi.fn<SaverOptions['send']>().mockResolvedValue(saved(2));
    const { saver, onUnsaved } = startSaver(send);
    saver.add(rename('a'));
    saver.add(rename('b'));
    const [kept] = onUnsaved.mock.lastCall?.[0] ?? [];
    await vi.advanceTimersByTimeAsync(500);
    expect(send.mock.calls[0]?.[0]).toEqual(kept);
    expect(onUnsaved.mock.lastCall?.[0]).toEqual([]);
  });

  it('is all there in its order while a save is on its way, and after a conflict', async () => {
    const send = vi.fn<SaverOptions['send']>();
    send.mockResolvedValue({ kind: 'conflict', revision: 4, plan: fiveLayers() });
    const { saver, onUnsaved } = startSaver(send);
    saver.add(rename('a'));
    await vi.advanceTimersByTimeAsync(500);
    saver.add(rename('b'));
    expect(onUnsaved.mock.lastCall?.[0].map(({ edits }) => edits)).toEqual([
      [rename('a')],
      [rename('b')],
    ]);
  });

  it('is asked for at once when the page is left, before anything is waited for', () => {
    const send = vi.fn<SaverOptions['send']>(() => new Promise(() => {}));
    const { saver } = startSaver(send);
    saver.add(rename('a'));
    void saver.flush();
    saver.stop();
    expect(send).toHaveBeenCalledOnce();
  });

  it('stays for the page that is loaded next where this one is of an older Nibwright', async () => {
    const { saver, states, onUnsaved } = startSaver(async () => ({ kind: 'old-page' }));
    saver.add(rename('a'));
    await vi.advanceTimersByTimeAsync(5000);
    expect(states.at(-1)).toBe('old-page');
    expect(onUnsaved.mock.lastCall?.[0]).toHaveLength(1);
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
      doCommute: () => true,
      onRefused: () => undefined,
    });
    saver.add(rename('a'));
    await vi.advanceTimersByTimeAsync(3000);
    expect(reasons).toEqual(['The disk is full.', 'The disk is full.']);
  });
});
