import { useEffect, useRef, useState } from 'react';
import type { CardFile } from '../../core/plan/cardFile';
import { fetchCardFile } from '../wire/fetchCardFile';

export interface CardFiles {
  readonly files: ReadonlyMap<string, CardFile>;
  /** Cards that could not be read. */
  readonly failed: readonly string[];
}

/** The files of chosen cards, each fetched once. */
export function useCardFiles(ids: readonly string[]): CardFiles {
  const [state, setState] = useState<CardFiles>({ files: new Map(), failed: [] });
  const asked = useRef(new Set<string>());
  useEffect(() => {
    for (const id of ids) {
      if (asked.current.has(id)) continue;
      asked.current.add(id);
      void fetchCardFile(id).then((file) =>
        setState(({ files, failed }) =>
          file
            ? { files: new Map([...files, [id, file]]), failed }
            : { files, failed: [...failed, id] },
        ),
      );
    }
  }, [ids]);
  return state;
}
