import type { AstroCookies } from 'astro';
import { computeCard } from '../core/compute/computeCard';
import type { Finding } from '../core/findings/finding';
import type { Release } from '../core/plan/cardFile';
import { cardIdSchema } from '../core/plan/ids';
import type { Library } from '../core/plan/library';
import type { CutBatch } from '../core/cutting/cutBatch';
import type { Plan } from '../core/plan/plan';
import type { Unit } from '../core/length/length';
import type { Holding } from '../core/stash/holding';
import { database } from './database';
import { outlinePoints } from '../core/resolve/outlinePoints';
import { usedLibrary } from '../core/kinds/usedLibrary';
import { libraryOf } from './exportCard';
import { findCard } from './repositories/cards';
import { findBatch } from './repositories/cutBatches';
import { readHoldings } from './repositories/stash';
import { listReleases } from './repositories/team';
import { readUnit } from './session';

/** What the workbench starts from. */
export interface WorkbenchStart {
  readonly cardId: string;
  readonly plan: Plan;
  readonly revision: number;
  readonly library: Library;
  readonly releases: readonly Release[];
  /** The unit this person leads with, else the card's own. */
  readonly unit: Unit;
  readonly isBinned: boolean;
  readonly holdings: readonly Holding[];
  /** The accepted cut plan and the work done on it. */
  readonly batch: CutBatch | null;
  /** What the rules find; left out for a heavy card. */
  readonly findings?: readonly Finding[];
}

/** A card for the workbench; one that is heavy is drawn by the browser alone, so that others need not wait for it here. */
export interface LoadedWorkbench {
  readonly start: WorkbenchStart;
  readonly isHeavy: boolean;
}

/** Points of outlines beyond which a card is heavy: a hundred times what the cards of the demo have. */
const mostPoints = 50_000;

/** Loads a card for the workbench; undefined when there is no such card. */
export async function loadWorkbench(
  id: string | undefined,
  cookies: AstroCookies,
): Promise<LoadedWorkbench | undefined> {
  const cardId = cardIdSchema.safeParse(id);
  if (!cardId.success) return undefined;
  const db = await database();
  const card = await findCard(db, cardId.data);
  if (!card) return undefined;
  const [library, releases, holdings, batch] = await Promise.all([
    libraryOf(db, card),
    listReleases(db),
    readHoldings(db),
    findBatch(db, card.id),
  ]);
  const used = usedLibrary(card.plan, library);
  const isHeavy = outlinePoints(card.plan, used) > mostPoints;
  const start: WorkbenchStart = {
    cardId: card.id,
    plan: card.plan,
    revision: card.revision,
    library,
    releases,
    unit: readUnit(cookies) ?? card.plan.habits.leadingUnit,
    isBinned: card.binnedAt !== null,
    holdings,
    batch: batch ?? null,
    ...(!isHeavy && { findings: computeCard(card.plan, library).findings }),
  };
  return { start, isHeavy };
}
