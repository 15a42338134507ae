import type { StandingCard, StandingPicture } from '../core/compute/standingCard';
import { inches } from '../core/length/length';
import type { CardId } from '../core/plan/ids';
import type { Library } from '../core/plan/library';
import type { Database } from './storeTypes';
import { readCards, type CardHead, type ReadCard } from './repositories/cards';
import { pool } from './threads/pool';
import { secondsForOne, type StandInput, type StoodCard } from './threads/tasks/standCards';

/** A card as it stands on the Ledge; without a picture where it cannot be drawn. */
export interface Standing {
  readonly card: StandingCard;
  readonly picture: StandingPicture | undefined;
}

/**
 * Cards as they were computed for an earlier page. A revision of a card never changes, nor does a version of a library
 * item, so the only other thing a picture depends on is how many items there are: a stock that was missing may have come.
 */
const computed = new Map<CardId, Standing & { readonly key: string }>();

/**
 * Cards as they stand, computed in a thread where they were not before. Each is drawn on its own: one that cannot be, or
 * that takes too long, stands there as a plain blank with its reason.
 */
export async function standAll(
  db: Database,
  heads: readonly CardHead[],
  library: Library,
): Promise<ReadonlyMap<CardId, Standing>> {
  const keyOf = ({ revision }: Pick<CardHead, 'revision'>) => `${revision} ${library.length}`;
  const stale = heads.filter((head) => computed.get(head.id)?.key !== keyOf(head));
  const read = await readCards(
    db,
    stale.map(({ id }) => id),
  );
  for (const [card, standing] of await standEach(read, library))
    computed.set(card.id, { key: keyOf(card), ...standing });
  return new Map(
    heads.flatMap(({ id }) => {
      const found = computed.get(id);
      return found ? [[id, found] as const] : [];
    }),
  );
}

async function standEach(
  cards: readonly ReadCard[],
  library: Library,
): Promise<readonly (readonly [ReadCard, Standing])[]> {
  const whole = cards.flatMap((card) => (card.isWhole ? [card] : []));
  const drawn = new Map<CardId, StoodCard>();
  for (let left = whole; left.length > 0; left = left.filter(({ id }) => !drawn.has(id))) {
    const input: StandInput = {
      library,
      cards: left.map(({ id, revision, plan, embedded }) => ({ id, revision, plan, embedded })),
    };
    const stuck = await drawSome(input, (stood) => drawn.set(stood.id, stood));
    if (stuck) drawn.set(stuck, { id: stuck, isDrawn: false, reason: 'too intricate' });
  }
  return cards.map((card) => {
    const stood = drawn.get(card.id);
    if (stood?.isDrawn) return [card, { card: stood.card, picture: stood.picture }];
    return [card, { card: plainBlank(card, reasonOf(card, stood)), picture: undefined }];
  });
}

/** Draws cards until all are done or one takes too long. @returns the one that did. */
async function drawSome(
  input: StandInput,
  onCard: (stood: StoodCard) => void,
): Promise<CardId | undefined> {
  const left = new Set(input.cards.map(({ id }) => id));
  const [first] = left;
  try {
    await pool().run<undefined, StoodCard>(
      { task: 'standCards', input },
      {
        client: 'the ledge',
        seconds: secondsForOne,
        isOurs: true,
        onPart: (stood) => {
          left.delete(stood.id);
          onCard(stood);
        },
      },
    );
    return undefined;
  } catch (error) {
    console.error('a card could not be drawn in time', error);
    const [stuck = first] = left;
    return stuck;
  }
}

function reasonOf(card: ReadCard, stood: StoodCard | undefined): string {
  if (!card.isWhole) return card.reason;
  return stood && !stood.isDrawn ? stood.reason : 'cannot be drawn';
}

/** A card one sees no more of than that it is there: as large as the commonest format, with its title. */
function plainBlank(card: ReadCard, failure: string): StandingCard {
  const { id, revision } = card;
  const about = card.isWhole ? card.plan.about : undefined;
  const title = card.isWhole ? card.plan.about.title : card.title;
  const size = { width: inches(4, 1, 4), height: inches(5, 1, 2) };
  return {
    id,
    revision,
    title,
    designerId: about?.designerId ?? null,
    releaseId: about?.releaseId ?? null,
    status: about?.status ?? 'planned',
    filmOn: about?.filmOn ?? null,
    occasion: about?.occasion ?? '',
    techniques: about?.techniques ?? [],
    format: 'cannot be drawn',
    fold: 'flat',
    isLying: false,
    face: size,
    colour: '#f4f5f4',
    stops: 0,
    looks: 0,
    words: title.toLowerCase(),
    sizes: [],
    failure,
  };
}
