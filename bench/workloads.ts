import { seeded } from '../src/core/seeded';

/** A batch to cut: sheets with what one costs, and pieces. */
export interface Workload {
  readonly id: string;
  readonly sources: readonly {
    readonly w: number;
    readonly h: number;
    readonly cost: number;
    readonly limit: undefined;
  }[];
  readonly pieces: readonly {
    readonly w: number;
    readonly h: number;
    readonly copies: number;
    readonly mayTurn: boolean;
  }[];
  /** So many sheets suffice, where that is known from how it was made. */
  readonly suffices?: number;
}

const sheet = (w: number, h: number, cost = w * h) => ({ w, h, cost, limit: undefined });
const letter = sheet(136, 176);

/**
 * Bases, mats, panels, liners and strips as a team cuts them for several cards at once, in sixteenths of an inch from
 * letter sheets; with grain, bases and half of the mats lie one way.
 */
export function mixedBatch(
  seed: number,
  cards: number,
  copies: number,
  hasGrain: boolean,
): Workload {
  const random = seeded(seed);
  const between = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));
  const pieces = Array.from({ length: cards }, () => {
    const base = [
      [136, 88],
      [136, 112],
      [176, 88],
      [160, 80],
    ][between(0, 3)] as [number, number];
    const [w, h] = [base[0] / 2, base[1]];
    const own = (short: number): [number, number] => [w - short, h - short];
    const count = () => between(Math.max(1, Math.floor(copies / 2)), Math.ceil(copies * 1.5));
    const often = count();
    return [
      { w: base[0], h: base[1], copies: often, mayTurn: !hasGrain },
      ...[between(2, 6), between(8, 14), between(16, 24)].map((short, at) => ({
        w: own(short)[0],
        h: own(short)[1],
        copies: often,
        mayTurn: !(hasGrain && at === 0),
      })),
      { w: between(30, 64), h: between(8, 20), copies: count(), mayTurn: true },
    ].filter((piece) => piece.w <= 176 && piece.h <= 176);
  }).flat();
  const fitting = pieces.filter(
    ({ w, h, mayTurn }) => (w <= 136 && h <= 176) || (mayTurn && h <= 136 && w <= 176),
  );
  return {
    id: `${hasGrain ? 'grain' : 'mixed'} ${cards} cards x ${copies}, seed ${seed}`,
    sources: [letter],
    pieces: fitting,
  };
}

/** Patterned paper in two sizes of pad. */
export function twoPads(seed: number, copies: number): Workload {
  const random = seeded(seed);
  const between = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));
  const pieces = Array.from({ length: 6 }, () => ({
    w: between(28, 90),
    h: between(20, 94),
    copies: between(Math.ceil(copies / 2), copies),
    mayTurn: random() < 0.5,
  }));
  return {
    id: `two pads x ${copies}, seed ${seed}`,
    sources: [sheet(192, 192), sheet(96, 96)],
    pieces,
  };
}

/** Whole sheets cut up edge to edge without any waste, so that as many sheets suffice. */
export function withoutWaste(seed: number, sheets: number): Workload {
  const random = seeded(seed);
  const pieces = new Map<string, { w: number; h: number; copies: number; mayTurn: boolean }>();
  const cut = (w: number, h: number, depth: number): void => {
    const isDone = depth === 0 || (depth < 3 && random() < 0.25) || Math.max(w, h) < 24;
    if (isDone) {
      const key = `${w} ${h}`;
      const known = pieces.get(key) ?? { w, h, copies: 0, mayTurn: true };
      pieces.set(key, { ...known, copies: known.copies + 1 });
      return;
    }
    const isAcross = w > h;
    const side = isAcross ? w : h;
    const at = Math.round(side * (0.3 + 0.4 * random()));
    if (isAcross) {
      cut(at, h, depth - 1);
      cut(w - at, h, depth - 1);
    } else {
      cut(w, at, depth - 1);
      cut(w, h - at, depth - 1);
    }
  };
  for (let count = 0; count < sheets; count++) cut(136, 176, 4);
  return {
    id: `no waste ${sheets}, seed ${seed}`,
    sources: [letter],
    pieces: [...pieces.values()],
    suffices: sheets,
  };
}
