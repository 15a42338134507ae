import { cardFormatIds, type CardFormat, type CardFormatId } from './cardFormat';
import { a2 } from './formats/a2';
import { a6 } from './formats/a6';
import { dl } from './formats/dl';
import { halfPage } from './formats/halfPage';
import { miniSlimline } from './formats/miniSlimline';
import { slimline } from './formats/slimline';
import { squares } from './formats/squares';

/** The named formats in the order they are offered; a custom size stands beside them. */
export const cardFormats: readonly CardFormat[] = [
  a2,
  a6,
  dl,
  slimline,
  miniSlimline,
  halfPage,
  ...squares,
];

/** @throws RangeError for an id no schema lets through. */
export function cardFormat(id: CardFormatId): CardFormat {
  const found = cardFormats.find((format) => format.id === id);
  if (!found)
    throw new RangeError(`cardFormat: expected one of ${cardFormatIds.join(', ')}, got ${id}`);
  return found;
}
