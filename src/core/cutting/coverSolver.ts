/** One way to cut a source of sheets: how many of each piece it gives. */
export interface Pattern {
  /** Its number among the sources, from 0. */
  readonly source: number;
  readonly counts: readonly number[];
}

/**
 * The covering programme: at the least cost, sheets cut by patterns that together hold all that is
 * wanted, and no more of a source than there are.
 */
export interface CoverProblem {
  readonly patterns: readonly Pattern[];
  /** By piece. */
  readonly wanted: readonly number[];
  /** By source: what one sheet of it costs. */
  readonly costs: readonly number[];
  /** By source: how many there are; undefined where there is no limit. */
  readonly limits: readonly (number | undefined)[];
}

/** How often each pattern is cut, and what one more of each wanted piece would cost. */
export interface RelaxedCover {
  readonly uses: readonly number[];
  readonly prices: readonly number[];
}

/** What the search for whole sheets may spend. */
export interface WholeBudget {
  /** Branches looked at; the same give the same answer. */
  readonly mostNodes: number;
  /** Ends the search whatever it has looked at; Infinity where there is no such limit. */
  readonly seconds: number;
}

export interface CoverSolver {
  /** In whole sheets; undefined where none was found within what may be spent. */
  readonly whole: (problem: CoverProblem, budget: WholeBudget) => readonly number[] | undefined;
  /**
   * In whole sheets, so many of each source, by patterns of the least burden: each has one, counted once
   * however often it is cut. Undefined where none was found within what may be spent.
   */
  readonly simplest: (
    problem: CoverProblem,
    sheets: readonly number[],
    burdens: readonly number[],
    budget: WholeBudget,
  ) => readonly number[] | undefined;
}

/** What is used of the HiGHS solver, which is handed in, since it is WebAssembly that a host loads. */
export interface HighsLike {
  readonly solve: (
    problem: string,
    options?: Readonly<Record<string, string | number | boolean>>,
  ) => {
    readonly Columns: Readonly<Record<string, { readonly Primal?: number }>>;
  };
}

/** A piece that goes without costs more than any sheet saved could: the dearest, so often. */
export const dearness = 100;
/** Less time than this is not worth beginning. */
const leastSeconds = 0.02;

/** A covering solver on HiGHS. */
export function highsCoverSolver(highs: HighsLike): CoverSolver {
  const usesOf = (columns: ReturnType<HighsLike['solve']>['Columns'], count: number) =>
    Array.from({ length: count }, (_, index) => columns[`x${index}`]?.Primal ?? 0);
  const solveWhole = (
    problem: CoverProblem,
    write: () => string,
    { mostNodes, seconds }: WholeBudget,
  ) => {
    if (seconds < leastSeconds) return undefined;
    const { Columns } = highs.solve(write(), {
      mip_max_nodes: mostNodes,
      ...(Number.isFinite(seconds) && { time_limit: seconds }),
      mip_rel_gap: 0,
      random_seed: 1,
      threads: 1,
    });
    const uses = usesOf(Columns, problem.patterns.length).map(Math.round);
    return uses.some((use) => use > 0) && keepsLimits(problem, uses) ? uses : undefined;
  };
  return {
    whole: (problem, budget) => solveWhole(problem, () => writeProgramme(problem), budget),
    simplest: (problem, sheets, burdens, budget) => {
      const write = () => writeProgramme(problem, { sheets, burdens });
      const uses = solveWhole(problem, write, budget);
      const used = (source: number) =>
        problem.patterns.reduce(
          (sum, pattern, at) => sum + (pattern.source === source ? (uses?.[at] ?? 0) : 0),
          0,
        );
      const isKept = sheets.every((count, source) => used(source) <= count);
      return isKept ? uses : undefined;
    },
  };
}

function keepsLimits({ patterns, limits }: CoverProblem, uses: readonly number[]): boolean {
  return limits.every(
    (limit, source) =>
      limit === undefined ||
      patterns.reduce((sum, each, at) => sum + (each.source === source ? (uses[at] ?? 0) : 0), 0) <=
        limit,
  );
}

interface Options {
  /** Exactly so many of each source at most, and then the burdens are what costs. */
  readonly sheets?: readonly number[];
  readonly burdens?: readonly number[];
}

/**
 * The programme in the LP format. A piece that is not wanted has no row; one that goes without is bought
 * at a price no sheet has (`s`). With burdens, a pattern is cut only where its burden is taken on (`y`).
 */
function writeProgramme(
  { patterns, wanted, costs, limits }: CoverProblem,
  { sheets, burdens }: Options = {},
): string {
  const rows = wanted.flatMap((count, piece) => {
    if (count <= 0) return [];
    const terms = patterns.flatMap(({ counts }, at) =>
      counts[piece] ? [`${counts[piece]} x${at}`] : [],
    );
    return [` r${piece}: ${[...terms, `s${piece}`].join(' + ')} >= ${count}`];
  });
  const most = sheets ?? limits;
  const limitRows = most.flatMap((limit, source) => {
    const terms = patterns.flatMap((pattern, at) => (pattern.source === source ? [`x${at}`] : []));
    return limit === undefined || terms.length === 0
      ? []
      : [` l${source}: ${terms.join(' + ')} <= ${limit}`];
  });
  const mostUses = ({ source, counts }: Pattern) =>
    Math.min(
      most[source] ?? Infinity,
      Math.max(
        1,
        ...counts.map((count, piece) => (count ? Math.ceil((wanted[piece] ?? 0) / count) : 0)),
      ),
    );
  const burdenRows = burdens
    ? patterns.map((pattern, at) => ` b${at}: x${at} - ${mostUses(pattern)} y${at} <= 0`)
    : [];
  const short = dearness * Math.max(...costs, ...(burdens ?? []), 1);
  const objective = [
    ...patterns.map(({ source }, at) =>
      burdens ? `${burdens[at]} y${at}` : `${costs[source] ?? 1} x${at}`,
    ),
    ...wanted.flatMap((count, piece) => (count > 0 ? [`${short} s${piece}`] : [])),
  ];
  const names = patterns.map((_, at) => `x${at}`).join(' ');
  return [
    'Minimize',
    ` cost: ${objective.join(' + ')}`,
    'Subject To',
    ...rows,
    ...limitRows,
    ...burdenRows,
    'General',
    ` ${names}`,
    ...(burdens ? ['Binary', ` ${patterns.map((_, at) => `y${at}`).join(' ')}`] : []),
    'End',
  ].join('\n');
}
