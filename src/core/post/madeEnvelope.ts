import {
  fitsIn,
  sumLengths,
  timesLength,
  turnSize,
  zeroLength,
  type Length,
} from '../length/length';
import { mailerBlank, mailerFront, wallOf, type MailerKind } from '../paper/mailerBlank';
import { sheetOf, type SheetId } from '../paper/sheets';
import { findStock, newestOf, type Library } from '../plan/library';
import type { LibraryRef, Stock } from '../plan/libraryItem';
import type { Holding } from '../stash/holding';
import { holdingOf } from '../stash/holdings';
import type { CardBox, PostEnvelope } from './postEnvelope';

/**
 * An envelope or a box made to the measure of a card, from a stock; undefined where the stock is not known. A box is so much
 * larger outside as its walls are thick.
 * @param room by the habit, on each side together
 */
export function madeEnvelope(
  { kind, stock: ref }: { readonly kind: MailerKind; readonly stock: LibraryRef },
  card: CardBox,
  library: Library,
  room: Length,
): PostEnvelope | undefined {
  const stock = findStock(library, ref);
  if (!stock) return undefined;
  const front = mailerFront(kind, card, room);
  const blank = mailerBlank(kind, front, wallOf(card.height));
  const walls = kind === 'box' ? timesLength(stock.caliper.ticks, 2) : zeroLength;
  return {
    key: `made ${kind}`,
    name: `${kind} made of ${stock.name}`,
    size: { width: sumLengths(front.width, walls), height: sumLengths(front.height, walls) },
    gramsPerSquareMetre: stock.gramsPerSquareMetre,
    caliper: stock.caliper.ticks,
    colour: stock.colour,
    choice: { by: 'made', kind, stock: { id: stock.id, version: stock.version } },
    owned: undefined,
    isOwned: false,
    made: blank,
  };
}

/** The first sheet a stock comes in that holds the blank, as it lies or turned; undefined where none does. */
export function sheetOfBlank(
  { made }: PostEnvelope,
  stock: Stock | undefined,
): SheetId | undefined {
  if (!made) return undefined;
  return stock?.sheets.find((id) => {
    const { size } = sheetOf(id);
    return fitsIn(made.size, size) || fitsIn(turnSize(made.size), size);
  });
}

/**
 * Stocks there are some of that an envelope or a box may be made of, those whose sheets hold it first: an envelope of the
 * lightest, a box of the heaviest.
 */
export function stocksForMaking(
  kind: MailerKind,
  card: CardBox,
  { library, holdings, room }: MakingInput,
): readonly { readonly stock: Stock; readonly sheet: SheetId | undefined }[] {
  return newestOf(library)
    .flatMap((item) => (item.kind === 'stock' ? [item] : []))
    .filter(({ id }) => {
      const { count, isGone, leftovers } = holdingOf(holdings, id);
      return !isGone && (count !== 0 || leftovers.length > 0);
    })
    .map((stock) => {
      const made = madeEnvelope({ kind, stock }, card, library, room);
      return { stock, sheet: made && sheetOfBlank(made, stock) };
    })
    .toSorted(
      (a, b) =>
        Number(a.sheet === undefined) - Number(b.sheet === undefined) ||
        stiffer(a.stock, b.stock) * (kind === 'box' ? -1 : 1) ||
        (a.stock.name < b.stock.name ? -1 : 1),
    );
}

const stiffer = (a: Stock, b: Stock) => a.gramsPerSquareMetre - b.gramsPerSquareMetre;

interface MakingInput {
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly room: Length;
}
