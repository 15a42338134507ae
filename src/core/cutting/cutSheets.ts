import type { ValueBudget } from './bestValue';
import type { CutTree } from './cutTree';
import type { CutGrid } from './unboundedValue';

/** One way of cutting a source, and how many sheets of it are cut so. */
export interface CutSheets {
  readonly tree: CutTree;
  /** Its number among the sources, from 0. */
  readonly source: number;
  readonly times: number;
}

/** A source of sheets as the search needs it. */
export interface PricedGrid {
  readonly grid: CutGrid;
  readonly cost: number;
  /** How many there are; undefined where there is no limit. */
  readonly limit: number | undefined;
}

/** What the search may spend; the same budget gives the same plan. */
export interface PlanBudget extends ValueBudget {
  /** Patterns looked for in all. */
  readonly mostPatterns: number;
  /** Branches of the whole-number programme. */
  readonly mostNodes: number;
  /** For the order in which quick fillings are tried. */
  readonly seed: number;
  /** How long the search may still take; Infinity where there is no such limit. */
  readonly secondsLeft: () => number;
}
