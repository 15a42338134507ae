import { TICKS_PER_MILLIMETRE } from '../length/length';
import { escapeXml } from './escapeXml';
import { drawTemplate, templateLayers, type Template, type TemplateLayer } from './layoutDrawing';

const stroke: Readonly<Record<Exclude<TemplateLayer, 'text'>, string>> = {
  sheet: 'stroke="#1e2428" stroke-width="0.3"',
  window: 'stroke="#572a86" stroke-width="0.2"',
  contour: 'stroke="#a42c19" stroke-width="0.2"',
  cut: 'stroke="#7a4d00" stroke-width="0.15" stroke-dasharray="6 2"',
  score: 'stroke="#07606a" stroke-width="0.2" stroke-dasharray="3 1.5"',
  leftover: 'stroke="#70797d" stroke-width="0.15" stroke-dasharray="1 1"',
};

/**
 * A sheet as an SVG that prints at 1:1, in millimetres, a group for each kind of line, windows before the contours that
 * hold them. `title` is what the file says it is.
 */
export function writeTemplateSvg(template: Template, title: string): string {
  const { source } = template.layout;
  const mm = (ticks: number) => String(Number((ticks / TICKS_PER_MILLIMETRE).toFixed(4)));
  const groups = new Map<TemplateLayer, string[]>(templateLayers.map((layer) => [layer, []]));
  const draw = (layer: TemplateLayer, shape: string) => groups.get(layer)?.push(shape);
  drawTemplate(template, {
    rect: (layer, x, y, w, h) =>
      draw(layer, `<rect x="${mm(x)}" y="${mm(y)}" width="${mm(w)}" height="${mm(h)}"/>`),
    line: (layer, x1, y1, x2, y2) =>
      draw(layer, `<line x1="${mm(x1)}" y1="${mm(y1)}" x2="${mm(x2)}" y2="${mm(y2)}"/>`),
    closed: (layer, polygon) =>
      draw(layer, `<path d="M${polygon.map(({ x, y }) => `${mm(x)} ${mm(y)}`).join('L')}Z"/>`),
    text: (x, y, height, words) =>
      draw(
        'text',
        `<text x="${mm(x)}" y="${mm(y)}" font-size="${mm(height)}">${escapeXml(words)}</text>`,
      ),
  });
  const [width, height] = [mm(source.w), mm(source.h)];
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}" fill="none" font-family="sans-serif">`,
    `<title>${escapeXml(title)}</title>`,
    ...[...groups].flatMap(([layer, shapes]) =>
      shapes.length === 0 ? [] : [`<g id="${layer}" ${styleOf(layer)}>`, ...shapes, '</g>'],
    ),
    '</svg>',
    '',
  ].join('\n');
}

const styleOf = (layer: TemplateLayer) =>
  layer === 'text'
    ? 'fill="#1e2428" text-anchor="middle" dominant-baseline="central"'
    : stroke[layer];
