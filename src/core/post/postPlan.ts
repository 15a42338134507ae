import { longerOf, sumLengths, timesLength, zeroLength } from '../length/length';
import { findItem, type Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { Holding } from '../stash/holding';
import { envelopeFor, type EnvelopePlan } from './envelopeFor';
import type { CardBox, PostEnvelope } from './postEnvelope';
import { heightMap, type HeightMap } from './heightMap';
import { judgeMail, type JudgedScheme, type MailPiece } from './mail/judge';
import type { MailScheme } from './mail/mailScheme';
import { mailSchemes } from './mail/mailSchemes';
import { peaksOf, type Peak } from './peaks';
import { stackOf } from './stackOf';
import { unevennessOf, type Unevenness } from './unevenness';
import { weighCard, type Weight } from './weighCard';

/** What is to be known of a card that is sent. */
export interface PostPlan {
  readonly map: HeightMap;
  readonly peaks: readonly Peak[];
  readonly unevenness: Unevenness;
  readonly envelopes: EnvelopePlan;
  readonly weight: Weight;
  /** What is handed in at the post office; without an envelope, the card by itself. */
  readonly piece: MailPiece;
  readonly schemes: readonly JudgedScheme[];
  /** What is noted to be stuck or tied on and lies nowhere on the card, by name: it is weighed, and has no height. */
  readonly unlaid: readonly string[];
}

/** Two sheets of it lie over the card, and where it is closed one more. */
const sheetsOfEnvelope = 3;

/** How high, how heavy, which envelope, and by which classes of mail it goes. */
export function postPlan(
  plan: Plan,
  card: ResolvedCard,
  library: Library,
  holdings: readonly Holding[],
  schemes: readonly MailScheme[] = mailSchemes,
): PostPlan {
  const map = heightMap(stackOf(plan, card));
  const { envelopeRoom, unevenBy } = plan.habits;
  const envelopes = envelopeFor(map, {
    choice: plan.post.envelope,
    library,
    holdings,
    room: envelopeRoom.ticks,
  });
  const weight = weighCard(plan, card, library, envelopes.chosen?.envelope);
  const unevenness = unevennessOf(map);
  const piece: MailPiece = {
    ...closedSize(envelopes.card, envelopes.chosen?.envelope),
    grams: weight.grams,
    uneven: unevenness.by,
    unevenBy: unevenBy.ticks,
  };
  return {
    map,
    peaks: peaksOf(map),
    unevenness,
    envelopes,
    weight,
    piece,
    schemes: schemes.map((scheme) => judgeMail(scheme, piece)),
    unlaid: unlaidOf(plan, library),
  };
}

/** What is handed in: an envelope as thick as card and paper together, or a card by itself. */
export function closedSize(
  card: CardBox,
  envelope:
    (Pick<PostEnvelope, 'size' | 'caliper'> & Partial<Pick<PostEnvelope, 'made'>>) | undefined,
): Pick<MailPiece, 'width' | 'height' | 'thickness'> {
  if (!envelope) return { width: card.long, height: card.short, thickness: card.height };
  const paper = timesLength(envelope.caliper, sheetsOfEnvelope);
  const inside = longerOf(card.height, envelope.made?.depth ?? zeroLength);
  return { ...envelope.size, thickness: sumLengths(inside, paper) };
}

function unlaidOf({ uses, pieces }: Plan, library: Library): readonly string[] {
  const laid = new Set(
    pieces.flatMap((piece) =>
      (piece.kind === 'dot' || piece.kind === 'ribbon') && !piece.isOff
        ? (piece.item?.id ?? [])
        : [],
    ),
  );
  const noted = uses.flatMap(({ item: ref }) => {
    const item = findItem(library, ref);
    return item?.kind === 'embellishment' && !laid.has(item.id) ? [item.name] : [];
  });
  return [...new Set(noted)];
}
