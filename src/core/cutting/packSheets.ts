import { seeded } from '../seeded';
import type { CutTree } from './cutTree';
import { joinParts, type Lying } from './unboundedValue';

/** Sheets that can be packed: their size, what one costs, how many there are. */
export interface PackSource {
  readonly w: number;
  readonly h: number;
  readonly cost: number;
  readonly limit: number | undefined;
  /** No cut is longer than this. */
  readonly reach: number;
}

/** A sheet as it was packed, and how often. */
export interface PackedSheet {
  readonly tree: CutTree;
  readonly source: number;
  readonly times: number;
}

/** Checks of a piece against a free rectangle that all tries together may take: some tens of milliseconds. */
const mostChecks = 600_000;
/** Tries at most, however few checks each of them takes. */
const mostTries = 250;
/** What costs nothing is begun at once, as it is used up before a new sheet is; of one size at most so many. */
const mostLeftovers = 50;
/** How far the order of the pieces is shaken up once every way was tried as it is; from trial. */
const shake = 0.7;
/** Pieces packed one by one; of more, a part is packed and repeated. */
const mostPieces = 400;

/**
 * Plans in a few milliseconds, the least costly of several: pieces go one by one, the largest first, into the free
 * rectangle they fit best on any sheet begun, which is then cut edge to edge; a new sheet is begun only where none has
 * room. Sheets that would fit a cheaper source go on that. Tried in several orders and ways of cutting the rest, and
 * where that is quickly done with the orders shaken up.
 * Source: Jylänki, A thousand ways to pack the bin (2010), its guillotine methods.
 * @param lyings by which pieces may lie @param wanted by piece
 * @returns undefined where the sheets do not suffice
 */
export function packSheets(
  sources: readonly PackSource[],
  lyings: readonly Lying[],
  wanted: readonly number[],
  seed: number,
): readonly PackedSheet[] | undefined {
  const random = seeded(seed);
  const all = wanted.reduce((sum, count) => sum + count, 0);
  const area = lyings.reduce(
    (sum, { item, w, h, turned }) => sum + (turned ? 0 : w * h * (wanted[item] ?? 0)),
    0,
  );
  // Each part ends on a sheet that is not full, so it takes several sheets at least.
  const mostParts = Math.floor(area / (4 * Math.max(...sources.map(areaOf))));
  const parts = Math.max(1, Math.min(mostParts, Math.ceil(all / mostPieces)));
  const isLimited = sources.some(({ limit }) => limit !== undefined);
  // A part is repeated only where sheets are had without end, so that none is used more often than there is.
  const repeats = isLimited ? 1 : parts;
  const part = wanted.map((count) => Math.floor(count / repeats));
  const rest = wanted.map((count) => count % repeats);
  let checks = 0;
  let best: { readonly sheets: readonly PackedSheet[]; readonly cost: number } | undefined;
  const primaries = primariesOf(sources);
  for (let attempt = 0; attempt < mostTries && checks < mostChecks; attempt++) {
    const primary = primaries[attempt % primaries.length] ?? 0;
    const turn = Math.floor(attempt / primaries.length);
    const way = ways[turn % ways.length];
    if (!way) break;
    const shaken = turn < ways.length ? 0 : shake;
    const pack = (counts: readonly number[]) => {
      const packing = new Packing(sources, lyings, primary, way);
      const isAll = packing.packAll(counts, () => 1 + shaken * (random() - 0.5));
      checks += packing.checks;
      return isAll ? packing.sheets() : undefined;
    };
    const first = pack(part);
    const second = repeats > 1 ? pack(rest) : [];
    if (!first || !second) continue;
    const sheets = [...first.map((sheet) => ({ ...sheet, times: repeats })), ...second];
    const cost = costOf(sheets, sources);
    if (!best || cost < best.cost) best = { sheets, cost };
  }
  return best?.sheets;
}

function costOf(sheets: readonly PackedSheet[], sources: readonly PackSource[]): number {
  return sheets.reduce((sum, { source, times }) => sum + (sources[source]?.cost ?? 0) * times, 0);
}

