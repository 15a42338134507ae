import { expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { registerSentence } from '../prose/registerSentence';
import { resolvePlan } from '../resolve/resolvePlan';
import { supportRect } from '../resolve/resolvedCard';
import { registerOf } from './registerOf';

it('a stencil is laid by the edges of its field that lie nearest to those of the paper, all its sheets alike', () => {
  const marks = demoCards.flatMap(({ plan, library }) => {
    const card = resolvePlan(plan, library);
    return card.marks.map((mark) => ({ mark, paper: supportRect(card, mark.support) }));
  });
  const { mark } = must(marks.find(({ mark: { piece } }) => piece.kind === 'stencil'));
  const other = must(marks.find(({ mark: { piece } }) => piece.kind === 'image')).mark;
  const { x, y } = mark.rect;
  const field = must(mark.stencil);
  const [width, height] = [field.width.ticks, field.height.ticks];
  // The paper reaches 100 ticks over the field on the right, and 300 on the left; it is as high as the field.
  const paper = { x: x - 300, y, width: width + 400, height } as typeof mark.rect;
  const told = must(registerOf(mark, paper));
  expect(told).toMatchObject({
    across: { side: 'right', inside: 100 },
    down: { side: 'top', inside: 0 },
  });
  expect(registerOf(other, paper)).toBeUndefined();
  const { piece } = mark;
  const askew = { ...piece, place: { ...piece.place, turn: 12 } } as typeof piece;
  expect(registerOf({ ...mark, piece: askew }, paper)).toBeUndefined();
  const beyond = { ...told, across: { side: 'left', inside: -32_000 }, sheets: [1, 2] } as const;
  expect(registerSentence(beyond, 'mm')).toBe(
    'Its left edge is 2 mm beyond that of the paper, its upper edge level with it; sheets 1 and 2 to the same corner.',
  );
});
