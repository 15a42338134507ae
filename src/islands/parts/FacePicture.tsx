import { useId } from 'react';
import { TICKS_PER_INCH } from '../../core/length/length';
import type { DrawnPiece } from '../../core/drawing/drawFace';

interface Props {
  readonly pieces: readonly DrawnPiece[];
  /** Pixels (or other units of the surrounding drawing) to the tick. */
  readonly scale: number;
}

/** A face as SVG, its top left corner at the origin: lowest layer first, each in its own colour. */
export function FacePicture({ pieces, scale }: Props) {
  const id = useId().replaceAll(/[^a-zA-Z0-9]/g, '');
  return (
    <g>
      {pieces.map(({ id: piece, rect, colour, patterned, lifted }) => {
        const box = {
          x: rect.x * scale,
          y: rect.y * scale,
          width: rect.width * scale,
          height: rect.height * scale,
        };
        return (
          <g key={piece}>
            {lifted && (
              <rect {...box} x={box.x + 1.5} y={box.y + 2} fill="#1e2428" opacity={0.28} />
            )}
            <rect {...box} fill={colour} stroke="#1e2428" strokeOpacity={0.22} strokeWidth={0.6} />
            {patterned && (
              <>
                <PatternDefinition id={`${id}-${piece}`} scale={scale * TICKS_PER_INCH} />
                <rect {...box} fill={`url(#${id}-${piece})`} />
              </>
            )}
          </g>
        );
      })}
    </g>
  );
}

interface PatternProps {
  readonly id: string;
  /** Pixels to the inch. */
  readonly scale: number;
}

/** A quiet leaf-like print, 3/16 in wide, that says 'patterned paper' on any colour. */
function PatternDefinition({ id, scale }: PatternProps) {
  return (
    <defs>
      <pattern
        id={id}
        width="14"
        height="18"
        patternUnits="userSpaceOnUse"
        patternTransform={`scale(${(scale * 3) / 16 / 14})`}
      >
        <g fill="none" stroke="#1e2428" strokeOpacity="0.3" strokeWidth="1">
          <path d="M7 17V9" />
          <path
            d="M7 11c-4 0-5-3-5-5 3 0 5 2 5 5zM7 9c0-4 2-5 5-5 0 3-2 5-5 5z"
            fill="#fff"
            fillOpacity="0.25"
          />
        </g>
      </pattern>
    </defs>
  );
}
