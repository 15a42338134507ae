import { halveLength, sameSize, subtractLengths, type Length, type Size } from '../length/length';
import type { CardFormatId, Stand } from './cardFormat';
import { cardFormats } from './cardFormats';
import { standSize } from './layOutBlank';

/** A format that takes a piece, and the border it leaves, halves rounded to the left and top. */
export interface FittingFormat {
  readonly id: CardFormatId;
  readonly name: string;
  readonly stand: Stand;
  readonly face: Size;
  readonly atSides: Length;
  readonly atEnds: Length;
}

/**
 * The named formats that a finished piece fits on, for choosing the base last. A border of nothing
 * fits. The least border in all comes first; ties keep the order the formats are offered in.
 */
export function fitFormats(piece: Size): readonly FittingFormat[] {
  return cardFormats
    .flatMap(({ id, name, finished }) =>
      (['upright', 'lying'] as const)
        .map((stand) => ({ id, name, stand, face: standSize(finished, stand) }))
        .filter(
          ({ stand, face }) =>
            stand === 'upright' || !sameSize(face, standSize(finished, 'upright')),
        ),
    )
    .filter(({ face }) => face.width >= piece.width && face.height >= piece.height)
    .map((each) => ({
      ...each,
      atSides: halveLength(subtractLengths(each.face.width, piece.width))[0],
      atEnds: halveLength(subtractLengths(each.face.height, piece.height))[0],
    }))
    .sort((a, b) => a.atSides + a.atEnds - (b.atSides + b.atEnds));
}
