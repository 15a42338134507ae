import PDFDocument from 'pdfkit';
import {
  drawTemplate,
  type Template,
  type TemplateLayer,
  type TemplatePen,
} from '../core/drawing/layoutDrawing';
import { TICKS_PER_INCH } from '../core/length/length';

/** PDF's unit: 72 to the inch. */
const points = (ticks: number) => (ticks * 72) / TICKS_PER_INCH;

const strokes: Readonly<
  Record<TemplateLayer, readonly [colour: string, width: number, dash?: number]>
> = {
  sheet: ['#1e2428', 0.8],
  window: ['#572a86', 0.5],
  contour: ['#a42c19', 0.5],
  cut: ['#7a4d00', 0.4, 12],
  score: ['#07606a', 0.5, 6],
  leftover: ['#70797d', 0.4, 2],
  text: ['#1e2428', 0.5],
};

/** A sheet as a PDF whose page is the sheet, so that it prints at 1:1 on paper of that size. */
export async function writeTemplatePdf(
  template: Template,
  title: string,
): Promise<Uint8Array<ArrayBuffer>> {
  const { source } = template.layout;
  const document = new PDFDocument({
    size: [points(source.w), points(source.h)],
    margin: 0,
    info: { Title: title },
  });
  const chunks: Buffer[] = [];
  document.on('data', (chunk: Buffer) => chunks.push(chunk));
  const ended = new Promise<void>((resolve) => document.on('end', resolve));
  const stroke = (layer: TemplateLayer) => {
    const [colour, width, dash] = strokes[layer];
    document.lineWidth(width);
    if (dash === undefined) document.undash();
    else document.dash(dash, { space: dash / 3 });
    document.stroke(colour);
  };
  const pen: TemplatePen = {
    rect: (layer, x, y, w, h) => {
      document.rect(points(x), points(y), points(w), points(h));
      stroke(layer);
    },
    line: (layer, x1, y1, x2, y2) => {
      document.moveTo(points(x1), points(y1)).lineTo(points(x2), points(y2));
      stroke(layer);
    },
    closed: (layer, polygon) => {
      document.polygon(...polygon.map(({ x, y }) => [points(x), points(y)]));
      stroke(layer);
    },
    text: (x, y, height, words) => {
      // The fonts every reader has know no fraction slash.
      const plain = words.replaceAll('⁄', '/');
      document.fontSize(points(height)).fillColor('#1e2428');
      const width = document.widthOfString(plain);
      document.text(plain, points(x) - width / 2, points(y - height / 2), { lineBreak: false });
    },
  };
  drawTemplate(template, pen);
  document.end();
  await ended;
  return new Uint8Array(Buffer.concat(chunks));
}
