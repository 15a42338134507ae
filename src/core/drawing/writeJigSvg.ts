import type { Outline } from '../outline/outline';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import type { FaceId } from '../plan/faces';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { escapeXml } from './escapeXml';
import { drawJig, drawRule, jigExtent, type JigLayer } from './jigDrawing';

const strokes: Readonly<Record<JigLayer, string>> = {
  card: 'stroke="#1e2428" stroke-width="0.3"',
  panel: 'stroke="#70797d" stroke-width="0.1"',
  opening: 'stroke="#a42c19" stroke-width="0.2"',
  rule: 'stroke="#07606a" stroke-width="0.2"',
};

/** The jig of a face as an SVG that prints at 1:1, in millimetres. */
export function writeJigSvg(card: ResolvedCard, face: FaceId, title: string): string {
  const mm = (ticks: number) => String(Number((ticks / TICKS_PER_MILLIMETRE).toFixed(4)));
  const path = (outline: Outline) =>
    outline
      .map((polygon) => `M${polygon.map(({ x, y }) => `${mm(x)} ${mm(y)}`).join('L')}Z`)
      .join('');
  const shapes: string[] = [];
  const pen = {
    outline: (layer: JigLayer, outline: Outline) =>
      shapes.push(`<path class="${layer}" d="${path(outline)}" ${strokes[layer]}/>`),
    text: (x: number, y: number, height: number, words: string) =>
      shapes.push(
        `<text fill="#1e2428" x="${mm(x)}" y="${mm(y)}" font-size="${mm(height)}" text-anchor="middle" dominant-baseline="central">${escapeXml(words)}</text>`,
      ),
  };
  drawJig(card, face, pen);
  drawRule(card, pen);
  const { width, height } = jigExtent(card);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(width)}mm" height="${mm(height)}mm" viewBox="0 0 ${mm(width)} ${mm(height)}" fill="none" font-family="sans-serif">`,
    `<title>${escapeXml(title)}</title>`,
    ...shapes,
    '</svg>',
    '',
  ].join('\n');
}
