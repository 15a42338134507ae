import { memo } from 'react';
import type { DrawnPiece } from '../../core/pictures/drawFace';
import { clipsOf, paperArea, paperShapes } from '../../core/pictures/faceShapes';
import { MarkPicture } from './MarkPicture';
import { Clipped, Shapes } from './Shapes';

interface Props {
  readonly pieces: readonly DrawnPiece[];
  /** Pixels (or other units of the surrounding drawing) to the tick. */
  readonly scale: number;
}

/** A face as SVG, its top left corner at the origin: lowest layer first, each in its own colour. */
export function FacePicture({ pieces, scale }: Props) {
  return (
    <g>
      {pieces.map((piece) => (
        <g key={piece.id}>
          <Clipped clips={clipsOf(piece)} scale={scale}>
            <PaperPicture piece={piece} scale={scale} />
          </Clipped>
        </g>
      ))}
    </g>
  );
}

interface PaperProps {
  readonly piece: DrawnPiece;
  readonly scale: number;
}

/** One sheet with what lies on it. */
const PaperPicture = memo(function PaperPicture({ piece, scale }: PaperProps) {
  return (
    <>
      <Shapes shapes={paperShapes(piece)} scale={scale} />
      {piece.marks.length > 0 && (
        <Clipped clips={[paperArea(piece)]} scale={scale}>
          <g>
            {piece.marks.map((mark) => (
              <MarkPicture key={mark.id} mark={mark} paper={paperArea(piece)} scale={scale} />
            ))}
          </g>
        </Clipped>
      )}
    </>
  );
});
