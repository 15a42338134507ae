import { memo, useId } from 'react';
import type { DrawnPiece } from '../../core/drawing/drawFace';
import { TICKS_PER_INCH } from '../../core/length/length';
import type { Rect } from '../../core/outline/outline';
import { MarkPicture } from './MarkPicture';

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
        <Clipped key={piece.id} clips={piece.clips} scale={scale}>
          <PaperPicture piece={piece} scale={scale} />
        </Clipped>
      ))}
    </g>
  );
}

interface ClippedProps {
  readonly clips: DrawnPiece['clips'];
  readonly scale: number;
  readonly children: React.ReactNode;
}

/** Shows what lies within all of the lines. */
function Clipped({ clips, scale, children }: ClippedProps) {
  const id = useId().replaceAll(/[^a-zA-Z0-9]/g, '');
  return clips.reduce<React.ReactNode>(
    (inner, clip, index) => (
      <g clipPath={`url(#${id}-${index})`}>
        <clipPath id={`${id}-${index}`}>
          <polygon points={clip.map(({ x, y }) => `${x * scale},${y * scale}`).join(' ')} />
        </clipPath>
        {inner}
      </g>
    ),
    <g>{children}</g>,
  );
}

interface PaperProps {
  readonly piece: DrawnPiece;
  readonly scale: number;
}

/** One sheet with what lies on it. */
const PaperPicture = memo(function PaperPicture({ piece, scale }: PaperProps) {
  const id = useId().replaceAll(/[^a-zA-Z0-9]/g, '');
  const { rect, turn, lifted, colour, patterned, marks } = piece;
  const box = boxOf(rect, scale);
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  return (
    <>
      <g transform={turn === 0 ? undefined : `rotate(${turn} ${middle.x} ${middle.y})`}>
        {lifted && <Outline piece={piece} scale={scale} fill="#1e2428" opacity={0.28} by={2} />}
        <Outline
          piece={piece}
          scale={scale}
          fill={colour}
          stroke="#1e2428"
          strokeOpacity={0.22}
          strokeWidth={0.6}
        />
        {piece.stitch !== undefined && <Stitches piece={piece} scale={scale} by={piece.stitch} />}
        {patterned && (
          <>
            <PatternDefinition id={`${id}-pattern`} scale={scale * TICKS_PER_INCH} />
            <Outline piece={piece} scale={scale} fill={`url(#${id}-pattern)`} />
          </>
        )}
      </g>
      {marks.length > 0 && (
        <>
          <clipPath id={`${id}-paper`}>
            <Outline piece={piece} scale={scale} isTurned />
          </clipPath>
          <g clipPath={`url(#${id}-paper)`}>
            {marks.map((mark) => (
              <MarkPicture key={mark.id} mark={mark} scale={scale} />
            ))}
          </g>
        </>
      )}
    </>
  );
});

/** A stitched line: the outer cut drawn smaller about its middle, which keeps even on all but slender shapes. */
function Stitches({ piece, scale, by }: PaperProps & { readonly by: number }) {
  const { uncut, shape } = piece;
  const [outer] = shape?.outline.split(/(?<=[Zz])/) ?? [];
  const inside = {
    x: (uncut.x + by) as Rect['x'],
    y: (uncut.y + by) as Rect['y'],
    width: (uncut.width - 2 * by) as Rect['width'],
    height: (uncut.height - 2 * by) as Rect['height'],
  };
  if (inside.width <= 0 || inside.height <= 0) return null;
  return (
    <Outline
      piece={{
        ...piece,
        rect: inside,
        uncut: inside,
        shape: shape && outer !== undefined ? { ...shape, outline: outer } : null,
      }}
      scale={scale}
      fill="none"
      stroke="#1e2428"
      strokeOpacity={0.35}
      strokeWidth={0.8}
      strokeDasharray="3 2"
    />
  );
}

interface OutlineProps extends React.SVGProps<SVGPathElement> {
  readonly piece: DrawnPiece;
  readonly scale: number;
  /** Moved down and right by so much, as a shadow. */
  readonly by?: number;
  readonly isTurned?: boolean;
}

/** The outline of a sheet: a rectangle, or its die's shape stretched to the box. */
function Outline({ piece, scale, by = 0, isTurned = false, ...paint }: OutlineProps) {
  const { rect, uncut, shape, isMirrored, turn } = piece;
  const shown = boxOf(rect, scale);
  const box = shape ? boxOf(uncut, scale) : shown;
  const turned =
    isTurned && turn !== 0
      ? `rotate(${turn} ${shown.x + shown.width / 2} ${shown.y + shown.height / 2}) `
      : '';
  if (!shape)
    return (
      <path
        {...paint}
        d={`M${box.x + by * 0.75} ${box.y + by}h${box.width}v${box.height}h${-box.width}z`}
        transform={turned || undefined}
      />
    );
  const [across, down] = [box.width / shape.box.width, box.height / shape.box.height];
  const left = isMirrored ? box.x + box.width : box.x;
  return (
    <path
      {...paint}
      d={shape.outline}
      fillRule="evenodd"
      clipRule="evenodd"
      vectorEffect="non-scaling-stroke"
      transform={`${turned}translate(${left + by * 0.75} ${box.y + by}) scale(${isMirrored ? -across : across} ${down})`}
    />
  );
}

function boxOf({ x, y, width, height }: Rect, scale: number) {
  return { x: x * scale, y: y * scale, width: width * scale, height: height * scale };
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
