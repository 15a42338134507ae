import { memo, useId } from 'react';
import type { DrawnMark } from '../../core/drawing/drawFace';
import type { Stroke } from '../../core/kinds/stroke';
import type { LetteringId } from '../../core/lettering/letterings';
import type { Rect } from '../../core/outline/outline';

interface Props {
  readonly mark: DrawnMark;
  /** Pixels (or other units of the surrounding drawing) to the tick. */
  readonly scale: number;
}

/** What is printed, written, stuck or drawn on paper. */
export const MarkPicture = memo(function MarkPicture({ mark, scale }: Props) {
  const id = useId().replaceAll(/[^a-zA-Z0-9]/g, '');
  const { rect, whole, turn, strokes } = mark;
  const isMasked = rect.width !== whole.width || rect.height !== whole.height;
  const middle = { x: (rect.x + rect.width / 2) * scale, y: (rect.y + rect.height / 2) * scale };
  return (
    <g transform={turn === 0 ? undefined : `rotate(${turn} ${middle.x} ${middle.y})`}>
      {isMasked && (
        <clipPath id={`${id}-shown`}>
          <rect
            x={rect.x * scale}
            y={rect.y * scale}
            width={rect.width * scale}
            height={rect.height * scale}
          />
        </clipPath>
      )}
      <g clipPath={isMasked ? `url(#${id}-shown)` : undefined}>
        {strokes.map((stroke, index) => (
          <StrokePicture key={index} stroke={stroke} whole={whole} scale={scale} />
        ))}
      </g>
    </g>
  );
}, looksAlike);

/** A card is resolved anew at each step of a drag, though most of its marks stay as they are. */
function looksAlike({ mark: a, scale }: Props, { mark: b, scale: next }: Props): boolean {
  return (
    scale === next &&
    a.from !== undefined &&
    a.from.every((part, index) => part === b.from?.[index]) &&
    isSameBox(a.rect, b.rect) &&
    isSameBox(a.whole, b.whole)
  );
}

const isSameBox = (a: Rect, b: Rect) =>
  a.x === b.x && a.y === b.y && a.width === b.width && a.height === b.height;

/** The font of each lettering, as it ships. */
const fonts: Readonly<Record<LetteringId, string>> = {
  clarendon: 'var(--font-heading)',
  hand: 'Caveat, cursive',
  plain: 'var(--font-sans)',
};

interface StrokeProps {
  readonly stroke: Stroke;
  readonly whole: Rect;
  readonly scale: number;
}

function StrokePicture({ stroke, whole, scale }: StrokeProps) {
  const box = stroke.kind === 'path' ? (stroke.at ?? whole) : whole;
  const [left, top] = [box.x * scale, box.y * scale];
  switch (stroke.kind) {
    case 'path': {
      const { path, box: units, colour, lineWidth } = stroke;
      const across = (box.width * scale) / units.width;
      const down = (box.height * scale) / units.height;
      const isLine = lineWidth > 0;
      return (
        <path
          d={path}
          fillRule="evenodd"
          fill={isLine ? 'none' : colour}
          stroke={isLine ? colour : 'none'}
          // The line keeps its width where the box is stretched.
          vectorEffect={isLine ? 'non-scaling-stroke' : undefined}
          strokeWidth={isLine ? lineWidth * scale : undefined}
          strokeLinecap="round"
          strokeLinejoin="round"
          transform={`translate(${left} ${top}) scale(${across} ${down})`}
        />
      );
    }
    case 'words':
      return (
        <>
          {stroke.lines.map(({ text, x, baseline, advance }, index) => (
            <text
              key={index}
              x={left + x * scale}
              y={top + baseline * scale}
              fill={stroke.colour}
              style={{
                fontFamily: fonts[stroke.lettering],
                fontWeight: 600,
                fontSize: stroke.em * scale,
                fontKerning: 'none',
                fontFeatureSettings: 'normal',
                fontVariantLigatures: 'none',
              }}
              textLength={text.length > 1 ? advance * scale : undefined}
            >
              {text}
            </text>
          ))}
        </>
      );
    case 'dot': {
      const radius = (whole.width * scale) / 2;
      const middle = { cx: left + radius, cy: top + radius };
      return (
        <>
          <circle
            {...middle}
            r={radius}
            fill={stroke.colour}
            stroke={stroke.look === 'splatter' ? 'none' : '#1e2428'}
            strokeOpacity={0.35}
            strokeWidth={Math.min(0.8, radius / 4)}
          />
          {stroke.look !== 'splatter' && radius > 1.5 && (
            <circle
              cx={middle.cx - radius * 0.3}
              cy={middle.cy - radius * 0.3}
              r={radius * 0.25}
              fill="#ffffff"
              opacity={0.75}
            />
          )}
        </>
      );
    }
    default:
      throw new TypeError(`StrokePicture: unknown ${JSON.stringify(stroke satisfies never)}`);
  }
}
