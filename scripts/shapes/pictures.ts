import { allotment } from './allotment';
import { buttonTin } from './buttonTin';
import { hedgerow } from './hedgerow';
import { nightTram } from './nightTram';
import { tideTable } from './tideTable';
import type { Picture } from './picture';

/** Every picture of the demo's stamps, release by release. */
export const pictures: readonly Picture[] = [
  ...allotment,
  ...hedgerow,
  ...nightTram,
  ...tideTable,
  ...buttonTin,
];
