import type { ResolvedCard } from '../../../core/resolve/resolvedCard';
import { fromAboveRoom, type DrawingScale } from '../../parts/drawingScale';

interface Props {
  readonly card: ResolvedCard;
  readonly scale: DrawingScale;
}

const leaf = 4;
const gap = 9;

/**
 * A closed gate fold from above, aligned with the front view: the back leaf, the two flaps folded to
 * the middle, and each piece that crosses it, glued to one flap only.
 *
 *     ▬▬▬▬▬▬▬▬▬▬▬▬      a piece across, its glue on the flap that carries it
 *   ╭──────┐ ┌──────╮   flaps
 *   ╰───────────────╯   back leaf
 */
export function FromAbove({ card, scale }: Props) {
  const { face, edge } = scale;
  const { scores, paint } = card.base;
  const middle = (scores[0]?.at ?? 0) * scale.pixelsPerTick;
  const { colour } = paint;
  const flapY = 22;
  const backY = flapY + leaf + gap;
  const across = card.pieces.filter(
    ({ crossesGate, support }) => crossesGate && support === 'base',
  );
  const edgeOf = (x: number) =>
    `M${x} ${flapY + leaf / 2}C${x - 9} ${flapY + leaf / 2} ${x - 9} ${backY + leaf / 2} ${x} ${backY + leaf / 2}`;
  return (
    <g transform={`translate(${face.x} ${face.y + face.height + fromAboveRoom - 46})`}>
      <g fill="none" strokeWidth={leaf}>
        <g stroke={colour}>
          <path d={edgeOf(0)} />
          <path d={edgeOf(0)} transform={`translate(${face.width} 0) scale(-1 1)`} />
        </g>
      </g>
      <g fill={colour} stroke="#1e2428" strokeOpacity={0.55} strokeWidth={0.7}>
        <rect y={backY} width={face.width} height={leaf} />
        <rect y={flapY} width={middle - 1} height={leaf} />
        <rect x={middle + 1} y={flapY} width={face.width - middle - 1} height={leaf} />
      </g>
      {[-7, face.width + 7].map((x) => (
        <path
          key={x}
          d={`M${x} ${flapY}v${gap + 2 * leaf}`}
          stroke="var(--color-pencil)"
          strokeWidth={1.5}
          strokeDasharray="8 2 2 2"
        />
      ))}
      {across.map(({ id, rect, paint: own, piece }) => {
        const [x, width] = [rect.x * scale.pixelsPerTick, rect.width * scale.pixelsPerTick];
        const glued =
          piece.carriedBy === 'left'
            ? { x, width: middle - x }
            : { x: middle, width: x + width - middle };
        return (
          <g key={id}>
            <rect {...glued} y={flapY - 3} height={3} fill="var(--color-dimension)" />
            <rect
              x={x}
              y={flapY - 3 - leaf}
              width={width}
              height={leaf}
              fill={own.colour}
              stroke="#1e2428"
              strokeOpacity={0.55}
              strokeWidth={0.7}
            />
          </g>
        );
      })}
      <text x={edge.x - face.x} y={flapY + 12} className="caption">
        From above
        <tspan dx={10} className="fill-sheet-muted font-sans">
          {across.length === 0
            ? 'nothing crosses'
            : across
                .map(({ letter, piece }) => `${letter} on the ${piece.carriedBy} flap`)
                .join(', ')}
        </tspan>
      </text>
    </g>
  );
}
