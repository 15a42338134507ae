import {
  longerOf,
  millimetres,
  shorterOf,
  subtractLengths,
  sumLengths,
  zeroLength,
  type Length,
  type Size,
} from '../length/length';
import { boundsOf } from '../outline/outline';
import { envelopes, type Envelope } from '../paper/envelopes';
import { newestOf, findItem, type Library } from '../plan/library';
import type { EnvelopeItem } from '../plan/libraryItem';
import type { EnvelopeChoice } from '../plan/post';
import type { Holding } from '../stash/holding';
import { holdingOf } from '../stash/holdings';
import type { HeightMap } from './heightMap';
import { madeEnvelope } from './madeEnvelope';
import type { CardBox, PostEnvelope } from './postEnvelope';

/** What is left in an envelope beside card, height and the room it wants; negative where it does not fit. */
export interface RoomLeft {
  readonly long: Length;
  readonly short: Length;
}

/** An envelope with the room it leaves. */
export interface EnvelopeFit extends RoomLeft {
  readonly envelope: PostEnvelope;
}

export interface EnvelopePlan {
  /** What the card is put in; undefined where none holds it and none was chosen. */
  readonly chosen: EnvelopeFit | undefined;
  /** All there are, those of the stash first, each by size. */
  readonly all: readonly EnvelopeFit[];
  readonly card: CardBox;
}

export function cardBox(map: HeightMap): CardBox {
  const { x0, y0, x1, y1 } = boundsOf([
    ...map.stack.face,
    ...map.stack.plates.flatMap(({ outline }) => outline),
  ]);
  const sides = sidesOf({ width: (x1 - x0) as Length, height: (y1 - y0) as Length });
  return { ...sides, height: map.highest };
}

/** What an envelope of a size leaves beside card, height and room; between walls as high as the card its height takes none. */
export function roomIn(card: CardBox, size: Size, room: Length, walls = zeroLength): RoomLeft {
  const { long, short } = sidesOf(size);
  const swell = walls >= card.height ? zeroLength : card.height;
  return {
    long: subtractLengths(long, sumLengths(card.long, swell, room)),
    short: subtractLengths(short, sumLengths(card.short, swell, room)),
  };
}

/** White envelopes as they are usual: 90 g/m², a tenth of a millimetre; from memory. */
const usual = { gramsPerSquareMetre: 90, caliper: millimetres(0.12), colour: '#f5f2e9' };

/**
 * The envelope of a card: the one chosen, else the smallest of the stash that holds it, else the smallest there is. A
 * flat envelope that is so wide goes round what is together as wide and high as it, so the height is wanted in both
 * directions (geometry; common practice), and some room beside it.
 * @param room by the habit, on each side together
 */
export function envelopeFor(
  map: HeightMap,
  { choice, library, holdings, room }: EnvelopeInput,
): EnvelopePlan {
  const card = cardBox(map);
  const fit = (envelope: PostEnvelope) => {
    const inside = envelope.made?.front ?? envelope.size;
    return { envelope, ...roomIn(card, inside, room, envelope.made?.depth) };
  };
  const all = [...ownedEnvelopes(library, holdings), ...standardEnvelopes].map(fit);
  const envelope =
    choice.by === 'made'
      ? madeEnvelope(choice, card, library, room)
      : boughtOf(choice, all, library);
  return { chosen: envelope && fit(envelope), all, card };
}

export interface EnvelopeInput {
  readonly choice: EnvelopeChoice;
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly room: Length;
}

export function fits({ long, short }: RoomLeft): boolean {
  return long >= 0 && short >= 0;
}

function boughtOf(
  choice: Exclude<EnvelopeChoice, { by: 'made' }>,
  all: readonly EnvelopeFit[],
  library: Library,
): PostEnvelope | undefined {
  switch (choice.by) {
    case 'smallest': {
      const holding = all
        .filter((each) => fits(each) && each.envelope.owned !== 0)
        .map(({ envelope }) => envelope);
      return holding.find(({ isOwned }) => isOwned) ?? holding[0];
    }
    case 'standard':
      return standardEnvelopes.find(({ key }) => key === choice.id);
    case 'item': {
      const item = findItem(library, choice.item);
      return item?.kind === 'envelope' ? asOwned(item, undefined) : undefined;
    }
    default:
      throw new TypeError(`envelopeFor: unknown choice ${JSON.stringify(choice satisfies never)}`);
  }
}

const bySize = (a: PostEnvelope, b: PostEnvelope) =>
  areaOf(a.size) - areaOf(b.size) || (a.name < b.name ? -1 : 1);

const areaOf = ({ width, height }: Size) => width * height;

function sidesOf({ width, height }: Size) {
  return { long: longerOf(width, height), short: shorterOf(width, height) };
}

/** Those of the stash that are not taken out of it, the smallest first. */
function ownedEnvelopes(library: Library, holdings: readonly Holding[]): readonly PostEnvelope[] {
  return newestOf(library)
    .flatMap((item) => (item.kind === 'envelope' ? [item] : []))
    .filter(({ id }) => !holdingOf(holdings, id).isGone)
    .map((item) => asOwned(item, holdingOf(holdings, item.id).count ?? undefined))
    .toSorted(bySize);
}

function asOwned(item: EnvelopeItem, owned: number | undefined): PostEnvelope {
  const { id, version, name, width, height, gramsPerSquareMetre, caliper, colour } = item;
  const { long, short } = sidesOf({ width: width.ticks, height: height.ticks });
  return {
    ...{ key: id, name, size: { width: long, height: short } },
    ...{ gramsPerSquareMetre, caliper: caliper.ticks, colour, owned },
    choice: { by: 'item', item: { id, version } },
    isOwned: true,
    made: undefined,
  };
}

function asStandard({ id, name, size }: Envelope): PostEnvelope {
  return {
    ...usual,
    ...{ key: id, name, size: { width: size.long, height: size.short } },
    choice: { by: 'standard', id },
    owned: undefined,
    isOwned: false,
    made: undefined,
  };
}

const standardEnvelopes = envelopes.map(asStandard).toSorted(bySize);
