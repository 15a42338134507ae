import { longerOf } from '../length/length';
import type { CutJob, JobPiece, StockJob } from './cutJob';

/** The job of one card among several, and what stands before its letters. */
export interface NamedJob {
  readonly prefix: string;
  readonly job: CutJob;
}

/**
 * Several cards cut together: their pieces of one stock share its sheets, whatever version of it each
 * card refers to. Letters get the prefix of their card. What a card's own habits set (kerf, reach) is
 * taken together: the widest kerf, and the reach of the longest trimmer, which the house has.
 * @throws RangeError without any job.
 */
export function joinJobs(jobs: readonly NamedJob[]): CutJob {
  const [first] = jobs;
  if (!first) throw new RangeError('joinJobs: expected at least one job, got none');
  const stocks = new Map<string, StockJob>();
  for (const { prefix, job } of jobs)
    for (const each of job.stocks) {
      const own = { ...each, pieces: each.pieces.map((piece) => withPrefix(piece, prefix)) };
      const known = stocks.get(each.stock.id);
      stocks.set(each.stock.id, known ? joinStock(known, own) : own);
    }
  const all = jobs.map(({ job }) => job);
  const reaches = all.map(({ reach }) => reach);
  return {
    copies: all.reduce((sum, { copies }) => sum + copies, 0),
    stocks: [...stocks.values()],
    unknown: jobs.flatMap(({ prefix, job }) => job.unknown.map((letter) => prefix + letter)),
    kerf: all.reduce((most, { kerf }) => (kerf > most ? kerf : most), first.job.kerf),
    reach: reaches.reduce((a, b) =>
      a === undefined || b === undefined ? undefined : longerOf(a, b),
    ),
    useful: first.job.useful,
  };
}

function withPrefix(piece: JobPiece, prefix: string): JobPiece {
  return {
    ...piece,
    for: piece.for.map((use) => ({ ...use, letter: prefix + use.letter })),
  };
}

function joinStock(a: StockJob, b: StockJob): StockJob {
  const key = ({ w, h, mayTurn, scores }: JobPiece) => JSON.stringify([w, h, mayTurn, scores]);
  const pieces = new Map<string, JobPiece>();
  for (const piece of [...a.pieces, ...b.pieces]) {
    const known = pieces.get(key(piece));
    pieces.set(key(piece), known ? { ...known, for: [...known.for, ...piece.for] } : piece);
  }
  const sources = [...a.sources];
  for (const source of b.sources) {
    const isThere = sources.some(
      ({ kind, sheet, leftoverId }) =>
        kind === source.kind &&
        kind !== 'recovered' &&
        sheet === source.sheet &&
        leftoverId === source.leftoverId,
    );
    if (!isThere) sources.push(source);
  }
  return {
    stock: a.stock.version >= b.stock.version ? a.stock : b.stock,
    pieces: [...pieces.values()],
    sources,
    chosen: [...new Set([...a.chosen, ...b.chosen])],
    isAcrossGrain: a.isAcrossGrain || b.isAcrossGrain,
  };
}
