import { TICKS_PER_MILLIMETRE } from '../length/length';
import { ribbonLength, stuckLength } from '../measuring/ribbonLength';
import { adhesive, adhesiveIds, type AdhesiveId } from '../paper/adhesives';
import type { AdhesiveItem } from '../plan/libraryItem';
import { newestOf } from '../plan/library';
import { isHeldBy } from '../resolve/bond';
import { isRibbon, type Ribbon } from '../resolve/ribbonParts';
import { holdingOf } from '../stash/holdings';
import { adhesiveUnder } from './adhesiveAmount';
import { lackingOf, usesOf, type SupplyInput, type SupplyRow } from './supplyRow';

/** What sticks the pieces, by its kind: as much as they need, and what is noted beside. */
export function adhesiveRows(input: SupplyInput): readonly SupplyRow[] {
  const { plan, card } = input;
  return adhesiveIds.flatMap((id): SupplyRow[] => {
    const stuck = card.pieces.filter((piece) => isHeldBy(piece, id));
    const used = usesOf(input).filter(({ item }) => item.kind === 'adhesive' && item.glue === id);
    const ribbons = card.marks.filter(isRibbon).filter(({ piece }) => fixedBy[piece.fixing] === id);
    if (stuck.length === 0 && used.length === 0 && ribbons.length === 0) return [];
    const one =
      stuck.reduce((sum, piece) => sum + adhesiveUnder(piece, id, plan.habits), 0) +
      used.reduce((sum, { use }) => sum + use.amount, 0) +
      ribbons.reduce((sum, ribbon) => sum + underRibbon(ribbon, id, input), 0);
    const item = used[0]?.item ?? ownedAdhesive(id, input);
    const batch = one * plan.making.copies;
    const holding = item && holdingOf(input.holdings, item.id);
    const owned = holding ? (holding.isGone ? 0 : (holding.count ?? undefined)) : 0;
    return [
      {
        key: item?.id ?? `any ${id}`,
        group: 'adhesives',
        item,
        name: item?.name ?? adhesive(id).name,
        sheet: undefined,
        unit: adhesive(id).unit,
        one,
        batch,
        owned,
        lacking: lackingOf(batch, owned),
        price: holding?.price ?? undefined,
        letters: stuck.map(({ letter }) => letter),
        notes: used.map(({ use }) => use.note).filter(Boolean),
      },
    ];
  });
}

const fixedBy = { taped: 'tape', glued: 'liquid', tied: undefined } as const;

function underRibbon(ribbon: Ribbon, id: AdhesiveId, { plan, card }: SupplyInput): number {
  const metres = stuckLength(ribbon, ribbonLength(card, ribbon)) / (1000 * TICKS_PER_MILLIMETRE);
  return metres * plan.habits.adhesiveRates[id];
}

/** What the stash has of an adhesive, first by name what there is some of. */
function ownedAdhesive(
  id: AdhesiveId,
  { library, holdings }: SupplyInput,
): AdhesiveItem | undefined {
  const left = ({ id: item }: AdhesiveItem) => {
    const { count, isGone } = holdingOf(holdings, item);
    return isGone ? -1 : (count ?? Infinity);
  };
  return newestOf(library)
    .flatMap((item) => (item.kind === 'adhesive' && item.glue === id ? [item] : []))
    .filter((item) => left(item) >= 0)
    .toSorted(
      (a, b) =>
        Number(left(a) === 0) - Number(left(b) === 0) ||
        (a.name < b.name ? -1 : a.name > b.name ? 1 : 0),
    )[0];
}
