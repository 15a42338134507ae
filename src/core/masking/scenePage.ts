import { cutShapes } from '../drawing/cutLines';
import type { Line, Page, Shape } from '../drawing/shape';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import { boundsOf, shiftedBy, type Outline } from '../outline/outline';
import type { ResolvedScene } from '../resolve/resolvedScene';
import { stripMark } from '../words/stripWords';
import { stripLabel } from './stripLabel';
import { checkFoot, checkLayers, nameAt, nameHeight } from '../drawing/checkLines';

const mm = TICKS_PER_MILLIMETRE;
const ink = '#1e2428';
const looks = {
  paper: { colour: ink, width: 0.25 * mm },
  cut: { colour: '#a42c19', width: 0.2 * mm },
  print: { colour: '#b9bfc1', width: 0.1 * mm },
} as const satisfies Readonly<Record<string, Line>>;
/** Numbers of strips are 5 mm high. */
const numberHeight = 5 * mm;

/**
 * The jigsaw of a scene at 1:1 on masking paper: the outline of the paper to lay the strips back by, and the lines between
 * them, each drawn and cut once, since neighbours share their points. Each strip has its number, from 1, and shows faintly
 * where what is inked in it lies.
 * @param prints where that lies, in ticks on the face of the scene
 */
export function scenePage(
  { paper, strips }: Pick<ResolvedScene, 'paper' | 'strips'>,
  prints: readonly Outline[],
  title: string,
): Page {
  const { x0, y0, x1, y1 } = boundsOf(paper);
  const placed = (outline: Outline) => shiftedBy(outline, -x0, -y0);
  const there = strips.filter(({ area }) => area > 0);
  const height = y1 - y0 + nameHeight * 2 + checkFoot;
  return {
    title,
    width: x1 - x0,
    height,
    layers: [
      {
        id: 'print',
        shapes: prints.map((outline) => ({
          kind: 'outline',
          outline: placed(outline),
          line: looks.print,
        })),
      },
      {
        id: 'paper',
        shapes: [{ kind: 'outline', outline: placed(paper), line: looks.paper }],
      },
      {
        id: 'cut',
        shapes: cutShapes(
          there.flatMap(({ outline }) => placed(outline)),
          looks.cut,
        ),
      },
      ...checkLayers(height, [
        ...there.map((strip) => markIn(placed(strip.outline), stripMark(strip))),
        nameAt(0, y1 - y0 + nameHeight * 1.5, title),
      ]),
    ],
  };
}

function markIn(outline: Outline, words: string): Shape {
  const { x, y } = stripLabel(outline);
  return {
    kind: 'text',
    align: 'centre',
    x,
    y,
    height: numberHeight,
    words,
    colour: ink,
  };
}
