import { inches, millimetres } from '../length/length';
import type { Sides } from './cardFormat';

/** An envelope as it is sold, by its closed size. */
export interface Envelope {
  readonly id: string;
  readonly name: string;
  readonly size: Sides;
  /** Where the figures come from. */
  readonly source: string;
}

/** The envelopes usual for the card formats. */
export const envelopes: readonly Envelope[] = [
  {
    id: 'a2-envelope',
    name: 'A2 envelope',
    size: { short: inches(4, 3, 8), long: inches(5, 3, 4) },
    source: 'PWG 5101.1, common practice (US)',
  },
  {
    id: 'no-10',
    name: 'No. 10 envelope',
    size: { short: inches(4, 1, 8), long: inches(9, 1, 2) },
    source: 'PWG 5101.1',
  },
  {
    id: 'c6',
    name: 'C6 envelope',
    size: { short: millimetres(114), long: millimetres(162) },
    source: 'ISO 269',
  },
  {
    id: 'c5',
    name: 'C5 envelope',
    size: { short: millimetres(162), long: millimetres(229) },
    source: 'ISO 269',
  },
  {
    id: 'dl-envelope',
    name: 'DL envelope',
    size: { short: millimetres(110), long: millimetres(220) },
    source: 'ISO 269',
  },
  {
    id: 'a9-envelope',
    name: 'A9 envelope',
    size: { short: inches(5, 3, 4), long: inches(8, 3, 4) },
    source: 'from memory (US); for the half page',
  },
];
