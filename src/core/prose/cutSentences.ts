import { writeLength, writeSize } from '../length/formatLength';
import { lengthFromTicks, type Unit } from '../length/length';
import { sheetOf } from '../paper/sheets';
import { countWords } from '../words/countWords';
import { capitalise, joinWords } from '../words/phrases';
import type { CutLayout, CutPlan, CutSource, PlannedStep, StockCuts } from '../cutting/cutPlan';

/**
 * What a stock takes and what is proven of it.
 * @example '24 letter sheets; fewer is impossible'
 */
export function boundSentence(cuts: StockCuts): string {
  const { layouts, count, bound, isLeast, isCutShort, short, impossible } = cuts;
  const used = sourceWords(layouts);
  if (used === '') return impossible.length > 0 ? 'cannot be cut' : 'nothing to cut';
  if (short.length > 0) return `${used}; more is wanted than there is`;
  if (count === 0) return `${used}; no new sheet`;
  const kinds = new Set(layouts.flatMap(({ source }) => source.sheet ?? []));
  if (isLeast) return `${used}; ${kinds.size > 1 ? 'less is' : 'fewer is'} impossible`;
  const near =
    kinds.size > 1 || bound >= count
      ? `at least ${bound} are needed`
      : `within ${count - bound} of the least`;
  return `${used}; ${isCutShort ? 'the search was ended, ' : ''}${near}`;
}

/** All that a plan cuts up, by kind: '23 letter sheets and 3 leftovers'. */
export function planWords({ stocks }: CutPlan): string {
  return sourceWords(stocks.flatMap(({ layouts }) => layouts));
}

/** The sheets of layouts by kind: '5 letter sheets and 2 leftovers'. */
function sourceWords(layouts: readonly CutLayout[]): string {
  const counts = new Map<string, number>();
  for (const { source, times } of layouts) {
    const name = sourceName(source);
    counts.set(name, (counts.get(name) ?? 0) + times);
  }
  return joinWords([...counts].map(([name, count]) => countWords(count, name)));
}

/** What a layout is cut from: `letter sheet`, `leftover`, `cut-out middle`. */
export function sourceName({ kind, sheet }: CutSource): string {
  if (kind === 'leftover') return 'leftover';
  if (kind === 'recovered') return 'cut-out middle';
  return sheet ? sheetOf(sheet).name : 'sheet';
}

/**
 * What is taken to hand for a layout.
 * @example 'Do this to 5 letter sheets.'
 */
export function layoutSentence({ source, times }: CutLayout, unit: Unit): string {
  const size = writeSize(
    { width: lengthFromTicks(source.w), height: lengthFromTicks(source.h) },
    unit,
  );
  if (source.kind === 'sheet')
    return times === 1
      ? `Take ${countWords(1, sourceName(source))}.`
      : `Do this to ${countWords(times, sourceName(source))}.`;
  const what =
    source.kind === 'leftover'
      ? `a leftover of ${size}`
      : `the middle cut out of ${source.from}, ${size}`;
  return times === 1 ? `Take ${what}.` : `Do this ${times} times, each with ${what}.`;
}

/**
 * One setting of the fence and what is cut at it, as one says it to a person.
 * @example 'Turn. Fence at 5 1⁄2: cut the part with B and C twice.'
 */
export function stepSentence(layout: CutLayout, index: number, unit: Unit): string {
  const step = layout.steps[index];
  if (!step) throw new RangeError(`stepSentence: expected a step, got ${index}`);
  const before = layout.steps[index - 1];
  const turn = before && before.line !== step.line ? 'Turn. ' : '';
  const lines = step.parts.reduce((sum, part) => sum + part.lines.length, 0);
  const what = index === 0 ? times(lines) : ` ${partWords(step, layout)}`;
  return `${turn}Fence at ${writeLength(lengthFromTicks(step.fence), unit)}: cut${what}.`;
}

function times(count: number): string {
  return count === 1 ? '' : count === 2 ? ' twice' : ` ${count} times`;
}

/** The parts of a step by the letters on them and how often each is cut; parts alike are told once. */
function partWords({ parts }: PlannedStep, { source }: CutLayout): string {
  const isWhole = ({ w, h }: { readonly w: number; readonly h: number }) =>
    w === source.w && h === source.h;
  const groups = new Map<string, { name: string; often: string; count: number }>();
  for (const { part, letters, lines } of parts) {
    // What is cut off already lies beside: a part told by all of the sheet is what remains of it.
    const name = isWhole(part)
      ? 'rest of the sheet'
      : letters.length === 0
        ? 'rest'
        : `part with ${joinWords(letters)}`;
    const often = times(lines.length);
    const group = groups.get(name + often);
    groups.set(name + often, { name, often, count: (group?.count ?? 0) + 1 });
  }
  return joinWords(
    [...groups.values()].map(({ name, often, count }) =>
      count === 1
        ? `the ${name}${often}`
        : `${count} ${name.replace('part', 'parts')}${often === '' ? '' : `,${often} each`}`,
    ),
  );
}

/**
 * Where the score goes in each blank as it lies on the sheet.
 * @example 'Score A at 4 1⁄4 from its left edge.'
 */
export function scoreSentences({ pieces }: CutLayout, unit: Unit): readonly string[] {
  const all = pieces.flatMap(({ letters, scores }) => {
    if (scores.length === 0) return [];
    const [first] = scores;
    const at = joinWords(scores.map((score) => writeLength(lengthFromTicks(score.at), unit)));
    return [
      `Score ${joinWords(letters)} at ${at} from its ${first?.line === 'upright' ? 'left' : 'top'} edge.`,
    ];
  });
  return [...new Set(all)];
}

/**
 * What is left over, by size, and whether it is worth putting by.
 * @example ['Put by 4 × 8 1⁄2.', 'Waste: 2 of 1⁄4 × 11.']
 */
export function leftoverSentences({ leftovers }: CutLayout, unit: Unit): readonly string[] {
  const words = (isUseful: boolean) => {
    const counts = new Map<string, number>();
    for (const { w, h, isUseful: kept } of leftovers) {
      if (kept !== isUseful) continue;
      const size = writeSize({ width: lengthFromTicks(w), height: lengthFromTicks(h) }, unit);
      counts.set(size, (counts.get(size) ?? 0) + 1);
    }
    return [...counts].map(([size, count]) => (count === 1 ? size : `${count} of ${size}`));
  };
  const [kept, waste] = [words(true), words(false)];
  return [
    ...(kept.length > 0 ? [`Put by ${joinWords(kept)}.`] : []),
    ...(waste.length > 0 ? [`Waste: ${joinWords(waste)}.`] : []),
  ];
}

/** What no sheet gives, and what the sheets do not suffice for; empty where all is cut. */
export function shortfallSentences(cuts: StockCuts): readonly string[] {
  return [
    ...cuts.impossible.map(({ letter, name, why }) =>
      why === 'trimmer'
        ? `${letter} ${name} is longer than the trimmer cuts: let sheets be slid in the habits, or take another stock.`
        : `${letter} ${name} fits no sheet chosen: take a larger sheet or another stock, or join it of two.`,
    ),
    ...cuts.short.map(
      ({ letter, count }) =>
        `${capitalise(countWords(count, 'piece'))} of ${letter} cannot be cut: there are too few sheets.`,
    ),
    ...(cuts.isAcrossGrain
      ? ['The score of the base lies across the grain: along it no sheet gives the blank.']
      : []),
  ];
}