/** One way of choosing: the order of the pieces, what fits best, and how the rest is cut. */
interface Way {
  readonly order: (lying: Size) => number;
  /** The least is the best fit: the free rectangle, and what goes into it. */
  readonly fit: (free: Size, w: number, h: number) => number;
  /** Whether the rest is cut down first, given what is left to the right and below. */
  readonly isDownFirst: (free: Size, w: number, h: number) => boolean;
}

interface Size {
  readonly w: number;
  readonly h: number;
}

const orders: readonly Way['order'][] = [
  ({ w, h }) => w * h,
  ({ w, h }) => Math.max(w, h) * 1e4 + Math.min(w, h),
  ({ w, h }) => Math.min(w, h) * 1e4 + Math.max(w, h),
  ({ w, h }) => w + h,
];
const fits: readonly Way['fit'][] = [
  (free, w, h) => Math.min(free.w - w, free.h - h),
  (free, w, h) => free.w * free.h - w * h,
];
const splits: readonly Way['isDownFirst'][] = [
  // The larger rest stays in one piece.
  (free, w, h) => (free.w - w) * free.h > free.w * (free.h - h),
  (free, w, h) => free.w - w > free.h - h,
  (free, w, h) => free.w - w <= free.h - h,
];
const ways: readonly Way[] = orders.flatMap((order) =>
  splits.flatMap((isDownFirst) => fits.map((fit) => ({ order, fit, isDownFirst }))),
);

/** Sources of which new sheets may be begun, the dearest first: all of them in turn, where there is no end of them. */
function primariesOf(sources: readonly PackSource[]): readonly number[] {
  const endless = sources.flatMap(({ limit }, at) => (limit === undefined ? [at] : []));
  const all = endless.length > 0 ? endless : sources.map((_, at) => at);
  return all.toSorted((a, b) => areaOf(sources[b]) - areaOf(sources[a]));
}

const areaOf = (size: Size | undefined) => (size ? size.w * size.h : 0);

/** A rectangle of a sheet: free, holding a piece, or cut in two. */
interface Part extends Size {
  piece: Lying | undefined;
  cut:
    { readonly kind: 'across' | 'down'; readonly first: Part; readonly second: Part } | undefined;
}

interface Begun {
  readonly source: number;
  readonly whole: Part;
  /** What of it is free. */
  free: Part[];
}

class Packing {
  checks = 0;
  readonly #begun: Begun[] = [];
  readonly #used: number[];

  constructor(
    readonly sources: readonly PackSource[],
    readonly lyings: readonly Lying[],
    readonly primary: number,
    readonly way: Way,
  ) {
    this.#used = sources.map(() => 0);
  }

  /**
   * Packs pieces, by piece so many, in the order of their sizes times what `shaken` gives for each.
   * @returns false where the sheets do not suffice.
   */
  packAll(counts: readonly number[], shaken: () => number): boolean {
    const byPiece = counts.map((_, piece) => this.lyings.filter(({ item }) => item === piece));
    const { order } = this.way;
    for (const [at, { cost, limit = 0 }] of this.sources.entries())
      if (cost === 0)
        for (let count = 0; count < Math.min(limit, mostLeftovers); count++) this.#open(at);
    const pieces = counts
      .flatMap((count, piece) => {
        const [lying] = byPiece[piece] ?? [];
        if (!lying) return [];
        const size = order(lying);
        return Array.from({ length: count }, () => ({ piece, size: size * shaken() }));
      })
      .sort((a, b) => b.size - a.size || a.piece - b.piece);
    return pieces.every(({ piece }) => {
      const own = byPiece[piece] ?? [];
      return this.#placeBest(own) || (this.#begin(own) && this.#placeBest(own));
    });
  }

  sheets(): readonly PackedSheet[] {
    return this.#begun.flatMap(({ source, whole }) => {
      const tree = treeOf(whole);
      return tree ? [{ tree, source: this.#cheaper(source, tree), times: 1 }] : [];
    });
  }

