import type { AstroCookies } from 'astro';
import type { Unit } from '../core/length/length';
import type { Designer, Release } from '../core/plan/cardFile';
import { database } from './database';
import { listDesigners, listReleases, readHouse, type House } from './repositories/team';
import { readDesigner, readUnit } from './session';

/** What the Team page starts from. */
export interface TeamStart {
  readonly house: House;
  readonly designers: readonly Designer[];
  readonly releases: readonly Release[];
  readonly designerId: string | null;
  readonly unit: Unit;
}

/** Loads the house, the designers and the releases. */
export async function loadTeam(cookies: AstroCookies): Promise<TeamStart> {
  const db = await database();
  const [house, designers, releases] = await Promise.all([
    readHouse(db),
    listDesigners(db),
    listReleases(db),
  ]);
  const unit = readUnit(cookies) ?? house.habits.leadingUnit;
  return { house, designers, releases, designerId: readDesigner(cookies), unit };
}
