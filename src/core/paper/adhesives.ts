import { millimetres, zeroLength, type Length } from '../length/length';

/** How a piece is stuck to what it lies on. */
export const adhesiveIds = ['liquid', 'tape', 'thin-foam', 'foam', 'thick-foam'] as const;
export type AdhesiveId = (typeof adhesiveIds)[number];

export interface Adhesive {
  readonly id: AdhesiveId;
  readonly name: string;
  /** The lift it gives, from memory; a maker's own figure goes before it. */
  readonly height: Length;
  /** Foam stands under the piece in blocks with air between. */
  readonly foam: boolean;
}

/** In order of height; heights are from memory. */
export const adhesives: readonly Adhesive[] = [
  { id: 'liquid', name: 'liquid glue', height: zeroLength, foam: false },
  { id: 'tape', name: 'tape', height: millimetres(0.1), foam: false },
  { id: 'thin-foam', name: 'thin foam', height: millimetres(1), foam: true },
  { id: 'foam', name: 'foam squares', height: millimetres(1.5), foam: true },
  { id: 'thick-foam', name: 'thick foam', height: millimetres(3), foam: true },
];

/** @throws RangeError for an id no schema lets through. */
export function adhesive(id: AdhesiveId): Adhesive {
  const found = adhesives.find((each) => each.id === id);
  if (!found)
    throw new RangeError(`adhesive: expected one of ${adhesiveIds.join(', ')}, got ${id}`);
  return found;
}
