import { checkLines, lineFrom } from '../drawing/checkLines';
import { cutShapes } from '../drawing/cutLines';
import type { Page, Shape } from '../drawing/shape';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import type { MailerBlank } from '../paper/mailerBlank';

/** Round all of it, so that no line lies on the edge of the page. */
const margin = 3 * TICKS_PER_MILLIMETRE;
const wordHeight = 4 * TICKS_PER_MILLIMETRE;
const cutLine = { colour: '#a42c19', width: 3200 };
const checkLine = { colour: '#1e2428', width: 3200 };
const scoreLine = { colour: '#0b5c69', width: 3200, dash: [40_000, 24_000] };

/** The blank of an envelope or a box at 1:1: cut along the whole lines, folded along the dashed ones. */
export function mailerPage({ kind, size, cut, scores, frontAt }: MailerBlank, title: string): Page {
  const laid = (points: typeof cut) => points.map(({ x, y }) => ({ x: x + margin, y: y + margin }));
  const words: Shape = {
    kind: 'text',
    align: 'left',
    lettering: 'plain',
    x: frontAt.x + margin + wordHeight,
    y: frontAt.y + margin + 2 * wordHeight,
    height: wordHeight,
    words: `${title}: front of the ${kind}; the upper line is 1 in, the lower 25 mm`,
    colour: '#1e2428',
  };
  // Within the front, so that they take no paper of their own.
  const checks = [checkLines.inch, checkLines.metric].map((length, at) => {
    const y = words.y + (at + 2) * wordHeight;
    return lineFrom(words.x, y, words.x + length, y, checkLine);
  });
  return {
    title,
    width: size.width + 2 * margin,
    height: size.height + 2 * margin,
    layers: [
      { id: 'cut', shapes: [...cutShapes([laid(cut)], cutLine)] },
      {
        id: 'scores',
        shapes: scores.map((points) => ({ kind: 'line', points: laid(points), line: scoreLine })),
      },
      { id: 'check', shapes: checks },
      { id: 'text', shapes: [words] },
    ],
  };
}
