import { contrast } from '../colour/contrast';
import { lengthFromTicks, type Length, type Size, type Unit } from '../length/length';
import { nearestMarks, rulerMarks } from '../length/marks';
import { asTyped } from '../length/typedLength';
import type { Edit } from '../plan/edit';
import { applyEdit } from '../plan/applyEdit';
import { batchEdits, simpleEditsOf } from '../plan/batchEdits';
import type { PieceId } from '../plan/ids';
import { stocksOf, type Library } from '../plan/library';
import type { LibraryRef, Stock } from '../plan/libraryItem';
import { centred, plainPiece } from '../plan/pieces';
import type { Plan } from '../plan/plan';
import { supportRect, type ResolvedCard } from '../resolve/resolvedCard';
import { resolvePlan } from '../resolve/resolvePlan';
import type { ResolvedMark } from '../resolve/resolvedMark';
import type { Holding } from '../stash/holding';
import { readableContrast } from '../tolerances';
import { isPlainStock, isTold, newStock } from './newStock';
import { putOnPaper } from './putOnPaper';

/** A strip cut to some words plus their margin, and the mat that would go round it. */
export interface PlainStrip {
  readonly size: Size;
  readonly stock: StripStock;
  readonly mat: {
    readonly size: Size;
    readonly border: Length;
    /** Undefined where the stash has no paper that is told from the strip. */
    readonly stock: StripStock | undefined;
  };
}

export interface StripStock {
  readonly ref: LibraryRef;
  readonly name: string;
  /** Cut from what is left of a sheet. */
  readonly isLeftover: boolean;
}

export interface StripInput {
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly unit: Unit;
}

/**
 * The strip for words: their box plus the margin of the house, up to the next mark of the trimmer, of plain paper they are
 * read on, a leftover that is large enough before a new sheet; and a mat of the usual border. Undefined where the paper
 * the words lie on does not hold it.
 */
export function plainStrip(input: StripInput, words: ResolvedMark): PlainStrip | undefined {
  const { plan, card, library, unit } = input;
  const { wordMargin, reveals } = plan.habits;
  const size = onMarks(words.rect, wordMargin.ticks, unit);
  const border = reveals[unit].everyday.ticks;
  const under = supportRect(card, words.support);
  if (size.width > under.width || size.height > under.height) return undefined;
  const ink = words.paints.flatMap((paint) => paint?.colour ?? [])[0] ?? '#000000';
  const usual = newStock(plan, library, words.piece.on, 'words');
  const stock = firstOf(
    input,
    size,
    usual,
    (each) => contrast(each.colour, ink) >= readableContrast,
  );
  if (!stock) return undefined;
  const strip = stocksOf(library).find(({ id }) => id === stock.ref.id);
  const matSize = grown(size, border);
  const fits = matSize.width <= under.width && matSize.height <= under.height;
  const usualMat = newStock(plan, library, words.piece.on, 'layer');
  return {
    size,
    stock,
    mat: {
      size: matSize,
      border,
      stock: fits ? firstOf(input, matSize, usualMat, (each) => isTold(each, strip)) : undefined,
    },
  };
}

/** The edit that puts words on such a strip, where they stand. */
export function putOnStrip(
  { plan, card, library, unit }: StripInput,
  words: ResolvedMark,
  strip: PlainStrip,
  { withMat, newId }: { readonly withMat: boolean; readonly newId: () => PieceId },
): Edit {
  const { on } = words.piece;
  const paper = (name: string, { width, height }: Size, stock: LibraryRef) => ({
    ...plainPiece,
    id: newId(),
    on,
    name,
    stock,
    size: { by: 'measure' as const, width: asTyped(width), height: asTyped(height) },
  });
  const plain = paper('Strip', strip.size, strip.stock.ref);
  const { mat } = strip;
  if (!withMat || !mat.stock) return putOnPaper(plan, card, words, plain, strip.size);
  const outer = paper('Mat of the strip', mat.size, mat.stock.ref);
  const first = putOnPaper(plan, card, words, outer, mat.size);
  const outcome = applyEdit(plan, first);
  if (!outcome.ok) return first;
  // The strip goes between, as large as leaves the border of the mat all round.
  const next = resolvePlan(outcome.plan, library);
  const mark = next.marks.find(({ id }) => id === words.id);
  if (!mark) return first;
  const inner = {
    ...plain,
    on: { piece: outer.id },
    place: centred,
    size: { by: 'reveal' as const, all: plan.habits.reveals[unit].everyday },
  };
  const second = putOnPaper(outcome.plan, next, mark, inner, strip.size);
  return batchEdits([...simpleEditsOf(first), ...simpleEditsOf(second)]);
}

function firstOf(
  { library, holdings }: StripInput,
  size: Size,
  usual: LibraryRef,
  suits: (stock: Stock) => boolean,
): StripStock | undefined {
  const stocks = stocksOf(library).filter((stock) => isPlainStock(stock) && suits(stock));
  const left = stocks
    .flatMap((stock) => {
      const area = smallestLeft(holdings, stock, size);
      return area === undefined ? [] : [{ stock, area }];
    })
    .toSorted((a, b) => a.area - b.area);
  const stock = left[0]?.stock ?? stocks.find(({ id }) => id === usual.id) ?? stocks[0];
  if (!stock) return undefined;
  const { id, version, name } = stock;
  return { ref: { id, version }, name, isLeftover: left.length > 0 };
}

/** The area of the smallest leftover a piece can be cut from, either way round. */
function smallestLeft(
  holdings: readonly Holding[],
  { id }: Stock,
  { width, height }: Size,
): number | undefined {
  const held = holdings.find(({ itemId, isGone }) => itemId === id && !isGone);
  const areas = (held?.leftovers ?? []).flatMap(({ size }) => {
    const [w, h] = [size.width.ticks, size.height.ticks];
    return (w >= width && h >= height) || (w >= height && h >= width) ? [w * h] : [];
  });
  return areas.length === 0 ? undefined : Math.min(...areas);
}

/** A box with a margin all round, up to the next mark. */
function onMarks(box: Size, margin: Length, unit: Unit): Size {
  const up = (length: number) =>
    nearestMarks(lengthFromTicks(length + 2 * margin), rulerMarks[unit]).above;
  return { width: up(box.width), height: up(box.height) };
}

const grown = ({ width, height }: Size, by: Length): Size => ({
  width: lengthFromTicks(width + 2 * by),
  height: lengthFromTicks(height + 2 * by),
});
