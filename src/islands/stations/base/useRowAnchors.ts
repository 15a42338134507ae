import { useLayoutEffect, useState, type RefObject } from 'react';

/** Half the height of a row, and of the first line of a ticket. */
const firstLine = 19;

/**
 * The height of each row's first line below the top of the column, measured after every drawing of
 * it: rows are found by their `data-row`.
 */
export function useRowAnchors(column: RefObject<HTMLElement | null>): ReadonlyMap<string, number> {
  const [anchors, setAnchors] = useState<ReadonlyMap<string, number>>(new Map());
  // After every drawing, since any of them may move a row; equal anchors end it.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  useLayoutEffect(() => {
    if (!column.current) return;
    const top = column.current.getBoundingClientRect().top;
    const rows = [...column.current.querySelectorAll<HTMLElement>('[data-row]')];
    const next = new Map(
      rows.map((row) => [
        row.dataset['row'] ?? '',
        Math.round(row.getBoundingClientRect().top - top) + firstLine,
      ]),
    );
    setAnchors((now) => (sameAnchors(now, next) ? now : next));
  });
  return anchors;
}

function sameAnchors(a: ReadonlyMap<string, number>, b: ReadonlyMap<string, number>): boolean {
  return a.size === b.size && [...a].every(([row, y]) => b.get(row) === y);
}
