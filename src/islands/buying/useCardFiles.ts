import { useEffect, useRef, useState } from 'react';
import type { CardFile } from '../../core/plan/cardFile';

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
      void fetchFile(id).then((file) =>
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

async function fetchFile(id: string): Promise<CardFile | undefined> {
  try {
    // The schemas come with the first file, not with the page.
    const [response, { readCardFile }] = await Promise.all([
      fetch(`/api/cards/${id}/card.nibwright.json`),
      import('../../core/plan/cardFile'),
    ]);
    if (!response.ok) return undefined;
    const read = readCardFile(await response.text());
    return read.ok ? read.file : undefined;
  } catch {
    return undefined;
  }
}
