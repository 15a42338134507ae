import { labOf } from '../colour/lab';
import { hardlyTold } from '../tolerances';
import { colourDifference } from '../colour/colourDifference';
import type { LibraryRef, Stock } from '../plan/libraryItem';
import { findStock, stocksOf, type Library } from '../plan/library';
import type { Support } from '../plan/piece';
import { findPaper, papersOf } from '../plan/pieces';
import type { Plan } from '../plan/plan';

/**
 * What new paper is for: a layer or die cut is to be told from what it lies on; paper under words is to be plain; what
 * is cut round a print is the paper it was printed on.
 */
export type PaperUse = 'layer' | 'words' | 'print';

/**
 * The stock that new paper on a support starts with: of a print, that of its panel; else the last one used on the card
 * that is told from what it lies on, else the whitest card stock that is. Under words and prints it is plain. The
 * designer chooses anew anyway.
 */
export function newStock(plan: Plan, library: Library, on: Support, use: PaperUse): LibraryRef {
  const under = stockOf(plan, library, on);
  const used = papersOf(plan)
    .toReversed()
    .flatMap(({ stock }) => findStock(library, stock) ?? []);
  const white = whitest(library);
  const candidates = [
    ...(use === 'print' && under ? [under] : []),
    ...used.filter((stock) => isTold(stock, under)),
    ...white.filter((stock) => isTold(stock, under)),
    ...white,
  ];
  const stock = candidates.find((each) => use === 'layer' || isPlainStock(each)) ?? under;
  return stock ? { id: stock.id, version: stock.version } : plan.base.stock;
}

/** The paper of a support; undefined where the stash has it no more. */
export function stockOf(plan: Plan, library: Library, on: Support): Stock | undefined {
  const own = 'piece' in on ? findPaper(plan, on.piece)?.stock : undefined;
  return findStock(library, own ?? plan.base.stock);
}

/** The stock a new card starts with: the whitest card stock, of those the heaviest; undefined where there is none. */
export function newBaseStock(stocks: readonly Stock[]): Stock | undefined {
  const [first] = byWhiteness(stocks);
  if (!first) return stocks[0];
  return stocks
    .filter((stock) => stock.paper === 'cardstock' && stock.colour === first.colour)
    .reduce((a, b) => (b.gramsPerSquareMetre > a.gramsPerSquareMetre ? b : a), first);
}

/** Card stocks from white to dark; the lighter in weight first among those of one colour. */
function whitest(library: Library): readonly Stock[] {
  return byWhiteness(
    stocksOf(library).toSorted((a, b) => a.gramsPerSquareMetre - b.gramsPerSquareMetre),
  );
}

function byWhiteness(stocks: readonly Stock[]): readonly Stock[] {
  return stocks
    .filter(({ paper }) => paper === 'cardstock')
    .map((stock) => ({ stock, light: labOf(stock.colour).l }))
    .toSorted((a, b) => b.light - a.light)
    .map(({ stock }) => stock);
}

/** Nothing is printed on it and nothing shines through. */
export function isPlainStock({ paper }: Stock): boolean {
  return paper === 'cardstock' || paper === 'watercolour' || paper === 'kraft';
}

/** Whether paper is told from what it lies on, by its colour. */
export function isTold({ colour }: Stock, under: Stock | undefined): boolean {
  return !under || colourDifference(labOf(colour), labOf(under.colour)) >= hardlyTold;
}
