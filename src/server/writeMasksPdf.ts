import { maskCard } from '../core/masking/maskCard';
import { maskPages } from '../core/masking/maskPages';
import type { Page } from '../core/drawing/shape';
import { sheetOf } from '../core/paper/sheets';
import type { Plan } from '../core/plan/plan';
import type { Library } from '../core/plan/library';
import { distinctName } from '../core/resolve/distinctNames';
import { resolvePlan } from '../core/resolve/resolvePlan';
import { aOrAn } from '../core/words/phrases';
import { RefusalError } from './respond';
import { unprintable, type JigPage } from './writeJigPdf';
import { writePdfPages } from './writePdf';

/** The pages of all masks of a card, on sheets with so much room. */
export function masksOf(
  plan: Plan,
  library: Library,
  room: Parameters<typeof maskPages>[1],
): readonly Page[] {
  const card = resolvePlan(plan, library);
  const { masks } = maskCard(plan, card);
  return maskPages(masks, room, `${plan.about.title}: masks`, (id) => distinctName(card, id));
}

/** So wide is a page of masks that is not printed on a sheet. */
export const looseRoom = { width: 3_040_000, height: Infinity };

/** No masks to write: what is said instead. */
export const noMasks = () =>
  new RefusalError(422, {
    message: 'Nothing on this card has to be masked, so there are no masks to print.',
    hint: 'Masks are there once two images meet that are to be kept off one another.',
  });

/**
 * The masks of a card as a PDF at 1:1, on as many sheets as it takes.
 * @throws RefusalError 422 where there are none, or one is larger than a sheet can be printed on
 */
export async function writeMasksPdf(
  plan: Plan,
  library: Library,
  page: JigPage,
): Promise<Uint8Array<ArrayBuffer>> {
  const { size, name } = sheetOf(page);
  const room = { width: size.width - 2 * unprintable, height: size.height - 2 * unprintable };
  const pages = masksOf(plan, library, room);
  if (pages.length === 0) throw noMasks();
  if (pages.some(({ width, height }) => width > room.width || height > room.height))
    throw new RefusalError(422, {
      message: `A mask is larger than ${aOrAn(name)} can be printed on.`,
      hint: 'Take the masks as SVG, and print them on a larger sheet or cut them with a plotter.',
    });
  return writePdfPages(pages, { ...size, left: unprintable, top: unprintable });
}
