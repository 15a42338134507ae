import { jigPage } from '../core/pictures/jigPage';
import { sheetOf } from '../core/paper/sheets';
import type { Page } from '../core/drawing/shape';
import type { FaceId } from '../core/plan/faces';
import type { ResolvedCard } from '../core/resolve/resolvedCard';
import { RefusalError } from './respond';
import { writePdf } from './writePdf';

export const jigPages = ['letter', 'a4'] as const;
export type JigPage = (typeof jigPages)[number];

/** What a printer cannot reach at each edge, at most; common practice. */
const unprintable = 101_600;

/**
 * The jig of a face as a PDF at 1:1 on a page of its own, turned where it fits only lying.
 * @throws RefusalError 422 when the card is larger than the page.
 */
export async function writeJigPdf(
  card: ResolvedCard,
  face: FaceId,
  page: JigPage,
  title: string,
): Promise<Uint8Array<ArrayBuffer>> {
  return writeFullSizePdf(jigPage(card, face, title), page, {
    message: `The card is larger than a ${sheetOf(page).name} sheet can be printed on.`,
    hint: 'Take the jig as SVG, and print it in parts or on a larger sheet.',
  });
}

/**
 * A drawing as a PDF at 1:1 on a page of its own, turned where it fits only lying.
 * @throws RefusalError 422 with what is to be said when it is larger than the page.
 */
export async function writeFullSizePdf(
  drawing: Page,
  page: JigPage,
  tooLarge: { readonly message: string; readonly hint: string },
): Promise<Uint8Array<ArrayBuffer>> {
  const { size } = sheetOf(page);
  const room = [size, { width: size.height, height: size.width }].find(
    ({ width, height }) =>
      drawing.width <= width - 2 * unprintable && drawing.height <= height - 2 * unprintable,
  );
  if (!room) throw new RefusalError(422, tooLarge);
  return writePdf(drawing, { ...room, left: unprintable, top: unprintable });
}
