import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

/** Reads a PDF with a library of its own: page sizes in points and all text. */
export async function readPdf(bytes: Buffer) {
  const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const pages = await Promise.all(
    Array.from({ length: document.numPages }, async (_, index) => {
      const page = await document.getPage(index + 1);
      const { items } = await page.getTextContent();
      const text = items.map((item) => ('str' in item ? item.str : '')).join(' ');
      return { size: page.view.slice(2), text: text.replaceAll(/\s+/g, ' ') };
    }),
  );
  return { pages, text: pages.map(({ text }) => text).join(' ') };
}