  #placeBest(lyings: readonly Lying[]): boolean {
    let best = Infinity;
    let found: { begun: Begun; part: Part; lying: Lying } | undefined;
    for (const begun of this.#begun) {
      const reach = this.sources[begun.source]?.reach ?? Infinity;
      for (const part of begun.free)
        for (const lying of lyings) {
          this.checks++;
          if (lying.w > part.w || lying.h > part.h) continue;
          const fit = this.way.fit(part, lying.w, lying.h);
          if (fit >= best || !canCut(part, lying, reach)) continue;
          best = fit;
          found = { begun, part, lying };
        }
    }
    if (!found) return false;
    this.#place(found.begun, found.part, found.lying);
    return true;
  }

  #place(begun: Begun, part: Part, lying: Lying): void {
    const { w, h } = lying;
    const reach = this.sources[begun.source]?.reach ?? Infinity;
    const { across, down } = waysToCut(part, lying, reach);
    const isDownFirst = across && down ? this.way.isDownFirst(part, w, h) : down;
    const piece = free(w, h);
    piece.piece = lying;
    const right = free(part.w - w, isDownFirst ? part.h : h);
    const below = free(isDownFirst ? w : part.w, part.h - h);
    const [inner, outer] = isDownFirst ? [below, right] : [right, below];
    const column = free(isDownFirst ? w : part.w, isDownFirst ? part.h : h);
    column.cut = { kind: isDownFirst ? 'down' : 'across', first: piece, second: inner };
    part.cut = { kind: isDownFirst ? 'across' : 'down', first: column, second: outer };
    begun.free = [
      ...begun.free.filter((each) => each !== part),
      ...[right, below].filter((each) => each.w > 0 && each.h > 0),
    ];
  }

  /** Begins a sheet that holds a piece: one that costs nothing, then the primary, then any. */
  #begin(lyings: readonly Lying[]): boolean {
    const order = this.sources
      .map((_, at) => at)
      .sort((a, b) => this.#rank(a) - this.#rank(b) || a - b);
    for (const at of order) {
      const source = this.sources[at];
      if (!source || (this.#used[at] ?? 0) >= (source.limit ?? Infinity)) continue;
      const whole = free(source.w, source.h);
      const isFit = lyings.some(
        (lying) => lying.w <= source.w && lying.h <= source.h && canCut(whole, lying, source.reach),
      );
      if (!isFit) continue;
      this.#open(at);
      return true;
    }
    return false;
  }

  #open(at: number): void {
    const { w, h } = this.sources[at] ?? { w: 0, h: 0 };
    const whole = free(w, h);
    this.#used[at] = (this.#used[at] ?? 0) + 1;
    this.#begun.push({ source: at, whole, free: [whole] });
  }

  #rank(at: number): number {
    const { cost, limit } = this.sources[at] ?? { cost: 0, limit: undefined };
    if (cost === 0) return 0;
    return at === this.primary ? 1 : limit === undefined ? 3 : 2;
  }

  /** The cheapest source without a limit that a packed sheet would also go on. */
  #cheaper(source: number, tree: CutTree): number {
    const from = this.sources[source];
    let best = source;
    for (const [at, each] of this.sources.entries()) {
      if (each.limit !== undefined || each.cost >= (this.sources[best]?.cost ?? 0)) continue;
      if (
        tree.w <= each.w &&
        tree.h <= each.h &&
        each.reach === from?.reach &&
        each.w <= each.reach &&
        each.h <= each.reach
      )
        best = at;
    }
    return best;
  }
}

function free(w: number, h: number): Part {
  return { w, h, piece: undefined, cut: undefined };
}

/** Whether a piece in the corner can be freed by a cut across first, or down first, none longer than the reach. */
function waysToCut(part: Size, { w, h }: Size, reach: number) {
  const isWhole = w === part.w && h === part.h;
  return {
    across: isWhole || (part.w <= reach && (h <= reach || w === part.w)),
    down: part.h <= reach && (w <= reach || h === part.h),
  };
}

function canCut(part: Size, lying: Size, reach: number): boolean {
  const { across, down } = waysToCut(part, lying, reach);
  return across || down;
}

function treeOf({ piece, cut }: Part): CutTree | undefined {
  if (piece) {
    const { item, turned, w, h } = piece;
    return { kind: 'item', item, turned, w, h };
  }
  return cut && joinParts(cut.kind, treeOf(cut.first), treeOf(cut.second));
}
