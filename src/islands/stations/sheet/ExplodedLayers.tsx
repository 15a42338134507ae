import { corners, type Outline, type Rect } from '../../../core/outline/outline';
import { outlineOf } from '../../../core/resolve/outlineOf';
import type { FaceId } from '../../../core/plan/faces';
import { supportRect, type ResolvedCard } from '../../../core/resolve/resolvedCard';

interface Props {
  readonly card: ResolvedCard;
  readonly face: FaceId;
}

/** The longest side of a layer as drawn, and how far each stands off the one below. */
const longest = 92;
const offset = { x: 21, y: 3.6 };
/** How much lower a layer is drawn than it is, as it leans back. */
const foreshortening = 0.8;
/** Above the highest layer, for letters and the lines down to their layers. */
const letterRoom = 26;

/** The layers of a face drawn apart, each as it is cut and with its letter, the base at the back. */
export function ExplodedLayers({ card, face }: Props) {
  const { base, pieces } = card;
  const scale = longest / Math.max(base.face.width, base.face.height);
  const whole = supportRect(card, 'base');
  const layers = [
    {
      letter: base.letter,
      rect: whole,
      outline: [corners(whole)] as Outline,
      colour: base.paint.colour,
    },
    ...pieces
      .filter((piece) => piece.face === face)
      .map((piece) => ({
        letter: piece.letter,
        rect: piece.rect,
        outline: outlineOf(piece),
        colour: piece.paint.colour,
      })),
  ];
  const drawn = layers.map((layer, index) => {
    const [width, height] = [layer.rect.width * scale, layer.rect.height * scale * foreshortening];
    const middle = { x: (whole.width * scale) / 2 + index * offset.x, y: index * offset.y };
    const box = {
      left: middle.x - width / 2,
      top: middle.y - height / 2,
      width,
      height,
      lean: width * 0.18,
    };
    return { ...layer, middle, box };
  });
  const top = Math.min(...drawn.map(({ box }) => box.top - box.lean / 2)) - letterRoom;
  const bottom = Math.max(...drawn.map(({ box }) => box.top + box.height + box.lean / 2));
  const right = Math.max(...drawn.map(({ box }) => box.left + box.width));
  const [width, height] = [right + 2, bottom - top + 2];
  return (
    <figure>
      <svg
        width={width}
        height={height}
        viewBox={`-1 ${top} ${width} ${height}`}
        role="img"
        aria-label={`Layers of the ${face} apart, base at the back`}
      >
        {drawn.map(({ letter, rect, outline, colour, box }) => (
          <path
            key={letter}
            d={leaning(outline, rect, box)}
            fillRule="evenodd"
            fill={colour}
            stroke="#1e2428"
            strokeWidth={0.8}
            strokeOpacity={0.7}
          />
        ))}
        {/* Letters stand in a row, each over the middle of its layer, so that none hides another. */}
        {drawn.map(({ letter, middle, box }) => (
          <g key={letter} className="text-dimension">
            <path
              d={`M${middle.x} ${top + 17}V${box.top}`}
              fill="none"
              stroke="currentColor"
              strokeWidth={0.8}
            />
            <circle cx={middle.x} cy={box.top} r={2} fill="currentColor" />
            <text
              x={middle.x}
              y={top + 13}
              className="font-heading fill-ink text-[13px]"
              textAnchor="middle"
            >
              {letter}
            </text>
          </g>
        ))}
      </svg>
      <figcaption className="text-muted text-[15px]">Layers</figcaption>
    </figure>
  );
}

interface LeaningBox {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
  /** How much higher its right side stands than its left. */
  readonly lean: number;
}

/** An outline drawn in a box that leans back. */
function leaning(outline: Outline, rect: Rect, { left, top, width, height, lean }: LeaningBox) {
  return outline
    .map((polygon) => {
      const points = polygon.map(({ x, y }) => {
        const across = (x - rect.x) / rect.width;
        const down = (y - rect.y) / rect.height;
        const [px, py] = [left + across * width, top + lean / 2 - across * lean + down * height];
        return `${px.toFixed(1)} ${py.toFixed(1)}`;
      });
      return `M${points.join('L')}Z`;
    })
    .join('');
}
