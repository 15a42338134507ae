import { stampStrokes } from '../../../core/kinds/image/stampStrokes';
import type { Area } from '../../../core/drawing/shape';
import type { DrawnMark } from '../../../core/pictures/drawFace';
import type { Stroke } from '../../../core/kinds/stroke';
import { wish } from '../../../core/kinds/paint';
import { zeroLength } from '../../../core/length/length';
import type { DieSet, Stamp, Stencil } from '../../../core/plan/libraryItem';
import { MarkPicture } from '../../parts/MarkPicture';

interface Props {
  readonly item: Stamp | DieSet | Stencil;
  /** Pixels to the tick. */
  readonly scale: number;
}

/** A stamp as it prints, a stencil as it colours, or the largest die of a set as it cuts. */
export function ShapePicture({ item, scale }: Props) {
  const size = item.kind === 'die-set' ? item.steps[0] : item;
  if (!size) return null;
  const [width, height] = [size.width.ticks * scale, size.height.ticks * scale];
  return (
    <svg
      width={Math.ceil(width) + 2}
      height={Math.ceil(height) + 2}
      viewBox={`-1 -1 ${width + 2} ${height + 2}`}
      aria-hidden
    >
      {item.kind === 'stencil' ? (
        <MarkPicture mark={colourOf(item)} paper={noPaper} scale={scale} />
      ) : item.kind === 'stamp' ? (
        <MarkPicture mark={printOf(item)} paper={noPaper} scale={scale} />
      ) : (
        <path
          d={item.shape?.outline ?? `M0 0H1V1H0Z`}
          transform={`scale(${width / (item.shape?.box.width ?? 1)} ${height / (item.shape?.box.height ?? 1)})`}
          fill="#e4e8e6"
          fillRule="evenodd"
          stroke="#70797d"
          vectorEffect="non-scaling-stroke"
        />
      )}
    </svg>
  );
}

/** Nothing here colours the edge of its paper. */
const noPaper: Area = { kind: 'outline', outline: [] };

/** The colour words are shown in. */
const ink = '#22282b';
const plainMark = { turn: 0, from: undefined, within: undefined, look: '', over: [] } as const;

function printOf(stamp: Stamp): DrawnMark {
  const { width, height, layers, words, id } = stamp;
  const rect = { x: zeroLength, y: zeroLength, width: width.ticks, height: height.ticks };
  const colours = words ? [ink] : layers.map(({ colour }) => colour);
  const strokes = stampStrokes(stamp, rect, colours.map(wish));
  return { ...plainMark, id, rect, whole: rect, strokes };
}

function colourOf({ id, width, height, box, layers }: Stencil): DrawnMark {
  const rect = { x: zeroLength, y: zeroLength, width: width.ticks, height: height.ticks };
  const strokes = layers.map(({ openings: path, colour }): Stroke => ({
    kind: 'path',
    path,
    box,
    paint: wish(colour),
    lineWidth: 0,
    at: undefined,
  }));
  return { ...plainMark, id, rect, whole: rect, strokes };
}
