import type { Holding, Leftover } from './holding';
import type { Taking } from './taking';

/**
 * Takes from a holding as far as there is. What nobody counts stays uncounted.
 * @returns the holding afterwards, and what was really taken: given back, it makes the holding as before.
 */
export function takeFrom(
  holding: Holding,
  taking: Taking,
): { readonly holding: Holding; readonly taken: Taking } {
  const sheets = taking.sheets.map(({ sheet, count }) => {
    const owned = holding.sheets.find((each) => each.sheet === sheet)?.count ?? 0;
    return { sheet, count: Math.min(count, owned) };
  });
  const usedUp = taking.usedUp.flatMap((leftover) => {
    const owned = holding.leftovers.find(({ id }) => id === leftover.id);
    const count = Math.min(leftover.count, owned?.count ?? 0);
    return owned && count > 0 ? [{ ...owned, count }] : [];
  });
  const amount = Math.min(roundCount(taking.amount), holding.count ?? 0);
  const taken = { ...taking, sheets, usedUp, amount };
  return { holding: change(holding, taken, -1), taken };
}

/** Gives back what was taken, and takes away what it left over, as far as that is still there. */
export function giveBack(holding: Holding, taken: Taking): Holding {
  return change(holding, taken, 1);
}

/** Holdings as if what was taken out of them were still there. */
export function holdingsBefore(
  holdings: readonly Holding[],
  taken: readonly Taking[],
): readonly Holding[] {
  return holdings.map((holding) =>
    taken.filter(({ itemId }) => itemId === holding.itemId).reduce(giveBack, holding),
  );
}

function change(holding: Holding, taken: Taking, sign: 1 | -1): Holding {
  const added = sign === 1 ? taken.usedUp : taken.leftOver;
  const removed = sign === 1 ? taken.leftOver : taken.usedUp;
  return {
    ...holding,
    sheets: holding.sheets.map((each) => {
      const count = taken.sheets.find(({ sheet }) => sheet === each.sheet)?.count ?? 0;
      return { ...each, count: each.count === null ? null : each.count + sign * count };
    }),
    leftovers: mergeLeftovers(holding.leftovers, added, removed),
    count: holding.count === null ? null : roundCount(holding.count + sign * taken.amount),
  };
}

/** Metres and millilitres are kept to thousandths, so that floats leave no crumbs. */
const roundCount = (count: number) => Math.round(count * 1000) / 1000;

/** By id; one that is there already is counted up, one of which none remains is gone. */
function mergeLeftovers(
  leftovers: readonly Leftover[],
  added: readonly Leftover[],
  removed: readonly Leftover[],
): readonly Leftover[] {
  const countIn = (list: readonly Leftover[], id: string) =>
    list.find((each) => each.id === id)?.count ?? 0;
  const known = leftovers.map((each) => ({
    ...each,
    count: each.count + countIn(added, each.id) - countIn(removed, each.id),
  }));
  const fresh = added.filter(({ id }) => !leftovers.some((each) => each.id === id));
  return [...known.filter(({ count }) => count > 0), ...fresh].toSorted((a, b) =>
    a.id < b.id ? -1 : a.id > b.id ? 1 : 0,
  );
}
