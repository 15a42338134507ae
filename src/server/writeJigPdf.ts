import { testSheet } from '../core/inking/testSheet';
import { jigPage } from '../core/pictures/jigPage';
import { sheetOf } from '../core/paper/sheets';
import type { Page } from '../core/drawing/shape';
import type { FaceId } from '../core/plan/faces';
import type { ResolvedCard } from '../core/resolve/resolvedCard';
import { aOrAn } from '../core/words/phrases';
import { RefusalError } from './respond';
import { writePdf, writePdfPages } from './writePdf';

export const jigPages = ['letter', 'a4'] as const;
export type JigPage = (typeof jigPages)[number];

/** What a printer cannot reach at each edge, at most; common practice. */
export const unprintable = 101_600;

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
  return writeOnSheet(jigPage(card, face, title), page, { of: 'card', file: 'jig' });
}

/**
 * A drawing as a PDF at 1:1 on one sheet, turned where it fits only lying.
 * @param names what is too large where it does not fit, and the file that is not printed then
 * @throws RefusalError 422 when it is larger than the sheet can be printed on
 */
export async function writeOnSheet(
  drawing: Page,
  page: JigPage,
  names: { readonly of: string; readonly file: string },
): Promise<Uint8Array<ArrayBuffer>> {
  const sheet = sheetOf(page);
  const room = [sheet.size, { width: sheet.size.height, height: sheet.size.width }].find(
    (size) =>
      drawing.width <= size.width - 2 * unprintable &&
      drawing.height <= size.height - 2 * unprintable,
  );
  if (!room)
    throw new RefusalError(422, {
      message: `The ${names.of} is larger than ${aOrAn(sheet.name)} can be printed on.`,
      hint: `Take the ${names.file} as SVG, and print it in parts or on a larger sheet.`,
    });
  return writePdf(drawing, { ...room, left: unprintable, top: unprintable });
}

/** The test sheet of a face as a PDF at 1:1, on as many pages as it takes. */
export async function writeTestSheetPdf(
  card: ResolvedCard,
  face: FaceId,
  page: JigPage,
  title: string,
): Promise<Uint8Array<ArrayBuffer>> {
  const { size } = sheetOf(page);
  const pages = testSheet(card, face, title, size.height - 2 * unprintable);
  return writePdfPages(pages, { ...size, left: unprintable, top: unprintable });
}
