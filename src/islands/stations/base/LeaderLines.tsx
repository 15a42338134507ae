import type { EdgeLayer } from '../../parts/drawingScale';
import { leadersOf } from './leadersOf';

interface Props {
  readonly layers: readonly EdgeLayer[];
  /** Height of each row's first line, by row. */
  readonly anchors: ReadonlyMap<string, number>;
  /** Where the rows begin. */
  readonly to: number;
  readonly selected: string | undefined;
  /** Rows further down get no line, but for the selected one: they would cross the views below. */
  readonly lowest: number;
  /** What stands below the edge view: lines to rows below its top go round it on the right. */
  readonly caption: { readonly top: number; readonly right: number };
}

/** Lines from a dot on each layer to its row: straight where the row is level with the layer. */
export function LeaderLines({ layers, anchors, to, selected, lowest, caption }: Props) {
  const rows = layers.flatMap(({ key, row, kind, box }) => {
    const anchor = anchors.get(row);
    if (anchor === undefined || kind === 'back-leaf') return [];
    return anchor > lowest && row !== selected ? [] : [{ key, row, box, anchor }];
  });
  return (
    <g fill="none">
      {leadersOf(rows, to, caption).map(({ key, row, x, y, path }) => {
        const isSelected = row === selected;
        const colour = isSelected ? 'var(--color-violet)' : 'var(--color-dimension)';
        return (
          <g key={key} stroke={colour} strokeWidth={isSelected ? 2 : 1}>
            <path d={path} />
            <circle cx={x} cy={y} r={3.5} fill={colour} stroke="#fff" strokeWidth={1} />
          </g>
        );
      })}
    </g>
  );
}
