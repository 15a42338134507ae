import { inches, millimetres } from '../length/length';
import type { Sides } from './cardFormat';

export const envelopeIds = [
  'a1-envelope',
  'a2-envelope',
  'a6-envelope',
  'a7-envelope',
  'a8-envelope',
  'a9-envelope',
  'a10-envelope',
  'slimline-envelope',
  'no-10',
  'square-5-1/4',
  'square-5-1/2',
  'square-6-1/2',
  'c7',
  'c6',
  'b6',
  'dl-envelope',
  'c6-c5',
  'square-155',
  'c5',
  'b5',
  'c4',
] as const;
export type EnvelopeId = (typeof envelopeIds)[number];

/** An envelope as it is sold, by its closed size. */
export interface Envelope {
  readonly id: EnvelopeId;
  readonly name: string;
  readonly size: Sides;
  /** Where the figures come from. */
  readonly source: string;
}

/** The envelopes usual for the card formats, those of inches first. */
export const envelopes: readonly Envelope[] = [
  {
    id: 'a1-envelope',
    name: 'A1 envelope',
    size: { short: inches(3, 5, 8), long: inches(5, 1, 8) },
    source: 'common practice (US)',
  },
  {
    id: 'a2-envelope',
    name: 'A2 envelope',
    size: { short: inches(4, 3, 8), long: inches(5, 3, 4) },
    source: 'PWG 5101.1, common practice (US)',
  },
  {
    id: 'a6-envelope',
    name: 'A6 envelope',
    size: { short: inches(4, 3, 4), long: inches(6, 1, 2) },
    source: 'common practice (US)',
  },
  {
    id: 'a7-envelope',
    name: 'A7 envelope',
    size: { short: inches(5, 1, 4), long: inches(7, 1, 4) },
    source: 'common practice (US)',
  },
  {
    id: 'a8-envelope',
    name: 'A8 envelope',
    size: { short: inches(5, 1, 2), long: inches(8, 1, 8) },
    source: 'common practice (US)',
  },
  {
    id: 'a9-envelope',
    name: 'A9 envelope',
    size: { short: inches(5, 3, 4), long: inches(8, 3, 4) },
    source: 'from memory (US); for the half page',
  },
  {
    id: 'a10-envelope',
    name: 'A10 envelope',
    size: { short: inches(6), long: inches(9, 1, 2) },
    source: 'common practice (US)',
  },
  {
    id: 'slimline-envelope',
    name: 'slimline envelope',
    size: { short: inches(3, 7, 8), long: inches(8, 7, 8) },
    source: 'common practice (US)',
  },
  {
    id: 'no-10',
    name: 'No. 10 envelope',
    size: { short: inches(4, 1, 8), long: inches(9, 1, 2) },
    source: 'PWG 5101.1',
  },
  {
    id: 'square-5-1/4',
    name: '5 1/4 in square envelope',
    size: { short: inches(5, 1, 4), long: inches(5, 1, 4) },
    source: 'from memory (US)',
  },
  {
    id: 'square-5-1/2',
    name: '5 1/2 in square envelope',
    size: { short: inches(5, 1, 2), long: inches(5, 1, 2) },
    source: 'from memory (US)',
  },
  {
    id: 'square-6-1/2',
    name: '6 1/2 in square envelope',
    size: { short: inches(6, 1, 2), long: inches(6, 1, 2) },
    source: 'from memory (US)',
  },
  {
    id: 'c7',
    name: 'C7 envelope',
    size: { short: millimetres(81), long: millimetres(114) },
    source: 'ISO 269',
  },
  {
    id: 'c6',
    name: 'C6 envelope',
    size: { short: millimetres(114), long: millimetres(162) },
    source: 'ISO 269',
  },
  {
    id: 'b6',
    name: 'B6 envelope',
    size: { short: millimetres(125), long: millimetres(176) },
    source: 'ISO 269',
  },
  {
    id: 'dl-envelope',
    name: 'DL envelope',
    size: { short: millimetres(110), long: millimetres(220) },
    source: 'ISO 269',
  },
  {
    id: 'c6-c5',
    name: 'C6/C5 envelope',
    size: { short: millimetres(114), long: millimetres(229) },
    source: 'ISO 269',
  },
  {
    id: 'square-155',
    name: '155 mm square envelope',
    size: { short: millimetres(155), long: millimetres(155) },
    source: 'from memory',
  },
  {
    id: 'c5',
    name: 'C5 envelope',
    size: { short: millimetres(162), long: millimetres(229) },
    source: 'ISO 269',
  },
  {
    id: 'b5',
    name: 'B5 envelope',
    size: { short: millimetres(176), long: millimetres(250) },
    source: 'ISO 269',
  },
  {
    id: 'c4',
    name: 'C4 envelope',
    size: { short: millimetres(229), long: millimetres(324) },
    source: 'ISO 269',
  },
];
