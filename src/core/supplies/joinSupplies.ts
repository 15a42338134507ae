import { listOf, type SupplyList } from './supplyList';
import { lackingOf, supplyGroups, type SupplyRow } from './supplyRow';

/**
 * The lists of several cards as one to buy from. What two cards take of one thing is added up, and
 * compared with the stash once. `paper` is that of all cards cut together, which may be fewer sheets
 * than each for itself.
 */
export function joinSupplies(
  lists: readonly SupplyList[],
  paper: readonly SupplyRow[],
): SupplyList {
  const rows = new Map<string, SupplyRow>();
  for (const row of lists.flatMap((list) => list.rows)) {
    if (row.group === 'paper') continue;
    const before = rows.get(row.key);
    rows.set(row.key, before ? addRows(before, row) : { ...row, letters: [] });
  }
  const all = [...rows.values(), ...paper];
  return listOf(
    supplyGroups.flatMap((group) => all.filter((row) => row.group === group)),
    lists.reduce((sum, { copies }) => sum + copies, 0),
  );
}

function addRows(a: SupplyRow, b: SupplyRow): SupplyRow {
  const notes = [...new Set([...a.notes, ...b.notes])];
  if (a.unit === 'use' && b.unit === 'use') return { ...a, notes };
  const used = a.unit === 'use' ? b : a;
  const batch = (a.batch ?? 0) + (b.batch ?? 0);
  return {
    ...used,
    one: undefined,
    batch,
    lacking: lackingOf(batch, used.owned),
    letters: [],
    notes,
  };
}
