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

export interface CoverSolver {
  /** Where sheets may be cut in parts. */
  readonly relax: (problem: CoverProblem) => RelaxedCover;
  /** In whole sheets; undefined where none was found within the nodes allowed. */
  readonly whole: (problem: CoverProblem, mostNodes: number) => readonly number[] | undefined;
  /**
   * In whole sheets, so many of each source, by patterns of the least burden: each has one, counted once
   * however often it is cut. Undefined where none was found within the nodes allowed.
   */
  readonly simplest: (
    problem: CoverProblem,
    sheets: readonly number[],
    burdens: readonly number[],
    mostNodes: number,
  ) => readonly number[] | undefined;
}

/** What is used of the HiGHS solver, which is handed in, since it is WebAssembly that a host loads. */
export interface HighsLike {
  readonly solve: (
    problem: string,
    options?: Readonly<Record<string, string | number | boolean>>,
  ) => {
    readonly Status: string;
    readonly Columns: Readonly<Record<string, { readonly Primal?: number }>>;
    readonly Rows: readonly { readonly Name: string; readonly Dual?: number }[];
  };
}

/** A piece that goes without costs more than any sheet saved could: the dearest, so often. */
const dearness = 100;

/** A covering solver on HiGHS. @throws Error when it cannot solve what always has a solution. */
export function highsCoverSolver(highs: HighsLike): CoverSolver {
  const usesOf = (columns: ReturnType<HighsLike['solve']>['Columns'], count: number) =>
    Array.from({ length: count }, (_, index) => columns[`x${index}`]?.Primal ?? 0);
  const solveWhole = (problem: CoverProblem, text: string, mostNodes: number) => {
    const { Columns } = highs.solve(text, {
      mip_max_nodes: mostNodes,
      mip_rel_gap: 0,
      random_seed: 1,
      threads: 1,
    });
    const uses = usesOf(Columns, problem.patterns.length).map(Math.round);
    return uses.some((use) => use > 0) && keepsLimits(problem, uses) ? uses : undefined;
  };
  return {
    relax: (problem) => {
      const { Status, Columns, Rows } = highs.solve(writeProgramme(problem));
      if (Status !== 'Optimal') throw new Error(`highsCoverSolver: the relaxation is ${Status}`);
      const prices = problem.wanted.map(() => 0);
      for (const { Name, Dual } of Rows)
        if (Name.startsWith('r')) prices[Number(Name.slice(1))] = Math.max(0, Dual ?? 0);
      return { uses: usesOf(Columns, problem.patterns.length), prices };
    },
    whole: (problem, mostNodes) =>
      solveWhole(problem, writeProgramme(problem, { isWhole: true }), mostNodes),
    simplest: (problem, sheets, burdens, mostNodes) => {
      const text = writeProgramme(problem, { isWhole: true, sheets, burdens });
      const uses = solveWhole(problem, text, mostNodes);
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
  readonly isWhole?: boolean;
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
  { isWhole = false, sheets, burdens }: Options = {},
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
    ...(isWhole ? ['General', ` ${names}`] : []),
    ...(burdens ? ['Binary', ` ${patterns.map((_, at) => `y${at}`).join(' ')}`] : []),
    'End',
  ].join('\n');
}
