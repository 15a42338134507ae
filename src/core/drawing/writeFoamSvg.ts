import { TICKS_PER_MILLIMETRE } from '../length/length';
import { boundsOf } from '../outline/outline';
import { escapeXml } from './escapeXml';
import type { FoamOutline } from './foamOutlines';

/** Between two pieces, round all of them, and for the name under each. */
const gap = 5 * TICKS_PER_MILLIMETRE;
const nameHeight = 3 * TICKS_PER_MILLIMETRE;

/**
 * Foam sheets as an SVG that prints at 1:1, in millimetres, side by side with their letters. Those that leave nothing
 * to cut are left out.
 */
export function writeFoamSvg(foams: readonly FoamOutline[], title: string): string {
  const mm = (ticks: number) => String(Number((ticks / TICKS_PER_MILLIMETRE).toFixed(3)));
  let left = gap;
  let height = 0;
  const shapes = foams
    .filter(({ outline }) => outline.length > 0)
    .map(({ outline, letter, name }) => {
      const { x0, y0, x1, y1 } = boundsOf(outline);
      const path = outline
        .map(
          (polygon) =>
            `M${polygon.map(({ x, y }) => `${mm(x - x0 + left)} ${mm(y - y0 + gap)}`).join('L')}Z`,
        )
        .join('');
      const label = `<text x="${mm(left)}" y="${mm(y1 - y0 + gap + nameHeight * 1.4)}" font-size="${mm(nameHeight)}" fill="#1e2428">${escapeXml(`${letter} ${name}`)}</text>`;
      left += x1 - x0 + gap;
      height = Math.max(height, y1 - y0);
      return `<path d="${path}" stroke="#a42c19" stroke-width="0.2"/>\n${label}`;
    });
  const [width, tall] = [mm(left), mm(height + 2 * gap + nameHeight * 2)];
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${tall}mm" viewBox="0 0 ${width} ${tall}" fill="none" font-family="sans-serif">`,
    `<title>${escapeXml(title)}</title>`,
    ...shapes,
    '</svg>',
    '',
  ].join('\n');
}
