import type { Stamp } from '../../plan/libraryItem';
import type { PieceOf } from '../../plan/piece';
import type { PlacedMark } from '../markKind';
import type { Stroke } from '../stroke';
import { layerOfPart } from '../layerAt';
import { partPath } from './stampAreas';

/** The parts picked out of the lines of a stamp, as areas that reach to the middle of the lines. */
export function partStrokes(stamp: Stamp, mark: PlacedMark<PieceOf<'image'>>): readonly Stroke[] {
  const { piece, paints } = mark;
  return piece.parts.flatMap(({ at, gap }, index): readonly Stroke[] => {
    const paint = paints[layerOfPart(piece, index)];
    const path = partPath(stamp, gap.ticks, at);
    // What nobody has coloured yet shows what is under it.
    if (!paint || paint.from.kind === 'open' || path === '') return [];
    return [{ kind: 'path', path, box: stamp.shape.box, paint, lineWidth: 0, at: undefined }];
  });
}
