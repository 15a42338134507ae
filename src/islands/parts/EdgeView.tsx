import type { Fold } from '../../core/paper/cardFormat';
import type { Box, EdgeLayer } from './drawingScale';

interface Props {
  readonly layers: readonly EdgeLayer[];
  readonly fold: Fold;
  readonly edge: Box;
  /** Of the base, for the fold of a tent. */
  readonly colour: string;
  readonly selected: string | undefined;
}

/** The closed card cut through, level with the main view: each layer's height to scale. */
export function EdgeView({ layers, fold, edge, colour, selected }: Props) {
  const leaf = layers.find(({ kind }) => kind === 'front-leaf')?.box;
  const back = layers.find(({ kind }) => kind === 'back-leaf')?.box;
  return (
    <g>
      {layers.map(({ key, box, colour: own, foam }) => (
        <g key={key}>
          {foam && <FoamBlocks box={foam} />}
          <rect
            {...box}
            width={Math.max(box.width, 1.2)}
            fill={own}
            stroke="#1e2428"
            strokeOpacity={0.55}
            strokeWidth={0.7}
          />
        </g>
      ))}
      {layers
        .filter(({ row, kind }) => row === selected && kind === 'piece')
        .map(({ key, box }) => (
          <path
            key={key}
            d={`M${box.x - 4} ${box.y - 4}h${box.width + 8}M${box.x - 4} ${box.y + box.height + 4}h${box.width + 8}`}
            stroke="var(--color-violet)"
            strokeWidth={3}
          />
        ))}
      {leaf && back && fold !== 'tent' && (
        <BreakMarks
          x={(leaf.x + leaf.width + back.x) / 2}
          top={edge.y}
          bottom={edge.y + edge.height}
        />
      )}
      {leaf && back && fold === 'tent' && <TentFold leaf={leaf} back={back} colour={colour} />}
    </g>
  );
}

/** Foam as dotted blocks with air between, at most one every 60 pixels. */
function FoamBlocks({ box }: { readonly box: Box }) {
  const count = Math.max(2, Math.round(box.height / 90) + 1);
  const block = Math.min(18, box.height / (2 * count));
  const pitch = (box.height - block - 20) / (count - 1);
  return (
    <>
      {Array.from({ length: count }, (_, index) => (
        <rect
          key={index}
          x={box.x}
          y={box.y + 10 + index * pitch}
          width={box.width}
          height={block}
          fill="#fff"
          stroke="#1e2428"
          strokeWidth={0.8}
          strokeDasharray="2 2"
        />
      ))}
    </>
  );
}

/** The leaves of a side fold or gate do not meet in this section: the gap is broken. */
function BreakMarks({
  x,
  top,
  bottom,
}: {
  readonly x: number;
  readonly top: number;
  readonly bottom: number;
}) {
  const mark = 'l6 -2l-5 5l6 -2';
  return (
    <path
      d={`M${x - 4} ${top - 1}${mark}M${x - 4} ${bottom + 1}${mark}`}
      fill="none"
      stroke="var(--color-sheet-muted)"
    />
  );
}

interface TentFoldProps {
  readonly leaf: Box;
  readonly back: Box;
  readonly colour: string;
}

/** A tent is folded at the top: the leaves run into one another over the score. */
function TentFold({ leaf, back, colour }: TentFoldProps) {
  const left = leaf.x + leaf.width / 2;
  const right = back.x + back.width / 2;
  const rise = 18;
  const arch = `M${left} ${leaf.y}C${left} ${leaf.y - rise} ${right} ${leaf.y - rise} ${right} ${leaf.y}`;
  return (
    <g fill="none">
      <path d={arch} stroke="#1e2428" strokeOpacity={0.55} strokeWidth={leaf.width + 1.4} />
      <path d={arch} stroke={colour} strokeWidth={leaf.width} />
      <path
        d={`M${(left + right) / 2} ${leaf.y - rise - 6}v14`}
        stroke="var(--color-pencil)"
        strokeWidth={1.5}
      />
    </g>
  );
}
