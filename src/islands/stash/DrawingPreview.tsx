import type { DrawingLayer } from '../../core/composition/drawingLayers';
import { printedLayers } from '../../core/composition/drawingLayers';
import type { SvgDrawing } from '../../core/svg/readSvgDrawing';

interface Props {
  readonly drawing: SvgDrawing;
  /** As a stamp prints; undefined for what is cut. */
  readonly layers: readonly DrawingLayer[] | undefined;
}

/** The drawing as it was read. */
export function DrawingPreview({ drawing: { box, outline }, layers }: Props) {
  return (
    <svg
      width={150}
      height={150}
      viewBox={`-10 -10 ${box.width + 20} ${box.height + 20}`}
      role="img"
      aria-label="The drawing as it was read"
    >
      {layers ? (
        printedLayers(layers).map(({ path, lineWidth, colour }, index) => (
          <path
            key={index}
            d={path}
            fill={lineWidth > 0 ? 'none' : colour}
            fillRule="evenodd"
            stroke={lineWidth > 0 ? colour : 'none'}
            strokeWidth={lineWidth}
          />
        ))
      ) : (
        <path
          d={outline}
          fill="#e4e8e6"
          fillRule="evenodd"
          stroke="#1e2428"
          vectorEffect="non-scaling-stroke"
        />
      )}
    </svg>
  );
}
