import { inches, millimetres, type Length, type Unit } from '../length/length';
import type { Score } from '../paper/layOutBlank';
import type { SheetId } from '../paper/sheets';
import type { Stock } from '../plan/libraryItem';
import type { Making, Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { SupportId } from '../resolve/origins';
import type { Holding } from '../stash/holding';
import { holdingOf } from '../stash/holdings';
import { chosenSheets, sourcesOf, type JobSource } from './jobSources';
import { canBeFreed } from './unboundedValue';

/** Pieces of one size from one stock. */
export interface JobPiece {
  readonly w: Length;
  readonly h: Length;
  readonly mayTurn: boolean;
  /** What they are cut for, in the order of the letters. */
  readonly for: readonly {
    readonly id: SupportId;
    readonly letter: string;
    readonly name: string;
    readonly copies: number;
  }[];
  readonly scores: readonly Score[];
}

/** All that is cut from one stock. */
export interface StockJob {
  readonly stock: Stock;
  readonly pieces: readonly JobPiece[];
  readonly sources: readonly JobSource[];
  /** The sheets chosen for the card; empty where that is left to what is owned. */
  readonly chosen: readonly SheetId[];
  readonly isAcrossGrain: boolean;
}

/** What is to be cut for a batch of a card, from what, and with what. */
export interface CutJob {
  readonly copies: number;
  readonly stocks: readonly StockJob[];
  readonly unknown: readonly string[];
  readonly kerf: Length;
  /** The longest cut; undefined where sheets may be slid along. */
  readonly reach: Length | undefined;
  /** What is left over is worth keeping from this width on. */
  readonly useful: Length;
}

/** A strip narrower than this holds no line of words with its margins; common practice. */
const usefulWidths: Readonly<Record<Unit, Length>> = { in: inches(0, 3, 4), mm: millimetres(20) };

/** Pieces of one size cut from a stock already; which way they lay is all one. */
export interface CutAlready {
  readonly stock: string;
  readonly w: number;
  readonly h: number;
  readonly count: number;
}

/** What a batch of a card cuts, from the sheets and leftovers of the stash, beyond what is cut already. */
export function cutJob(
  plan: Plan,
  card: ResolvedCard,
  holdings: readonly Holding[],
  already: readonly CutAlready[] = [],
): CutJob {
  const { copies, spares } = plan.making;
  const { kerf, trimmerLength, slidesSheets, leadingUnit } = plan.habits;
  const count = copiesWithSpares(copies, spares);
  const cuts = cutsOf(card);
  const byStock = new Map<string, { readonly stock: Stock; readonly cuts: readonly Cut[] }>();
  for (const cut of cuts) {
    if (!cut.stock) continue;
    const { id } = cut.stock;
    const known = byStock.get(id);
    // Two versions of a stock are the same sheets on the shelf, as the newer one tells them.
    const stock = known && known.stock.version > cut.stock.version ? known.stock : cut.stock;
    byStock.set(id, { stock, cuts: [...(known?.cuts ?? []), cut] });
  }
  const reach = slidesSheets ? undefined : trimmerLength.ticks;
  return {
    copies,
    stocks: [...byStock.values()].map(({ stock, cuts: own }): StockJob => {
      const holding = holdingOf(holdings, stock.id);
      const sizes = own.map(({ w, h }) => ({ width: w, height: h }));
      const sheets = chosenSheets(stock, plan.making, holding, sizes, reach ?? Infinity);
      const sources = sourcesOf(stock, plan, holding, card, count, sheets);
      const laid = own.map((cut) => layByGrain(cut, stock, plan, sources, reach ?? Infinity));
      return {
        stock,
        pieces: lessAlready(
          mergeAlike(laid, count),
          already.filter((each) => each.stock === stock.id),
        ),
        sources,
        chosen: plan.making.sheets.find((each) => each.stock === stock.id)?.sheets ?? [],
        isAcrossGrain: laid.some(({ isAcrossGrain }) => isAcrossGrain),
      };
    }),
    unknown: cuts.filter(({ stock }) => !stock).map(({ letter }) => letter),
    kerf: kerf.ticks,
    reach,
    useful: usefulWidths[leadingUnit],
  };
}

/**
 * So many of each piece for so many cards; a part of a spare is a whole one.
 * @example copiesWithSpares(24, { by: 'percent', percent: 5 }) // 26
 */
export function copiesWithSpares(copies: number, spares: Making['spares']): number {
  return spares.by === 'each'
    ? copies + spares.count
    : copies + Math.ceil((copies * spares.percent) / 100);
}

interface Cut {
  readonly id: SupportId;
  readonly letter: string;
  readonly name: string;
  readonly stock: Stock | undefined;
  readonly w: Length;
  readonly h: Length;
  readonly scores: readonly Score[];
}

function cutsOf({ base, pieces }: ResolvedCard): readonly Cut[] {
  const { blank, scores, letter, stock } = base;
  return [
    { id: 'base', letter, name: 'Base', stock, w: blank.width, h: blank.height, scores },
    ...pieces.map(({ id, letter: own, name, stock: from, cut }) => ({
      id,
      letter: own,
      name,
      stock: from,
      w: cut.width,
      h: cut.height,
      scores: [],
    })),
  ];
}

interface LaidCut extends Cut {
  readonly mayTurn: boolean;
  readonly isAcrossGrain: boolean;
}

/**
 * How a cut may lie on its sheets, which stand upright with their long side along the grain where that is
 * 'long'. A print with a top is never turned; a base is turned so that its score runs along the grain
 * where the house asks for it and a sheet gives it so.
 */
function layByGrain(
  cut: Cut,
  stock: Stock,
  { habits }: Plan,
  sources: readonly JobSource[],
  reach: number,
): LaidCut {
  if (stock.direction === 'one-way') return { ...cut, mayTurn: false, isAcrossGrain: false };
  const [score] = cut.scores;
  if (!score || !habits.scoresAlongGrain || stock.grain === null)
    return { ...cut, mayTurn: true, isAcrossGrain: false };
  const isAlong = (score.axis === 'vertical') === (stock.grain === 'long');
  const laid = isAlong ? cut : { ...cut, w: cut.h, h: cut.w, scores: cut.scores.map(turnScore) };
  const isGiven = sources.some((source) => canBeFreed(source, laid, reach));
  return isGiven
    ? { ...laid, mayTurn: false, isAcrossGrain: false }
    : { ...cut, mayTurn: true, isAcrossGrain: true };
}

/** The same score on a blank that lies turned. */
export function turnScore({ axis, at }: Score): Score {
  return { axis: axis === 'vertical' ? 'horizontal' : 'vertical', at };
}

/** Pieces of one size that may lie the same ways are one kind to cut. */
function mergeAlike(cuts: readonly LaidCut[], copies: number): readonly JobPiece[] {
  const kinds = new Map<string, JobPiece>();
  for (const { id, letter, name, w, h, mayTurn, scores } of cuts) {
    const isTurnedRound = mayTurn && scores.length === 0 && h > w;
    const [across, down] = isTurnedRound ? [h, w] : [w, h];
    const key = `${across} ${down} ${mayTurn} ${JSON.stringify(scores)}`;
    const kind = kinds.get(key);
    kinds.set(key, {
      w: across,
      h: down,
      mayTurn,
      scores,
      for: [...(kind?.for ?? []), { id, letter, name, copies }],
    });
  }
  return [...kinds.values()];
}

/**
 * What is still to cut: pieces cut already serve the first kind of their size, and of that the first letters,
 * each piece one copy.
 */
function lessAlready(
  pieces: readonly JobPiece[],
  already: readonly CutAlready[],
): readonly JobPiece[] {
  const keyOf = ({ w, h }: { readonly w: number; readonly h: number }) =>
    `${Math.max(w, h)} ${Math.min(w, h)}`;
  const there = new Map<string, number>();
  for (const each of already) there.set(keyOf(each), (there.get(keyOf(each)) ?? 0) + each.count);
  return pieces.flatMap((piece) => {
    const key = keyOf(piece);
    const open = piece.for.flatMap((use) => {
      const served = Math.min(there.get(key) ?? 0, use.copies);
      there.set(key, (there.get(key) ?? 0) - served);
      return use.copies > served ? [{ ...use, copies: use.copies - served }] : [];
    });
    return open.length > 0 ? [{ ...piece, for: open }] : [];
  });
}
