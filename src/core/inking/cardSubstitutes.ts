import { coloursOf, isColourItem } from '../kinds/coat';
import { itemsOf, mapItems } from '../kinds/kinds';
import { combinationItems, mapCombination } from '../kinds/sourceItems';
import type { Edit } from '../plan/edit';
import { editBetween } from '../plan/editBetween';
import { findItem, type Library } from '../plan/library';
import type { Ink, LibraryRef, Medium } from '../plan/libraryItem';
import type { Plan } from '../plan/plan';
import type { Holding } from '../stash/holding';
import { isHolding } from '../stash/isHolding';
import { nearestColours, type NearColour } from './nearestColours';

/** An ink or medium of a card that is not there, and the nearest that is. */
export interface ColourSubstitute {
  readonly missing: Ink | Medium;
  /** Undefined where nothing of its kind is there. */
  readonly instead: NearColour<Ink | Medium> | undefined;
}

/** A card with what is there in the place of what is not. */
export interface CardSubstitutes {
  readonly all: readonly ColourSubstitute[];
  readonly edit: Edit;
  readonly plan: Plan;
}

/**
 * For each ink and medium of a card that is not there the nearest of the same kind that is, seen on the paper of the base, and
 * the card with them all.
 * @returns undefined where nothing is missing
 */
export function cardSubstitutes(
  plan: Plan,
  library: Library,
  holdings: readonly Holding[],
  paper: string,
): CardSubstitutes | undefined {
  const used = [...plan.pieces.flatMap(itemsOf), ...plan.combinations.flatMap(combinationItems)];
  const missing = new Map<string, Ink | Medium>();
  for (const ref of used) {
    const item = findItem(library, ref);
    if (!isColourItem(item) || (item.kind !== 'ink' && item.kind !== 'medium')) continue;
    if (!isHolding(holdings, item.id)) missing.set(item.id, item);
  }
  if (missing.size === 0) return undefined;
  const there = coloursOf(library).filter(({ id }) => isHolding(holdings, id));
  const all = [...missing.values()].map((item): ColourSubstitute => {
    const alike = there.filter((each) => each.kind === item.kind && sortOf(each) === sortOf(item));
    return { missing: item, instead: nearestColours(item.colour, alike, 1, paper)[0] };
  });
  const map = (ref: LibraryRef): LibraryRef => {
    const instead = all.find((each) => each.missing.id === ref.id)?.instead?.item;
    return instead ? { id: instead.id, version: instead.version } : ref;
  };
  const next: Plan = {
    ...plan,
    pieces: plan.pieces.map((piece) => mapItems(piece, map)),
    combinations: plan.combinations.map((each) => mapCombination(each, map)),
  };
  return { all, edit: editBetween(plan, next), plan: next };
}

const sortOf = (item: Ink | Medium) => (item.kind === 'ink' ? item.ink : item.medium);
