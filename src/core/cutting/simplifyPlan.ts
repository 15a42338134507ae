import { countItems, placeItems, type CutTree } from './cutTree';
import { fillSheet } from './fillSheet';
import { layOutSheet } from './layOutSheet';
import type { CutSheets, PricedGrid } from './cutSheets';
import type { PatternSearch } from './patternSearch';
import { seeded } from '../seeded';
import { cutGrid, unboundedValues } from './unboundedValue';

/** Patterns the programme for the fewest settings chooses from; from trial. */
const mostChoices = 28;
/** Branches of that programme: the first few find nearly all there is to find; from trial. */
const mostBranches = 12;
/** What that programme may take on a slow machine, before the plan is left as it is. */
const mostSeconds = 1;
/** Quick fillings tried to bring the items of a sheet closer together. */
const fillings = 60;
/** Layouts whose items are brought together; a plan of more has its leftovers where they fall. */
const mostGathered = 12;

/**
 * The same number of sheets, with the fence set less often: layouts are chosen again by how many settings
 * each asks for, what is made beyond what is wanted is left uncut, on as few sheets as possible, and the
 * items of those are brought together, so that what is left over is large.
 */
export function simplifyPlan(
  search: PatternSearch,
  sheets: readonly CutSheets[],
  wanted: readonly number[],
  useful: number,
): readonly CutSheets[] {
  if (search.budget.isOver()) return sheets;
  const chosen = chooseAgain(search, sheets, wanted, useful);
  let gathered = 0;
  return leaveSurplus(chosen, wanted).map((each) => {
    if (search.budget.isOver() || gathered >= mostGathered || isFull(each, search)) return each;
    gathered++;
    return gather(each, search, useful);
  });
}

/** Whether so little of a sheet is left that there is nothing to bring together. */
function isFull({ tree, source }: CutSheets, search: PatternSearch): boolean {
  const { w, h } = search.sources[source]?.grid.sheet ?? { w: 0, h: 0 };
  const filled = placeItems(tree).reduce((sum, item) => sum + item.w * item.h, 0);
  return filled > 0.85 * w * h;
}

function settingsOf(tree: CutTree, { grid }: PricedGrid, useful: number): number {
  return layOutSheet(tree, grid.sheet, { reach: grid.reach, useful }).steps.length;
}

function chooseAgain(
  search: PatternSearch,
  sheets: readonly CutSheets[],
  wanted: readonly number[],
  useful: number,
): readonly CutSheets[] {
  const used = search.sources.map((_, source) =>
    sheets.reduce((sum, each) => sum + (each.source === source ? each.times : 0), 0),
  );
  const problem = search.problem(wanted);
  const { prices } = search.relaxed(wanted);
  const loss = problem.patterns.map(({ source, counts }) =>
    counts.reduce(
      (left, count, piece) => left - count * (prices[piece] ?? 0),
      search.sources[source]?.cost ?? 0,
    ),
  );
  const isUsed = new Set(sheets.map(({ tree }) => tree));
  const order = loss
    .map((_, at) => at)
    .filter((at) => (used[problem.patterns[at]?.source ?? -1] ?? 0) > 0)
    .sort((a, b) => (loss[a] ?? 0) - (loss[b] ?? 0) || a - b);
  const inUse = order.filter((at) => isUsed.has(search.treeOf(at) as CutTree));
  const choices = [...new Set([...inUse, ...order])].slice(0, mostChoices);
  const burdens = choices.map((at) => {
    const tree = search.treeOf(at);
    const source = search.sources[problem.patterns[at]?.source ?? -1];
    return tree && source ? settingsOf(tree, source, useful) : 0;
  });
  if (inUse.length > mostChoices) return sheets;
  const patterns = choices.flatMap((at) => problem.patterns[at] ?? []);
  const uses = search.solver.simplest({ ...problem, patterns }, used, burdens, {
    mostNodes: mostBranches,
    seconds: Math.min(mostSeconds, search.budget.secondsLeft()),
  });
  if (!uses || !holdsAll(patterns, uses, wanted)) return sheets;
  const again = uses.flatMap((times, at): CutSheets[] => {
    const tree = search.treeOf(choices[at] ?? -1);
    const source = patterns[at]?.source;
    return times > 0 && tree && source !== undefined ? [{ tree, source, times }] : [];
  });
  return burdenOf(again, search, useful) < burdenOf(sheets, search, useful) ? again : sheets;
}

function burdenOf(sheets: readonly CutSheets[], search: PatternSearch, useful: number): number {
  return sheets.reduce((sum, { tree, source }) => {
    const from = search.sources[source];
    return sum + (from ? settingsOf(tree, from, useful) : 0);
  }, 0);
}

function holdsAll(
  patterns: readonly { readonly counts: readonly number[] }[],
  uses: readonly number[],
  wanted: readonly number[],
): boolean {
  return wanted.every(
    (count, piece) =>
      patterns.reduce((sum, { counts }, at) => sum + (counts[piece] ?? 0) * (uses[at] ?? 0), 0) >=
      count,
  );
}

