import { useCallback, useEffect, useRef, useState } from 'react';
import { findItem, type Library } from '../../core/plan/library';
import type { LibraryItem, LibraryRef } from '../../core/plan/libraryItem';
import type { Holding } from '../../core/stash/holding';
import { whenIdle } from '../parts/whenIdle';
import type { StashPart } from '../wire/fetchStash';

/** Comes when it is first needed, not with the page. */
const fetching = () => import('../wire/fetchStash');

export interface KnownStashStart {
  readonly library: Library;
  readonly isStashWhole: boolean;
  readonly holdings: readonly Holding[];
}

export interface KnownStash {
  readonly library: Library;
  readonly holdings: readonly Holding[];
  /** False while the rest of the stash is on its way: what can be chosen is not complete yet. */
  readonly isWhole: boolean;
  /** Brings the rest now, as somebody looks for something in it; nothing where it is there or on its way. */
  readonly bringRest: () => void;
  /** Fetches what of these is not known yet: what others put on the card, or what stood on it once. */
  readonly need: (refs: readonly LibraryRef[]) => void;
  readonly addItem: (item: LibraryItem) => void;
  readonly changeHoldings: (changed: readonly Holding[]) => void;
}

/** What the stash holds as this page knows it: first what the card uses, the rest when the page has time. */
export function useKnownStash(start: KnownStashStart): KnownStash {
  const [library, setLibrary] = useState(start.library);
  const [holdings, setHoldings] = useState(start.holdings);
  const [isWhole, setWhole] = useState(start.isStashWhole);
  const changeHoldings = useCallback(
    (changed: readonly Holding[]) => setHoldings((now) => withHoldings(now, changed)),
    [],
  );
  const take = useCallback((part: StashPart) => {
    setLibrary((now) => withItems(now, part.items));
    // What was changed here is newer than what was on its way.
    setHoldings((now) => withHoldings(part.holdings, now));
  }, []);
  const isAsked = useRef(start.isStashWhole);
  const bringRest = useCallback(() => {
    if (isAsked.current) return;
    isAsked.current = true;
    fetching()
      .then(({ fetchWholeStash }) => fetchWholeStash())
      .then(
        (part) => {
          take(part);
          setWhole(true);
        },
        () => {
          isAsked.current = false;
        },
      );
  }, [take]);
  useEffect(() => whenIdle(bringRest), [bringRest]);

  const sought = useRef(new Set<string>());
  const need = useCallback(
    (refs: readonly LibraryRef[]) => {
      const unknown = refs
        .filter((ref) => !findItem(library, ref) && !sought.current.has(ref.id))
        .map(({ id }) => id);
      if (unknown.length === 0) return;
      for (const id of unknown) sought.current.add(id);
      const ids = [...new Set(unknown)];
      fetching()
        .then(({ fetchVersions }) => fetchVersions(ids))
        .then(take, () => {
          for (const id of unknown) sought.current.delete(id);
        });
    },
    [library, take],
  );
  return {
    library,
    holdings,
    isWhole,
    bringRest,
    need,
    addItem: useCallback((item) => setLibrary((now) => withItems(now, [item])), []),
    changeHoldings,
  };
}

function withItems(library: Library, more: readonly LibraryItem[]): Library {
  const news = more.filter((item) => !findItem(library, item));
  return news.length === 0 ? library : [...library, ...news];
}

/** Holdings with others in place of those of the same items. */
function withHoldings(
  holdings: readonly Holding[],
  changed: readonly Holding[],
): readonly Holding[] {
  const ids = new Set(changed.map(({ itemId }) => itemId));
  return [...holdings.filter(({ itemId }) => !ids.has(itemId)), ...changed];
}
