import type { Pattern, RelaxedCover } from './coverSolver';

/** Below this a figure of the programme counts as nothing; prices and uses are of the order of one. */
const tiny = 1e-9;
/** The inverse is worked out anew after so many steps, before rounding adds up; or twice the rows, where that is more. */
const freshAfter = 100;
/**
 * What is wanted of each piece is taken a little higher, of each by another share of this, so that no two rows are used up
 * at the same step: steps that lead nowhere would follow one another. Far below what counts as a part of a sheet.
 */
const apart = 1e-7;
/** So many steps without progress, and the choice goes by number, which cannot go round in a circle. */
const patience = 200;

/**
 * The covering programme where sheets may be cut in parts, kept from one solving to the next: patterns are added, and it
 * goes on from where it was. The revised simplex method with the inverse of the basis written out; a batch has a row for
 * each kind of piece, so that it stays small.
 * Source: Dantzig and Orchard-Hays, The product form for the inverse in the simplex method, MTAC 8 (1954).
 *
 * Rows: for each wanted piece  sum of counts x use - surplus + short = wanted;
 *       for each limited source  sum of its uses + spare = limit.
 */
export class CoverRelaxation {
  readonly #rows: readonly Row[];
  readonly #rowOfPiece: readonly (number | undefined)[];
  readonly #rowOfSource: readonly (number | undefined)[];
  readonly #costs: readonly number[];
  readonly #columns: Column[] = [];
  readonly #firstPattern: number;
  #patterns = 0;
  /** By row, the column in the basis. */
  #basis: number[];
  #inBasis: boolean[];
  /** The inverse of the basis, row by row. */
  #inverse: Float64Array;
  #values: Float64Array;
  #sinceFresh = 0;

