import Drawing from 'dxf-writer';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import { drawTemplate, type Template, type TemplateLayer } from './layoutDrawing';

/** Each on a layer of its own, by the index of its colour. */
const layers: Readonly<Record<TemplateLayer, readonly [colour: number, lineType: string]>> = {
  sheet: [Drawing.ACI.WHITE, 'CONTINUOUS'],
  window: [Drawing.ACI.MAGENTA, 'CONTINUOUS'],
  contour: [Drawing.ACI.RED, 'CONTINUOUS'],
  cut: [Drawing.ACI.GREEN, 'CONTINUOUS'],
  score: [Drawing.ACI.CYAN, 'DASHED'],
  leftover: [8, 'DOTTED'],
  text: [Drawing.ACI.WHITE, 'CONTINUOUS'],
};

/**
 * A sheet as a DXF drawing at 1:1, in millimetres; its y runs upward from the bottom left corner. A plotter takes the
 * layers `window` and `contour`, which are closed; a trimmer those of `cut`.
 */
export function writeTemplateDxf(template: Template): string {
  const { layout } = template;
  const drawing = new Drawing();
  drawing.setUnits('Millimeters');
  for (const [name, [colour, lineType]] of Object.entries(layers))
    drawing.addLayer(name, colour, lineType);
  const across = (x: number) => x / TICKS_PER_MILLIMETRE;
  const up = (y: number) => (layout.source.h - y) / TICKS_PER_MILLIMETRE;
  drawTemplate(template, {
    rect: (layer, x, y, w, h) =>
      drawing.setActiveLayer(layer).drawRect(across(x), up(y + h), across(x + w), up(y)),
    line: (layer, x1, y1, x2, y2) =>
      drawing.setActiveLayer(layer).drawLine(across(x1), up(y1), across(x2), up(y2)),
    closed: (layer, polygon) =>
      drawing.setActiveLayer(layer).drawPolyline(
        polygon.map(({ x, y }): [number, number] => [across(x), up(y)]),
        true,
      ),
    text: (x, y, height, words) =>
      drawing
        .setActiveLayer('text')
        // A DXF text of this age knows no fraction slash.
        .drawText(
          across(x),
          up(y),
          across(height),
          0,
          words.replaceAll('⁄', '/'),
          'center',
          'middle',
        ),
  });
  return drawing.toDxfString();
}
