import type { AstroCookies } from 'astro';
import type { Unit } from '../core/length/length';
import type { Evenings } from '../core/plan/evenings';
import type { Designer, Release } from '../core/plan/cardFile';
import { database } from './database';
import {
  listDesigners,
  listReleases,
  readEvenings,
  readHouse,
  type House,
} from './repositories/team';
import { readDesigner, readUnit } from './session';

/** What the Team page starts from. */
export interface TeamStart {
  readonly house: House;
  readonly designers: readonly Designer[];
  readonly releases: readonly Release[];
  readonly designerId: string | null;
  /** When they work; null where they have not said. */
  readonly evenings: Evenings | null;
  readonly unit: Unit;
}

/** Loads the house, the designers and the releases. */
export async function loadTeam(cookies: AstroCookies): Promise<TeamStart> {
  const db = await database();
  const designerId = readDesigner(cookies);
  const [house, designers, releases, evenings] = await Promise.all([
    readHouse(db),
    listDesigners(db),
    listReleases(db),
    readEvenings(db, designerId),
  ]);
  const unit = readUnit(cookies) ?? house.habits.leadingUnit;
  return { house, designers, releases, designerId, evenings, unit };
}