/** Takes out what is made beyond what is wanted, sheet by sheet, from where most paper stays whole. */
export function leaveSurplus(
  sheets: readonly CutSheets[],
  wanted: readonly number[],
): readonly CutSheets[] {
  const surplus = wanted.map((count, piece) => -count + madeOf(sheets, piece, wanted.length));
  let result = [...sheets];
  while (surplus.some((count) => count > 0)) {
    const removals = result.map(({ tree }) => removable(tree, surplus));
    const areas = removals.map((counts, at) => freedArea(result[at]?.tree, counts));
    const most = areas.indexOf(Math.max(...areas));
    const from = result[most];
    const counts = removals[most];
    if (!from || !counts || (areas[most] ?? 0) <= 0) break;
    for (const [piece, count] of counts.entries()) surplus[piece] = (surplus[piece] ?? 0) - count;
    const rest = without(from.tree, [...counts]);
    const others = from.times > 1 ? [{ ...from, times: from.times - 1 }] : [];
    const fewer = rest ? [{ ...from, tree: rest, times: 1 }] : [];
    result = [...result.slice(0, most), ...others, ...fewer, ...result.slice(most + 1)];
  }
  return result;
}

function madeOf(sheets: readonly CutSheets[], piece: number, pieces: number): number {
  return sheets.reduce(
    (sum, { tree, times }) => sum + times * (countItems(tree, pieces)[piece] ?? 0),
    0,
  );
}

function removable(tree: CutTree, surplus: readonly number[]): readonly number[] {
  return countItems(tree, surplus.length).map((count, piece) =>
    Math.min(count, Math.max(0, surplus[piece] ?? 0)),
  );
}

function freedArea(tree: CutTree | undefined, counts: readonly number[]): number {
  const left = [...counts];
  return placeItems(tree).reduce((sum, { item, w, h }) => {
    if ((left[item] ?? 0) <= 0) return sum;
    left[item] = (left[item] ?? 0) - 1;
    return sum + w * h;
  }, 0);
}

/** A tree without so many of each item; undefined where nothing is left. Mutates the counts. */
function without(tree: CutTree, counts: number[]): CutTree | undefined {
  if (tree.kind === 'item') {
    if ((counts[tree.item] ?? 0) <= 0) return tree;
    counts[tree.item] = (counts[tree.item] ?? 0) - 1;
    return undefined;
  }
  // The far part first, so that what is left over lies together at the right or the foot.
  const second = without(tree.second, counts);
  const first = without(tree.first, counts);
  if (!first || !second) return first ?? second;
  return tree.kind === 'across'
    ? { ...tree, first, second, w: first.w + second.w, h: Math.max(first.h, second.h) }
    : { ...tree, first, second, w: Math.max(first.w, second.w), h: first.h + second.h };
}

/** The items of a sheet closer together, where that leaves more of it in one piece at no more settings. */
function gather(sheets: CutSheets, search: PatternSearch, useful: number): CutSheets {
  const source = search.sources[sheets.source];
  if (!source) return sheets;
  const { grid } = source;
  const { sheet, reach } = grid;
  const placed = placeItems(sheets.tree);
  const filled = placed.reduce((sum, { w, h }) => sum + w * h, 0);
  const counts = countItems(sheets.tree, search.pieceCount);
  const random = seeded(search.budget.seed);
  const areas = counts.map((_, piece) => {
    const lying = grid.lyings.find(({ item }) => item === piece);
    return lying ? lying.w * lying.h : 0;
  });
  const goodness = (tree: CutTree) => {
    const { rests, steps } = layOutSheet(tree, sheet, { reach, useful });
    const [largest] = rests;
    return { rest: largest ? largest.w * largest.h : 0, settings: steps.length };
  };
  let best = { tree: sheets.tree, ...goodness(sheets.tree) };
  const lyings = grid.lyings.map((lying) => ({ ...lying, copies: counts[lying.item] ?? 0 }));
  for (const smaller of smallerSheets(grid.widths, grid.heights, sheet, filled)) {
    const part = cutGrid(smaller, lyings, reach);
    const unbounded = unboundedValues(part, areas);
    for (let fill = 0; fill < fillings; fill++) {
      const spread = (2 * fill) / fillings;
      const moved = areas.map((area) => area * (1 + spread * (random() - 0.5)));
      const tree = fillSheet(part, unbounded, moved, counts, random);
      if (!tree || !countItems(tree, counts.length).every((count, at) => count === counts[at]))
        continue;
      const good = goodness(tree);
      const isBetter =
        good.rest > best.rest || (good.rest === best.rest && good.settings < best.settings);
      if (isBetter) best = { tree, ...good };
      break;
    }
  }
  return { ...sheets, tree: best.tree };
}

/** Parts of a sheet, its full height or its full width, that could hold so much, smallest first. */
function smallerSheets(
  widths: readonly number[],
  heights: readonly number[],
  sheet: { readonly w: number; readonly h: number },
  filled: number,
): readonly { readonly w: number; readonly h: number }[] {
  const narrow = widths.filter((w) => w < sheet.w && w * sheet.h >= filled);
  const low = heights.filter((h) => h < sheet.h && h * sheet.w >= filled);
  const few = (sizes: readonly number[]) => {
    const step = Math.max(1, Math.ceil(sizes.length / 12));
    return sizes.filter((_, at) => at % step === 0);
  };
  return [
    ...few(narrow).map((w) => ({ w, h: sheet.h })),
    ...few(low).map((h) => ({ w: sheet.w, h })),
  ].sort((a, b) => a.w * a.h - b.w * b.h);
}
