import type { AstroCookies } from 'astro';
import { computeCard } from '../core/compute/computeCard';
import { cardIdSchema } from '../core/plan/ids';
import type { WorkbenchStart } from '../core/replies/workbenchStart';
import { build } from './build';
import { database } from './database';
import { outlinePoints } from '../core/resolve/outlinePoints';
import { usedLibrary } from '../core/kinds/usedLibrary';
import { libraryOf } from './exportCard';
import { findCard } from './repositories/cards';
import { findBatch } from './repositories/cutBatches';
import { findWork } from './repositories/workBatches';
import { findAhead } from './repositories/madeAhead';
import { countItems } from './repositories/library';
import { readHoldings } from './repositories/stash';
import { mostWholeStash } from './stashSize';
import { listReleases, readEvenings, readHouse } from './repositories/team';
import { readDesigner, readUnit } from './session';

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
  const isStashWhole = (await countItems(db)) <= mostWholeStash;
  const [library, releases, batch, house, work, ahead, evenings] = await Promise.all([
    libraryOf(db, card, isStashWhole),
    listReleases(db),
    findBatch(db, card.id),
    readHouse(db),
    findWork(db, card.id),
    findAhead(db, card.id),
    readEvenings(db, card.plan.about.designerId ?? readDesigner(cookies)),
  ]);
  const items = [...new Set(library.map((item) => item.id))];
  const holdings = await readHoldings(db, isStashWhole ? undefined : items);
  const used = usedLibrary(card.plan, library);
  const isHeavy = outlinePoints(card.plan, used) > mostPoints;
  const start: WorkbenchStart = {
    cardId: card.id,
    plan: card.plan,
    revision: card.revision,
    library,
    isStashWhole,
    releases,
    unit: readUnit(cookies) ?? card.plan.habits.leadingUnit,
    isBinned: card.binnedAt !== null,
    holdings,
    mail: house.mail,
    batch: batch ?? null,
    work: work ?? null,
    ahead,
    evenings,
    build,
    ...(!isHeavy && { findings: computeCard(card.plan, library).findings }),
  };
  return { start, isHeavy };
}
