import { unknownColour } from '../../core/drawing/drawFace';
import { corners, type Outline, type Rect } from '../../core/outline/outline';
import { outlineOf } from '../../core/resolve/outlineOf';
import type { FaceId } from '../../core/plan/faces';
import { supportRect, type ResolvedCard } from '../../core/resolve/resolvedCard';

interface Props {
  readonly card: ResolvedCard;
  readonly face: FaceId;
}

/** The longest side of a layer as drawn, and how far each stands off the one below. */
const longest = 92;
const offset = { x: 21, y: 18 };

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
      colour: base.stock?.colour,
    },
    ...pieces
      .filter((piece) => piece.face === face)
      .map((piece) => ({
        letter: piece.letter,
        rect: piece.rect,
        outline: outlineOf(piece),
        colour: piece.stock?.colour,
      })),
  ];
  const steps = layers.length - 1;
  const width = base.face.width * scale + steps * offset.x + 24;
  const height = base.face.height * scale * 0.8 + steps * offset.y + 24;
  return (
    <figure>
      <svg
        width={width}
        height={height}
        role="img"
        aria-label={`Layers of the ${face} apart, base at the back`}
      >
        {layers.map(({ letter, rect, outline, colour }, index) => {
          const [w, h] = [rect.width * scale, rect.height * scale * 0.8];
          const centreX = (base.face.width * scale) / 2 + index * offset.x;
          const centreY =
            20 +
            (base.face.height * scale * 0.8) / 2 +
            (steps - index) * offset.y * 0.4 +
            index * offset.y * 0.6;
          const lean = w * 0.18;
          const [left, top] = [centreX - w / 2, centreY - h / 2];
          return (
            <g key={letter}>
              <path
                d={leaning(outline, rect, { left, top, width: w, height: h, lean })}
                fillRule="evenodd"
                fill={colour ?? unknownColour}
                stroke="#1e2428"
                strokeWidth={0.8}
                strokeOpacity={0.7}
              />
              <text
                x={left + w - 2}
                y={top - lean / 2 - 4}
                className="font-heading fill-ink text-[13px]"
                textAnchor="end"
              >
                {letter}
              </text>
            </g>
          );
        })}
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
