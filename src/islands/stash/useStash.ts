import { useCallback, useRef, useState } from 'react';
import type { LibraryId } from '../../core/plan/ids';
import type { LibraryItem } from '../../core/plan/libraryItem';
import type { Library } from '../../core/plan/library';
import type { Holding } from '../../core/stash/holding';
import { emptyHolding } from '../../core/stash/holdings';
import type { StashChange } from '../../core/stash/stashChange';
import { postJson } from '../wire/postJson';

export interface StashState {
  readonly items: ReadonlyMap<LibraryId, LibraryItem>;
  readonly holdings: ReadonlyMap<LibraryId, Holding>;
  /** A sentence on what could not be kept; undefined while all is. */
  readonly failure: string | undefined;
  readonly isSaving: boolean;
  readonly canUndo: boolean;
  /** Shows changes at once and keeps them; what cannot be kept is taken back. */
  readonly change: (changes: readonly StashChange[]) => Promise<boolean>;
  readonly undo: () => void;
}

/** The stash as it is shown and kept: changes go one after the other, and each can be undone. */
export function useStash(start: {
  readonly library: Library;
  readonly holdings: readonly Holding[];
}): StashState {
  const [items, setItems] = useState(() => new Map(start.library.map((item) => [item.id, item])));
  const [holdings, setHoldings] = useState(
    () => new Map(start.holdings.map((holding) => [holding.itemId, holding])),
  );
  const [failure, setFailure] = useState<string>();
  const [waiting, setWaiting] = useState(0);
  const [undoable, setUndoable] = useState<readonly (readonly StashChange[])[]>([]);
  const latest = useRef({ items, holdings });
  const queue = useRef<Promise<unknown>>(Promise.resolve());

  const show = useCallback((changes: readonly StashChange[]) => {
    const next = {
      items: new Map(latest.current.items),
      holdings: new Map(latest.current.holdings),
    };
    for (const { itemId, item, holding } of changes) {
      if (item) next.items.set(itemId, item);
      if (holding) next.holdings.set(itemId, holding);
    }
    latest.current = next;
    setItems(next.items);
    setHoldings(next.holdings);
  }, []);

  const send = useCallback(
    (changes: readonly StashChange[], inverse: readonly StashChange[]): Promise<boolean> => {
      show(changes);
      setWaiting((count) => count + 1);
      const sent = queue.current.then(async () => {
        const reply = await postJson(
          '/api/stash',
          {
            changes,
          },
          'stash',
        );
        setWaiting((count) => count - 1);
        setFailure(reply.ok ? undefined : `That is not kept. ${reply.message}`);
        show(reply.ok ? reply.body.items.map((item) => ({ itemId: item.id, item })) : inverse);
        return reply.ok;
      });
      queue.current = sent;
      return sent;
    },
    [show],
  );

  const change = useCallback(
    async (changes: readonly StashChange[]) => {
      const inverse = inverseOf(changes, latest.current);
      const isKept = await send(changes, inverse);
      if (isKept) setUndoable((steps) => [...steps.slice(-99), inverse]);
      return isKept;
    },
    [send],
  );
  const undo = useCallback(() => {
    const last = undoable.at(-1);
    if (!last) return;
    setUndoable(undoable.slice(0, -1));
    void send(last, inverseOf(last, latest.current));
  }, [undoable, send]);

  return {
    items,
    holdings,
    failure,
    isSaving: waiting > 0,
    canUndo: undoable.length > 0,
    change,
    undo,
  };
}

/** What makes everything as it was; a thing that was not there before is gone again. */
export function inverseOf(
  changes: readonly StashChange[],
  { items, holdings }: Pick<StashState, 'items' | 'holdings'>,
): readonly StashChange[] {
  return changes.map(({ itemId, item, holding }) => {
    const before = items.get(itemId);
    const held = holdings.get(itemId) ?? emptyHolding(itemId);
    if (!before) return { itemId, holding: { ...held, isGone: true } };
    return { itemId, ...(item && { item: before }), ...(holding && { holding: held }) };
  });
}