  /**
   * @param wanted by piece; one that is not wanted has no row
   * @param costs by source, of a sheet @param limits by source; undefined where there is none
   * @param shortCost of a piece that goes without; more than any sheet could save
   */
  constructor(
    readonly wanted: readonly number[],
    costs: readonly number[],
    limits: readonly (number | undefined)[],
    shortCost: number,
  ) {
    this.#costs = costs;
    const rows: Row[] = [];
    this.#rowOfPiece = wanted.map((count) =>
      count > 0
        ? rows.push({ kind: 'piece', right: count + (apart * (1 + (rows.length % 97))) / 97 }) - 1
        : undefined,
    );
    this.#rowOfSource = limits.map((limit) =>
      limit === undefined ? undefined : rows.push({ kind: 'source', right: limit }) - 1,
    );
    this.#rows = rows;
    for (const [row, { kind }] of rows.entries())
      this.#columns.push(
        kind === 'piece'
          ? { rows: [row], figures: [1], cost: shortCost }
          : { rows: [row], figures: [1], cost: 0 },
      );
    for (const [row, { kind }] of rows.entries())
      if (kind === 'piece') this.#columns.push({ rows: [row], figures: [-1], cost: 0 });
    this.#firstPattern = this.#columns.length;
    // At first every piece goes without.
    this.#basis = rows.map((_, row) => row);
    this.#inBasis = this.#columns.map((_, at) => at < rows.length);
    this.#inverse = identity(rows.length);
    this.#values = Float64Array.from(rows, ({ right }) => right);
  }

  /** Adds a pattern; more of a piece than is wanted saves nothing, so it is not counted. */
  add({ source, counts }: Pattern): void {
    const rows: number[] = [];
    const figures: number[] = [];
    for (const [piece, count] of counts.entries()) {
      const row = this.#rowOfPiece[piece];
      if (row === undefined || count <= 0) continue;
      rows.push(row);
      figures.push(Math.min(count, this.wanted[piece] ?? 0));
    }
    const limited = this.#rowOfSource[source];
    if (limited !== undefined) {
      rows.push(limited);
      figures.push(1);
    }
    this.#columns.push({ rows, figures, cost: this.#costs[source] ?? 1 });
    this.#inBasis.push(false);
    this.#patterns++;
  }

  /**
   * The least cost over the patterns added so far, with what one more of each piece would cost.
   * @param isOver asked now and then; true ends it with the best so far
   */
  solve(isOver: () => boolean = () => false): RelaxedCover {
    let stuck = 0;
    for (let step = 1; ; step++) {
      const prices = this.#prices();
      const entering = this.#chooseColumn(prices, stuck > patience);
      const isLast = entering === undefined || (step % 64 === 0 && isOver());
      if (isLast) return this.#answer(prices);
      const direction = this.#direction(entering);
      const leaving = this.#chooseRow(direction);
      // Every column costs something and every row ends somewhere, so there is a row to leave by.
      if (leaving === undefined) return this.#answer(prices);
      stuck = (this.#values[leaving] ?? 0) <= tiny ? stuck + 1 : 0;
      this.#pivot(entering, leaving, direction);
    }
  }

  #prices(): Float64Array {
    const size = this.#rows.length;
    const prices = new Float64Array(size);
    for (let row = 0; row < size; row++) {
      const cost = this.#columns[this.#basis[row] ?? 0]?.cost ?? 0;
      if (cost === 0) continue;
      const line = row * size;
      for (let at = 0; at < size; at++)
        prices[at] = (prices[at] ?? 0) + cost * (this.#inverse[line + at] ?? 0);
    }
    return prices;
  }

  /** The column that saves most for each of it; by number, the first that saves at all. */
  #chooseColumn(prices: Float64Array, isByNumber: boolean): number | undefined {
    let best = -tiny * 100;
    let found: number | undefined;
    for (const [at, { rows, figures, cost }] of this.#columns.entries()) {
      if (this.#inBasis[at]) continue;
      let reduced = cost;
      for (let index = 0; index < rows.length; index++)
        reduced -= (prices[rows[index] ?? 0] ?? 0) * (figures[index] ?? 0);
      if (reduced >= best) continue;
      found = at;
      if (isByNumber) return found;
      best = reduced;
    }
    return found;
  }

  /** What one of a column takes from each row of the basis. */
  #direction(column: number): Float64Array {
    const size = this.#rows.length;
    const { rows, figures } = this.#columns[column] ?? { rows: [], figures: [] };
    const direction = new Float64Array(size);
    for (let row = 0; row < size; row++) {
      let sum = 0;
      for (let index = 0; index < rows.length; index++)
        sum += (this.#inverse[row * size + (rows[index] ?? 0)] ?? 0) * (figures[index] ?? 0);
      direction[row] = sum;
    }
    return direction;
  }

  /** The row that is used up first; of several, the one with the largest figure, which rounds least. */
  #chooseRow(direction: Float64Array): number | undefined {
    let least = Infinity;
    let found: number | undefined;
    for (const [row, figure] of direction.entries()) {
      if (figure <= tiny * 10) continue;
      const ratio = (this.#values[row] ?? 0) / figure;
      const isFirst = ratio < least - tiny;
      const isSteadier = ratio <= least + tiny && figure > (direction[found ?? -1] ?? 0);
      if (!isFirst && !isSteadier) continue;
      least = Math.min(least, ratio);
      found = row;
    }
    return found;
  }

  #pivot(entering: number, leaving: number, direction: Float64Array): void {
    const size = this.#rows.length;
    const figure = direction[leaving] ?? 1;
    const inverse = this.#inverse;
    const line = leaving * size;
    const step = (this.#values[leaving] ?? 0) / figure;
    for (let at = 0; at < size; at++) inverse[line + at] = (inverse[line + at] ?? 0) / figure;
    for (let row = 0; row < size; row++) {
      const taken = direction[row] ?? 0;
      if (row === leaving || taken === 0) continue;
      const own = row * size;
      for (let at = 0; at < size; at++)
        inverse[own + at] = (inverse[own + at] ?? 0) - taken * (inverse[line + at] ?? 0);
      this.#values[row] = Math.max(0, (this.#values[row] ?? 0) - taken * step);
    }
    this.#values[leaving] = step;
    this.#inBasis[this.#basis[leaving] ?? 0] = false;
    this.#inBasis[entering] = true;
    this.#basis[leaving] = entering;
    if (++this.#sinceFresh >= Math.max(freshAfter, 2 * size)) this.#freshen();
  }

  /** Works the inverse out anew from the basis, by elimination with the largest figure of each column first. */
  #freshen(): void {
    this.#sinceFresh = 0;
    const size = this.#rows.length;
    const matrix = new Float64Array(size * size);
    for (const [place, column] of this.#basis.entries()) {
      const { rows, figures } = this.#columns[column] ?? { rows: [], figures: [] };
      for (const [index, row] of rows.entries()) matrix[row * size + place] = figures[index] ?? 0;
    }
    const inverse = invert(matrix, size);
    // A basis that rounding has made singular keeps the inverse it had.
    if (!inverse) return;
    this.#inverse = inverse;
    for (let row = 0; row < size; row++) {
      let value = 0;
      for (let at = 0; at < size; at++)
        value += (inverse[row * size + at] ?? 0) * (this.#rows[at]?.right ?? 0);
      this.#values[row] = Math.max(0, value);
    }
  }

  #answer(prices: Float64Array): RelaxedCover {
    const uses = new Array<number>(this.#patterns).fill(0);
    for (const [row, column] of this.#basis.entries())
      if (column >= this.#firstPattern) uses[column - this.#firstPattern] = this.#values[row] ?? 0;
    return {
      uses,
      prices: this.#rowOfPiece.map((row) =>
        row === undefined ? 0 : Math.max(0, prices[row] ?? 0),
      ),
    };
  }
}

interface Row {
  readonly kind: 'piece' | 'source';
  readonly right: number;
}

/** A column of the programme: its figures by row, and what one of it costs. */
interface Column {
  readonly rows: readonly number[];
  readonly figures: readonly number[];
  readonly cost: number;
}

function identity(size: number): Float64Array {
  const matrix = new Float64Array(size * size);
  for (let at = 0; at < size; at++) matrix[at * size + at] = 1;
  return matrix;
}

/** Mutates the matrix while it works. @returns undefined where it has no inverse. */
function invert(matrix: Float64Array, size: number): Float64Array | undefined {
  const inverse = identity(size);
  for (let column = 0; column < size; column++) {
    let pivot = column;
    for (let row = column + 1; row < size; row++)
      if (Math.abs(matrix[row * size + column] ?? 0) > Math.abs(matrix[pivot * size + column] ?? 0))
        pivot = row;
    const figure = matrix[pivot * size + column] ?? 0;
    if (Math.abs(figure) < tiny) return undefined;
    if (pivot !== column) {
      swapRows(matrix, size, pivot, column);
      swapRows(inverse, size, pivot, column);
    }
    const line = column * size;
    for (let at = 0; at < size; at++) {
      matrix[line + at] = (matrix[line + at] ?? 0) / figure;
      inverse[line + at] = (inverse[line + at] ?? 0) / figure;
    }
    for (let row = 0; row < size; row++) {
      const taken = matrix[row * size + column] ?? 0;
      if (row === column || taken === 0) continue;
      const own = row * size;
      for (let at = 0; at < size; at++) {
        matrix[own + at] = (matrix[own + at] ?? 0) - taken * (matrix[line + at] ?? 0);
        inverse[own + at] = (inverse[own + at] ?? 0) - taken * (inverse[line + at] ?? 0);
      }
    }
  }
  return inverse;
}

function swapRows(matrix: Float64Array, size: number, a: number, b: number): void {
  for (let at = 0; at < size; at++) {
    const kept = matrix[a * size + at] ?? 0;
    matrix[a * size + at] = matrix[b * size + at] ?? 0;
    matrix[b * size + at] = kept;
  }
}
