import Drawing from 'dxf-writer';
import type { CutLayout } from '../cutting/cutPlan';
import { TICKS_PER_MILLIMETRE, type Unit } from '../length/length';
import { drawTemplate, type TemplateLayer } from './layoutDrawing';

/** Each on a layer of its own, by the index of its colour. */
const layers: Readonly<Record<TemplateLayer, readonly [colour: number, lineType: string]>> = {
  sheet: [Drawing.ACI.WHITE, 'CONTINUOUS'],
  cut: [Drawing.ACI.RED, 'CONTINUOUS'],
  score: [Drawing.ACI.CYAN, 'DASHED'],
  leftover: [8, 'DOTTED'],
  text: [Drawing.ACI.WHITE, 'CONTINUOUS'],
};

/** A sheet as a DXF drawing at 1:1, in millimetres; its y runs upward from the bottom left corner. */
export function writeTemplateDxf(layout: CutLayout, unit: Unit): string {
  const drawing = new Drawing();
  drawing.setUnits('Millimeters');
  for (const [name, [colour, lineType]] of Object.entries(layers))
    drawing.addLayer(name, colour, lineType);
  const across = (x: number) => x / TICKS_PER_MILLIMETRE;
  const up = (y: number) => (layout.source.h - y) / TICKS_PER_MILLIMETRE;
  drawTemplate(layout, unit, {
    rect: (layer, x, y, w, h) =>
      drawing.setActiveLayer(layer).drawRect(across(x), up(y + h), across(x + w), up(y)),
    line: (layer, x1, y1, x2, y2) =>
      drawing.setActiveLayer(layer).drawLine(across(x1), up(y1), across(x2), up(y2)),
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
