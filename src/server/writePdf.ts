import PDFDocument from 'pdfkit';
import { placedPath } from '../core/drawing/placedPath';
import {
  hair,
  type Area,
  type Fill,
  type Line,
  type Page,
  type Shape,
  type Turn,
} from '../core/drawing/shape';
import { TICKS_PER_INCH } from '../core/length/length';
import { boundsOf } from '../core/outline/outline';
import { plainFractions } from '../core/text/plainFractions';

/** PDF's unit: 72 to the inch. */
const points = (ticks: number) => (ticks * 72) / TICKS_PER_INCH;

/** The sheet a drawing is printed on, and where its top left corner lies there; ticks. */
export interface PdfSheet {
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly top: number;
}

/**
 * A drawing as a PDF that prints at 1:1, on a page as large as itself or on a sheet. Words are in a font that every
 * reader has.
 */
export async function writePdf(page: Page, sheet?: PdfSheet): Promise<Uint8Array<ArrayBuffer>> {
  return writePdfPages([page], sheet ?? { ...page, left: 0, top: 0 });
}

/** Drawings as a PDF that prints at 1:1, each on a sheet of its own. */
export async function writePdfPages(
  pages: readonly Page[],
  { width, height, left, top }: PdfSheet,
): Promise<Uint8Array<ArrayBuffer>> {
  const document = new PDFDocument({
    size: [points(width), points(height)],
    margin: 0,
    info: { Title: pages[0]?.title ?? '' },
  });
  const chunks: Buffer[] = [];
  document.on('data', (chunk: Buffer) => chunks.push(chunk));
  const ended = new Promise<void>((resolve) => document.on('end', resolve));
  for (const [index, { layers }] of pages.entries()) {
    if (index > 0) document.addPage();
    document.translate(points(left), points(top));
    for (const { shapes } of layers) for (const shape of shapes) draw(document, shape);
  }
  document.end();
  await ended;
  return new Uint8Array(Buffer.concat(chunks));
}

type Document = InstanceType<typeof PDFDocument>;

function draw(document: Document, shape: Shape): void {
  switch (shape.kind) {
    case 'group':
      document.save();
      turn(document, shape.turn);
      for (const clip of shape.clips ?? []) {
        // A clip turns by itself, and not what it holds.
        turn(document, clip.turn);
        trace(document, clip);
        document.clip('even-odd');
        turn(document, clip.turn && { ...clip.turn, degrees: -clip.turn.degrees });
      }
      for (const each of shape.shapes) draw(document, each);
      document.restore();
      return;
    case 'text':
      write(document, shape);
      return;
    case 'line': {
      const [first, ...others] = shape.points;
      if (!first || !shape.line) return;
      document.save();
      turn(document, shape.turn);
      document.moveTo(points(first.x), points(first.y));
      for (const { x, y } of others) document.lineTo(points(x), points(y));
      stroke(document, shape.line);
      document.restore();
      return;
    }
    default:
      document.save();
      turn(document, shape.turn);
      if (shape.fill) fill(document, shape, shape.fill);
      if (shape.line) {
        trace(document, shape);
        stroke(document, shape.line);
      }
      document.restore();
  }
}

function turn(document: Document, by: Turn | undefined): void {
  if (by) document.rotate(by.degrees, { origin: [points(by.x), points(by.y)] });
}

/** The way round an area. */
function trace(document: Document, area: Area): void {
  switch (area.kind) {
    case 'circle':
      document.circle(points(area.x), points(area.y), points(area.radius));
      return;
    case 'outline':
      for (const polygon of area.outline)
        document.polygon(...polygon.map(({ x, y }) => [points(x), points(y)]));
      return;
    case 'path':
      document.path(placedPath(area, points(1)).toString());
      return;
    default:
      throw new TypeError(`writePdf: unknown ${JSON.stringify(area satisfies never)}`);
  }
}

function fill(document: Document, area: Area, by: Fill): void {
  switch (by.kind) {
    case 'plain':
      trace(document, area);
      document.fillOpacity(by.opacity ?? 1).fill(by.colour, 'even-odd');
      return;
    case 'gradient':
    case 'rings': {
      const blend = gradient(document, by);
      for (const { at, colour, opacity } of by.stops) blend.stop(at, colour, opacity);
      trace(document, area);
      document.fill(blend, 'even-odd');
      return;
    }
    case 'tiles':
      document.save();
      trace(document, area);
      document.clip('even-odd');
      tile(document, area, by);
      document.restore();
      return;
    default:
      throw new TypeError(`writePdf: unknown ${JSON.stringify(by satisfies never)}`);
  }
}

function gradient(document: Document, by: Extract<Fill, { kind: 'gradient' | 'rings' }>) {
  if (by.kind === 'gradient') {
    const { from, to } = by;
    return document.linearGradient(points(from.x), points(from.y), points(to.x), points(to.y));
  }
  const [x, y] = [points(by.at.x), points(by.at.y)];
  return document.radialGradient(x, y, 0, x, y, points(by.radius));
}

/** Every tile that touches the box of an area. */
function tile(
  document: Document,
  area: Area,
  { width, height, shapes }: Extract<Fill, { kind: 'tiles' }>,
): void {
  const { x0, y0, x1, y1 } = boxOf(area);
  for (let y = Math.floor(y0 / height) * height; y < y1; y += height)
    for (let x = Math.floor(x0 / width) * width; x < x1; x += width) {
      document.save();
      document.translate(points(x), points(y));
      for (const shape of shapes) draw(document, shape);
      document.restore();
    }
}

function boxOf(area: Area) {
  if (area.kind === 'circle') {
    const { x, y, radius } = area;
    return { x0: x - radius, y0: y - radius, x1: x + radius, y1: y + radius };
  }
  if (area.kind === 'outline') return boundsOf(area.outline);
  const { x, y, width, height } = area.at;
  return { x0: x, y0: y, x1: x + width, y1: y + height };
}

function stroke(
  document: Document,
  { colour, width, dash, opacity, isHairline, isRound }: Line,
): void {
  const unit = isHairline ? hair : 1;
  document.lineWidth(points(width * unit)).strokeOpacity(opacity ?? 1);
  document.lineCap(isRound ? 'round' : 'butt').lineJoin(isRound ? 'round' : 'miter');
  if (dash) document.dash(points((dash[0] ?? 0) * unit), { space: points((dash[1] ?? 0) * unit) });
  else document.undash();
  document.stroke(colour);
}

function write(document: Document, text: Extract<Shape, { kind: 'text' }>): void {
  // The fonts every reader has know no fraction slash.
  const plain = plainFractions(text.words);
  document.fontSize(points(text.height)).fillOpacity(1).fillColor(text.colour);
  if (text.align === 'centre') {
    const left = points(text.x) - document.widthOfString(plain) / 2;
    document.text(plain, left, points(text.y - text.height / 2), { lineBreak: false });
    return;
  }
  const own = document.widthOfString(plain) || 1;
  const scaling = text.advance === undefined ? 100 : (100 * points(text.advance)) / own;
  document.text(plain, points(text.x), points(text.y), {
    lineBreak: false,
    baseline: 'alphabetic',
    horizontalScaling: scaling,
  } as PDFKit.Mixins.TextOptions);
}
