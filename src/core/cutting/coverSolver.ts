/** How often each pattern is cut, and what one more of each wanted piece would cost in sheets. */
export interface RelaxedCover {
  readonly uses: readonly number[];
  readonly prices: readonly number[];
}

/**
 * Solves the covering programme: as few sheets as possible, each cut by one of the patterns, that
 * together hold all that is wanted. A pattern is the count of each piece on it.
 */
export interface CoverSolver {
  /** Where sheets may be cut in parts. */
  readonly relax: (patterns: readonly Pattern[], wanted: readonly number[]) => RelaxedCover;
  /** In whole sheets; undefined where none was found within the nodes allowed. */
  readonly whole: (
    patterns: readonly Pattern[],
    wanted: readonly number[],
    mostNodes: number,
  ) => readonly number[] | undefined;
}

export type Pattern = readonly number[];

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

/** A covering solver on HiGHS. @throws Error when it cannot solve what always has a solution. */
export function highsCoverSolver(highs: HighsLike): CoverSolver {
  const usesOf = (columns: ReturnType<HighsLike['solve']>['Columns'], count: number) =>
    Array.from({ length: count }, (_, index) => columns[`x${index}`]?.Primal ?? 0);
  return {
    relax: (patterns, wanted) => {
      const { Status, Columns, Rows } = highs.solve(writeProgramme(patterns, wanted, false));
      if (Status !== 'Optimal') throw new Error(`highsCoverSolver: the relaxation is ${Status}`);
      const prices = wanted.map(() => 0);
      for (const { Name, Dual } of Rows) prices[Number(Name.slice(1))] = Math.max(0, Dual ?? 0);
      return { uses: usesOf(Columns, patterns.length), prices };
    },
    whole: (patterns, wanted, mostNodes) => {
      const { Columns } = highs.solve(writeProgramme(patterns, wanted, true), {
        mip_max_nodes: mostNodes,
        mip_rel_gap: 0,
        random_seed: 1,
        threads: 1,
      });
      const uses = usesOf(Columns, patterns.length).map(Math.round);
      const holds = wanted.every(
        (count, piece) =>
          patterns.reduce((sum, pattern, at) => sum + (pattern[piece] ?? 0) * (uses[at] ?? 0), 0) >=
          count,
      );
      return holds ? uses : undefined;
    },
  };
}

/** The programme in the LP format; a piece that is not wanted has no row. */
function writeProgramme(
  patterns: readonly Pattern[],
  wanted: readonly number[],
  isWhole: boolean,
): string {
  const names = patterns.map((_, at) => `x${at}`);
  const rows = wanted.flatMap((count, piece) => {
    if (count <= 0) return [];
    const terms = patterns.flatMap((pattern, at) =>
      pattern[piece] ? [`${pattern[piece]} x${at}`] : [],
    );
    return [` r${piece}: ${terms.join(' + ')} >= ${count}`];
  });
  return [
    'Minimize',
    ` sheets: ${names.join(' + ')}`,
    'Subject To',
    ...rows,
    ...(isWhole ? ['General', ` ${names.join(' ')}`] : []),
    'End',
  ].join('\n');
}
