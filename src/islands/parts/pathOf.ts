import type { Outline } from '../../core/outline/outline';

/** An outline as an SVG path, to a hundredth of a pixel. */
export function pathOf(outline: Outline, scale: number): string {
  const place = (ticks: number) => Math.round(ticks * scale * 100) / 100;
  return outline
    .map((polygon) => `M${polygon.map(({ x, y }) => `${place(x)} ${place(y)}`).join('L')}Z`)
    .join('');
}
