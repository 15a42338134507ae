import type { Box } from './drawingScale';

/** Four corner brackets outside the piece, so that its border can be judged. */
export function SelectionBrackets({ box }: { readonly box: Box }) {
  const out = 3;
  const arm = Math.max(6, Math.min(16, box.width / 4, box.height / 4));
  const [left, top] = [box.x - out, box.y - out];
  const [right, bottom] = [box.x + box.width + out, box.y + box.height + out];
  const corners =
    `M${left} ${top + arm}V${top}h${arm}M${right - arm} ${top}H${right}v${arm}` +
    `M${right} ${bottom - arm}V${bottom}h${-arm}M${left + arm} ${bottom}H${left}v${-arm}`;
  return (
    <g fill="none" pointerEvents="none">
      {/* A light edge, so that they are seen on a dark mat too. */}
      <path d={corners} stroke="#fff" strokeOpacity={0.8} strokeWidth={5.5} />
      <path d={corners} stroke="var(--color-violet)" strokeWidth={3.5} />
    </g>
  );
}
