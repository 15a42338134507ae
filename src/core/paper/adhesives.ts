import { millimetres, zeroLength, type Length } from '../length/length';

/** How a piece is stuck to what it lies on. */
export const adhesiveIds = [
  'liquid',
  'tape',
  'thin-foam',
  'foam',
  'foam-sheet',
  'thick-foam',
] as const;
export type AdhesiveId = (typeof adhesiveIds)[number];

export interface Adhesive {
  readonly id: AdhesiveId;
  readonly name: string;
  /** The lift it gives, from memory; a maker's own figure goes before it. */
  readonly height: Length;
  /** Lifts the piece: in blocks with air between, or as a sheet a little smaller than it. */
  readonly foam: boolean;
  /** What one buys of it, and by what its use is reckoned: along the edge of a piece, or over its area. */
  readonly unit: 'm' | 'ml' | 'piece';
  readonly by: 'edge' | 'area';
  /** Units per metre of edge, or per 100 square centimetres; from memory, so a habit of the house. */
  readonly rate: number;
}

/**
 * In order of height; heights and rates are from memory. Tape runs all round; a bead of glue 1 mm wide and
 * 0.5 mm high holds half a millilitre a metre; foam squares of 6 mm stand about 3 cm apart;
 * foam sheet is counted in pieces of 10 x 10 cm.
 */
export const adhesives: readonly Adhesive[] = [
  {
    id: 'liquid',
    name: 'liquid glue',
    height: zeroLength,
    foam: false,
    unit: 'ml',
    by: 'edge',
    rate: 0.5,
  },
  {
    id: 'tape',
    name: 'tape',
    height: millimetres(0.1),
    foam: false,
    unit: 'm',
    by: 'edge',
    rate: 1,
  },
  {
    id: 'thin-foam',
    name: 'thin foam',
    height: millimetres(1),
    foam: true,
    unit: 'piece',
    by: 'area',
    rate: 12,
  },
  {
    id: 'foam',
    name: 'foam squares',
    height: millimetres(1.5),
    foam: true,
    unit: 'piece',
    by: 'area',
    rate: 12,
  },
  {
    id: 'foam-sheet',
    name: 'foam sheet',
    height: millimetres(2),
    foam: true,
    unit: 'piece',
    by: 'area',
    rate: 1,
  },
  {
    id: 'thick-foam',
    name: 'thick foam',
    height: millimetres(3),
    foam: true,
    unit: 'piece',
    by: 'area',
    rate: 12,
  },
];

/** @throws RangeError for an id no schema lets through. */
export function adhesive(id: AdhesiveId): Adhesive {
  const found = adhesives.find((each) => each.id === id);
  if (!found)
    throw new RangeError(`adhesive: expected one of ${adhesiveIds.join(', ')}, got ${id}`);
  return found;
}
