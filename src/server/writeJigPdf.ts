import PDFDocument from 'pdfkit';
import { drawJig, drawRule, jigExtent, type JigLayer } from '../core/drawing/jigDrawing';
import type { Outline } from '../core/outline/outline';
import { TICKS_PER_INCH, type Size } from '../core/length/length';
import { sheetOf } from '../core/paper/sheets';
import type { FaceId } from '../core/plan/faces';
import type { ResolvedCard } from '../core/resolve/resolvedCard';
import { ProblemError } from './answer';

export const jigPages = ['letter', 'a4'] as const;
export type JigPage = (typeof jigPages)[number];

/** PDF's unit: 72 to the inch. */
const points = (ticks: number) => (ticks * 72) / TICKS_PER_INCH;

/** What a printer cannot reach at each edge, at most; common practice. */
const unprintable = 101_600;

const strokes: Readonly<Record<JigLayer, readonly [colour: string, width: number]>> = {
  card: ['#1e2428', 0.8],
  panel: ['#70797d', 0.3],
  opening: ['#a42c19', 0.5],
  rule: ['#07606a', 0.5],
};

/**
 * The jig of a face as a PDF at 1:1 on a page of its own, turned where it fits only lying.
 * @throws ProblemError 422 when the card is larger than the page.
 */
export async function writeJigPdf(
  card: ResolvedCard,
  face: FaceId,
  page: JigPage,
  title: string,
): Promise<Uint8Array<ArrayBuffer>> {
  const extent = jigExtent(card);
  const sheet = sheetOf(page);
  const room = [sheet.size, { width: sheet.size.height, height: sheet.size.width }].find(
    (size) =>
      extent.width <= size.width - 2 * unprintable &&
      extent.height <= size.height - 2 * unprintable,
  );
  if (!room)
    throw new ProblemError(422, {
      message: `The card is larger than a ${sheet.name} sheet can be printed on.`,
      hint: 'Take the jig as SVG, and print it in parts or on a larger sheet.',
    });
  return draw(card, face, room, title);
}

async function draw(
  card: ResolvedCard,
  face: FaceId,
  page: Size,
  title: string,
): Promise<Uint8Array<ArrayBuffer>> {
  const document = new PDFDocument({
    size: [points(page.width), points(page.height)],
    margin: 0,
    info: { Title: title },
  });
  const chunks: Buffer[] = [];
  document.on('data', (chunk: Buffer) => chunks.push(chunk));
  const ended = new Promise<void>((resolve) => document.on('end', resolve));
  document.translate(points(unprintable), points(unprintable));
  const pen = {
    outline: (layer: JigLayer, outline: Outline) => {
      const [colour, width] = strokes[layer];
      for (const polygon of outline)
        document.polygon(...polygon.map(({ x, y }) => [points(x), points(y)]));
      document.lineWidth(width).stroke(colour);
    },
    text: (x: number, y: number, height: number, words: string) => {
      document.fontSize(points(height)).fillColor('#1e2428');
      const width = document.widthOfString(words);
      document.text(words, points(x) - width / 2, points(y - height / 2), { lineBreak: false });
    },
  };
  drawJig(card, face, pen);
  drawRule(card, pen);
  document.end();
  await ended;
  return new Uint8Array(Buffer.concat(chunks));
}
