import type { CutLayout } from '../cutting/cutPlan';
import { TICKS_PER_MILLIMETRE, type Unit } from '../length/length';
import { escapeXml } from './escapeXml';
import { drawTemplate, type TemplateLayer } from './layoutDrawing';

const stroke: Readonly<Record<Exclude<TemplateLayer, 'text'>, string>> = {
  sheet: 'stroke="#1e2428" stroke-width="0.3"',
  cut: 'stroke="#a42c19" stroke-width="0.2"',
  score: 'stroke="#07606a" stroke-width="0.2" stroke-dasharray="3 1.5"',
  leftover: 'stroke="#70797d" stroke-width="0.15" stroke-dasharray="1 1"',
};

/** A sheet as an SVG that prints at 1:1, in millimetres. `title` is what the file says it is. */
export function writeTemplateSvg(layout: CutLayout, unit: Unit, title: string): string {
  const mm = (ticks: number) => String(Number((ticks / TICKS_PER_MILLIMETRE).toFixed(4)));
  const shapes: string[] = [];
  drawTemplate(layout, unit, {
    rect: (layer, x, y, w, h) =>
      shapes.push(
        `<rect x="${mm(x)}" y="${mm(y)}" width="${mm(w)}" height="${mm(h)}" ${strokeOf(layer)}/>`,
      ),
    line: (layer, x1, y1, x2, y2) =>
      shapes.push(
        `<line x1="${mm(x1)}" y1="${mm(y1)}" x2="${mm(x2)}" y2="${mm(y2)}" ${strokeOf(layer)}/>`,
      ),
    text: (x, y, height, words) =>
      shapes.push(
        `<text fill="#1e2428" x="${mm(x)}" y="${mm(y)}" font-size="${mm(height)}" text-anchor="middle" dominant-baseline="central">${escapeXml(words)}</text>`,
      ),
  });
  const [width, height] = [mm(layout.source.w), mm(layout.source.h)];
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}" fill="none" font-family="sans-serif">`,
    `<title>${escapeXml(title)}</title>`,
    ...shapes,
    '</svg>',
    '',
  ].join('\n');
}

const strokeOf = (layer: TemplateLayer) => stroke[layer === 'text' ? 'sheet' : layer];
