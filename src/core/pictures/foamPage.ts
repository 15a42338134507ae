import { TICKS_PER_MILLIMETRE } from '../length/length';
import { adhesive } from '../paper/adhesives';
import { boundsOf } from '../outline/outline';
import { cutShapes } from '../drawing/cutLines';
import type { FoamOutline } from './foamOutlines';
import type { Page, Shape } from '../drawing/shape';

/** Between two pieces, round all of them, and for the name under each. */
const gap = 5 * TICKS_PER_MILLIMETRE;
const nameHeight = 3 * TICKS_PER_MILLIMETRE;

/** The foam of pieces side by side, as it lies under them, their names beneath. Those that leave nothing to cut are left out. */
export function foamPage(foams: readonly FoamOutline[], title: string): Page {
  const [outlines, names]: [Shape[], Shape[]] = [[], []];
  let left = gap;
  let height = 0;
  for (const { outline, letter, name, foam, pads } of foams) {
    if (outline.length === 0) continue;
    const { x0, y0, x1, y1 } = boundsOf(outline);
    const by = { x: left - x0, y: gap - y0 };
    const laid = outline.map((polygon) =>
      polygon.map(({ x, y }) => ({ x: x + by.x, y: y + by.y })),
    );
    outlines.push(...cutShapes(laid, { colour: '#a42c19', width: 3200 }));
    names.push({
      kind: 'text',
      align: 'left',
      lettering: 'plain',
      x: left,
      y: y1 + by.y + nameHeight * 1.4,
      height: nameHeight,
      words:
        pads > 0 ? `${letter} ${name}: ${pads} of ${adhesive(foam).name}` : `${letter} ${name}`,
      colour: '#1e2428',
    });
    left += x1 - x0 + gap;
    height = Math.max(height, y1 - y0);
  }
  return {
    title,
    width: left,
    height: height + 2 * gap + nameHeight * 2,
    layers: [
      { id: 'foam', shapes: outlines },
      { id: 'text', shapes: names },
    ],
  };
}
