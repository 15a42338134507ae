import { useCallback, useState } from 'react';
import type { StandingPicture } from '../../core/compute/standingCard';

/** Pictures of cards by their ids. */
export type Pictures = Readonly<Record<string, StandingPicture>>;

/** As many as the server gives at once. */
const mostAtOnce = 60;

/**
 * The pictures that are known, and a way to ask for those of cards that are drawn now. Each is asked for once; what
 * could not be fetched is asked for again when it is drawn again.
 */
export function usePictures(
  readStart: () => Pictures,
): readonly [Pictures, (ids: readonly string[]) => void] {
  const [pictures, setPictures] = useState(readStart);
  const [asked] = useState(() => new Set(Object.keys(pictures)));
  const want = useCallback(
    (ids: readonly string[]) => {
      const missing = ids.filter((id) => !asked.has(id));
      for (let from = 0; from < missing.length; from += mostAtOnce) {
        const some = missing.slice(from, from + mostAtOnce);
        for (const id of some) asked.add(id);
        fetchPictures(some).then(
          (found) => setPictures((now) => ({ ...now, ...found })),
          () => some.forEach((id) => asked.delete(id)),
        );
      }
    },
    [asked],
  );
  return [pictures, want];
}

/** @throws Error where the server does not reply, or not with pictures. */
async function fetchPictures(ids: readonly string[]): Promise<Pictures> {
  const response = await fetch(`/api/pictures?cards=${ids.join(',')}`);
  if (!response.ok) throw new Error(`fetchPictures: ${response.status}`);
  const { pictures } = (await response.json()) as { readonly pictures: Pictures };
  return pictures;
}
