import type { CardFile } from '../plan/cardFile';
import { overlayLibrary, type Library } from '../plan/library';
import { needOf } from '../post/envelopeNeed';
import { houseSchemes } from '../post/mail/houseSchemes';
import { postageOf } from '../post/postageOf';
import { postPlan } from '../post/postPlan';
import { resolvePlan } from '../resolve/resolvePlan';
import type { Holding } from '../stash/holding';
import type { HouseMail } from '../stash/houseMail';
import type { EnvelopeNeed, PostageNeed } from '../supplies/supplyRow';

/** What is bought to send a card. */
export interface SentCard {
  readonly envelope: EnvelopeNeed | undefined;
  readonly postage: PostageNeed | undefined;
}

/** Works out what is bought to send a card, from the heights of all that lies on it. */
export function sendCard(
  { plan, library: own }: Pick<CardFile, 'plan' | 'library'>,
  stash: Library,
  holdings: readonly Holding[],
  mail: HouseMail,
): SentCard {
  const library = overlayLibrary(own, stash);
  const post = postPlan(plan, resolvePlan(plan, library), library, holdings, houseSchemes(mail));
  return { envelope: needOf(post.envelopes, library), postage: postageOf(plan, post, mail) };
}
