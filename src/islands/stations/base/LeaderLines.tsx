import type { EdgeLayer } from '../../parts/drawingScale';

interface Props {
  readonly layers: readonly EdgeLayer[];
  /** Height of each row's first line, by row. */
  readonly anchors: ReadonlyMap<string, number>;
  /** Where the rows begin. */
  readonly to: number;
  readonly selected: string | undefined;
  /** Rows further down get no line, but for the selected one: they would cross the views below. */
  readonly lowest: number;
}

const inset = 6;

/** Lines from a dot on each layer to its row: straight where the row is level with the layer. */
export function LeaderLines({ layers, anchors, to, selected, lowest }: Props) {
  return (
    <g fill="none">
      {layers.map(({ key, row, kind, box }) => {
        const anchor = anchors.get(row);
        if (anchor === undefined || kind === 'back-leaf') return null;
        if (anchor > lowest && row !== selected) return null;
        const x = box.x + box.width / 2;
        const y = Math.min(Math.max(anchor, box.y + inset), box.y + box.height - inset);
        const isSelected = row === selected;
        const colour = isSelected ? 'var(--color-violet)' : 'var(--color-dimension)';
        return (
          <g key={key} stroke={colour} strokeWidth={isSelected ? 2 : 1}>
            <path d={`M${x} ${y}V${anchor}H${to}`} />
            <circle cx={x} cy={y} r={3.5} fill={colour} stroke="#fff" strokeWidth={1} />
          </g>
        );
      })}
    </g>
  );
}
