import type { AstroCookies } from 'astro';
import type { Unit } from '../core/length/length';
import { newestOf, type Library } from '../core/plan/library';
import type { AheadOfCard } from '../core/replies/aheadOfCard';
import type { Holding } from '../core/stash/holding';
import { database } from './database';
import { readLibrary } from './repositories/library';
import { listAhead } from './repositories/madeAhead';
import { readHoldings } from './repositories/stash';
import { readHouse } from './repositories/team';
import { readUnit } from './session';

/** What the Stash starts from. */
export interface StashStart {
  readonly team: string;
  readonly library: Library;
  readonly holdings: readonly Holding[];
  /** What is made ahead of cards. */
  readonly ahead: readonly AheadOfCard[];
  readonly unit: Unit;
}

/** Loads every item in its newest version, and what there is of it. */
export async function loadStash(cookies: AstroCookies): Promise<StashStart> {
  const db = await database();
  const [house, library, holdings, ahead] = await Promise.all([
    readHouse(db),
    readLibrary(db),
    readHoldings(db),
    listAhead(db),
  ]);
  const unit = readUnit(cookies) ?? house.habits.leadingUnit;
  return { team: house.name, library: newestOf(library), holdings, ahead, unit };
}
