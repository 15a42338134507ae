import { useId } from 'react';
import { fontFamilies, letteringWeight } from '../../core/drawing/fontFamilies';
import type { Area, Line, Shape, Turn } from '../../core/drawing/shape';
import { pathOf } from './pathOf';

interface Props {
  readonly shapes: readonly Shape[];
  /** Pixels (or other units of the surrounding drawing) to the tick. */
  readonly scale: number;
}

/** Shapes on screen, as they are written to files. */
export function Shapes({ shapes, scale }: Props) {
  return shapes.map((shape, index) => <ShapeView key={index} shape={shape} scale={scale} />);
}

function ShapeView({ shape, scale }: { readonly shape: Shape; readonly scale: number }) {
  const id = useId().replaceAll(/[^a-zA-Z0-9]/g, '');
  switch (shape.kind) {
    case 'group':
      return (
        <g transform={turnOf(shape.turn, scale)}>
          <Clipped clips={shape.clips ?? []} scale={scale}>
            <Shapes shapes={shape.shapes} scale={scale} />
          </Clipped>
        </g>
      );
    case 'text':
      return <TextView text={shape} scale={scale} />;
    case 'line':
      return (
        <polyline
          points={shape.points.map(({ x, y }) => `${x * scale},${y * scale}`).join(' ')}
          fill="none"
          transform={turnOf(shape.turn, scale)}
          {...lineOf(shape.line, scale)}
        />
      );
    default: {
      const { fill } = shape;
      const shared = fill?.kind === 'plain' ? undefined : fill;
      return (
        <>
          {shared && <Definition id={id} fill={shared} scale={scale} />}
          <AreaView
            area={shape}
            scale={scale}
            fill={fill?.kind === 'plain' ? fill.colour : shared ? `url(#${id})` : 'none'}
            fillOpacity={fill?.kind === 'plain' ? fill.opacity : undefined}
            {...lineOf(shape.line, scale)}
          />
        </>
      );
    }
  }
}

interface ClippedProps {
  readonly clips: readonly Area[];
  readonly scale: number;
  readonly children: React.ReactNode;
}

/** Shows what lies within all of some areas. */
export function Clipped({ clips, scale, children }: ClippedProps) {
  const id = useId().replaceAll(/[^a-zA-Z0-9]/g, '');
  return clips.reduce<React.ReactNode>(
    (inner, clip, index) => (
      <g clipPath={`url(#${id}-${index})`}>
        <clipPath id={`${id}-${index}`}>
          <AreaView area={clip} scale={scale} />
        </clipPath>
        {inner}
      </g>
    ),
    children,
  );
}

interface AreaProps extends React.SVGProps<SVGPathElement> {
  readonly area: Area;
  readonly scale: number;
}

function AreaView({ area, scale, ...look }: AreaProps) {
  const turn = turnOf(area.turn, scale);
  if (area.kind === 'circle') {
    const { x, y, radius } = area;
    const place = { cx: x * scale, cy: y * scale, r: radius * scale, transform: turn };
    return <circle {...(look as React.SVGProps<SVGCircleElement>)} {...place} />;
  }
  const rule = { fillRule: 'evenodd', clipRule: 'evenodd' } as const;
  if (area.kind === 'outline')
    return <path {...look} {...rule} d={pathOf(area.outline, scale)} transform={turn} />;
  const { path, box, at, isMirrored = false } = area;
  const [across, down] = [(at.width / box.width) * scale, (at.height / box.height) * scale];
  const left = (isMirrored ? at.x + at.width : at.x) * scale;
  const place = `translate(${left} ${at.y * scale}) scale(${isMirrored ? -across : across} ${down})`;
  return (
    <path
      {...look}
      {...rule}
      d={path}
      // The line keeps its width where the box is stretched.
      vectorEffect={look.stroke === undefined ? undefined : 'non-scaling-stroke'}
      transform={turn === undefined ? place : `${turn} ${place}`}
    />
  );
}

function TextView({
  text,
  scale,
}: {
  readonly text: Extract<Shape, { kind: 'text' }>;
  readonly scale: number;
}) {
  const { words, colour, height, x, y } = text;
  const place = { x: x * scale, y: y * scale, fill: colour };
  if (text.align === 'centre')
    return (
      <text {...place} fontSize={height * scale} textAnchor="middle" dominantBaseline="central">
        {words}
      </text>
    );
  const { lettering, advance } = text;
  return (
    <text
      {...place}
      style={{
        fontFamily: fontFamilies[lettering],
        fontWeight: letteringWeight,
        fontSize: height * scale,
        fontKerning: 'none',
        fontFeatureSettings: 'normal',
        fontVariantLigatures: 'none',
      }}
      textLength={advance === undefined ? undefined : advance * scale}
    >
      {words}
    </text>
  );
}

interface DefinitionProps {
  readonly id: string;
  readonly fill: Exclude<Area['fill'], undefined | { kind: 'plain' }>;
  readonly scale: number;
}

/** A fill that areas refer to. */
function Definition({ id, fill, scale }: DefinitionProps) {
  if (fill.kind !== 'tiles') {
    const stops = fill.stops.map(({ at, colour, opacity }, index) => (
      <stop key={index} offset={at} stopColor={colour} stopOpacity={opacity} />
    ));
    if (fill.kind === 'rings')
      return (
        <radialGradient
          id={id}
          gradientUnits="userSpaceOnUse"
          cx={fill.at.x * scale}
          cy={fill.at.y * scale}
          r={fill.radius * scale}
        >
          {stops}
        </radialGradient>
      );
    const { from, to } = fill;
    return (
      <linearGradient
        id={id}
        gradientUnits="userSpaceOnUse"
        x1={from.x * scale}
        y1={from.y * scale}
        x2={to.x * scale}
        y2={to.y * scale}
      >
        {stops}
      </linearGradient>
    );
  }
  return (
    <pattern
      id={id}
      width={fill.width * scale}
      height={fill.height * scale}
      patternUnits="userSpaceOnUse"
    >
      <Shapes shapes={fill.shapes} scale={scale} />
    </pattern>
  );
}

function lineOf(line: Line | undefined, scale: number) {
  if (!line) return {};
  const { colour, width, dash, opacity, isHairline = false, isRound = false } = line;
  const unit = isHairline ? 1 : scale;
  const cap = isRound ? 'round' : undefined;
  return {
    stroke: colour,
    strokeWidth: width * unit,
    strokeOpacity: opacity,
    strokeDasharray: dash?.map((each) => each * unit).join(' '),
    strokeLinecap: cap,
    strokeLinejoin: cap,
  } as const;
}

function turnOf(turn: Turn | undefined, scale: number): string | undefined {
  return turn && `rotate(${turn.degrees} ${turn.x * scale} ${turn.y * scale})`;
}
