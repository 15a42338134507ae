import { scenePage } from '../core/masking/scenePage';
import type { Page } from '../core/drawing/shape';
import { sheetOf } from '../core/paper/sheets';
import type { Plan } from '../core/plan/plan';
import type { Library } from '../core/plan/library';
import { outlineOf } from '../core/resolve/outlineOf';
import { resolvePlan } from '../core/resolve/resolvePlan';
import { isGround } from '../core/resolve/resolvedMark';
import { aOrAn } from '../core/words/phrases';
import { RefusalError } from './respond';
import { unprintable, type JigPage } from './writeJigPdf';
import { writePdfPages } from './writePdf';

/**
 * A page for each scene of a card, its strips at 1:1.
 * @param only the id of one scene; all of them where it is undefined
 * @throws RefusalError 422 where there is none
 */
export function stripPages(
  plan: Plan,
  library: Library,
  only?: string,
): readonly [Page, ...Page[]] {
  const card = resolvePlan(plan, library);
  const [first, ...more] = card.scenes
    .filter(({ id }) => only === undefined || id === only)
    .map((scene) => {
      const inked = new Set(scene.inked.map(({ mark }) => mark));
      const prints = card.marks.filter((mark) => inked.has(mark.id) && !isGround(mark));
      return scenePage(scene, prints.map(outlineOf), `${plan.about.title}: ${scene.name}`);
    });
  if (first) return [first, ...more];
  throw new RefusalError(422, {
    message: 'Nothing on this card is divided into strips, so there are none to print.',
    hint: 'Divide a panel into strips on the Masks station.',
  });
}

/**
 * The strips of all scenes of a card as a PDF at 1:1, each on a sheet of its own.
 * @throws RefusalError 422 where there are none, or one is larger than the sheet can be printed on
 */
export async function writeStripsPdf(
  plan: Plan,
  library: Library,
  page: JigPage,
  only?: string,
): Promise<Uint8Array<ArrayBuffer>> {
  const { size, name } = sheetOf(page);
  const pages = stripPages(plan, library, only);
  const [wide, high] = [size.width - 2 * unprintable, size.height - 2 * unprintable];
  if (pages.some(({ width, height }) => width > wide || height > high))
    throw new RefusalError(422, {
      message: `The strips are larger than ${aOrAn(name)} can be printed on.`,
      hint: 'Take them as SVG, and print them on a larger sheet or cut them with a plotter.',
    });
  return writePdfPages(pages, { ...size, left: unprintable, top: unprintable });
}
