import { describe, expect, it } from 'vitest';
import {
  layersIn,
  library as plain,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  typed,
} from '../../../test/support/plans';
import { must } from '../../../test/support/must';
import { applyEdit } from '../plan/applyEdit';
import { changePiece, type ChangeOf } from '../plan/pieceEdits';
import type { LibraryId } from '../plan/ids';
import type { Stamp } from '../plan/libraryItem';
import type { PieceOf } from '../plan/piece';
import type { Plan } from '../plan/plan';
import { stampAreas } from '../kinds/image/stampAreas';
import { kindOf } from '../kinds/kinds';
import { noResults } from '../findings/finding';
import { runRules } from '../findings/runRules';
import { uncoloured } from '../findings/rules/uncoloured';
import { resolvePlan } from '../resolve/resolvePlan';
import { colourParts } from './colourParts';
import { areasOfPart, pickPart, toggleArea } from './pickParts';
import { colourWith, countOf } from './recolour';

/** A window of four panes, of which one line ends a little before the frame. */
const windowStamp: Stamp = {
  ...(plain.find((item) => item.kind === 'stamp') as Stamp),
  id: 'window' as LibraryId,
  name: 'Window',
  stamp: 'outline',
  width: typed('2'),
  height: typed('2'),
  shape: { box: { width: 1000, height: 1000 }, outline: 'M0 0H1000V1000H0Z' },
  layers: [
    {
      name: 'frame',
      path: 'M10 10H990V990H10Z M10 500H990 M500 10V960',
      lineWidth: 10,
      colour: '#22282b',
    },
  ],
  words: null,
};
const library = [...plain, windowStamp];
const panes = (gap: string) => stampAreas(windowStamp, typed(gap).ticks);
const start = planOf([
  pieceOn('front', 'panel', measure('4', '5')),
  {
    ...stampedOn('panel', 'window', { id: windowStamp.id, version: windowStamp.version }),
    layers: layersIn('#22282b'),
  },
]);
const imageOf = (plan: Plan) =>
  must(
    plan.pieces.find((piece): piece is PieceOf<'image'> & typeof piece => piece.kind === 'image'),
  );
const after = (plan: Plan, change: ChangeOf<'image'> | undefined) => {
  const outcome = applyEdit(plan, changePiece(imageOf(plan), must(change)));
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.plan;
};
const gap = typed('1/16');
const picked = after(start, pickPart(imageOf(start), windowStamp, must(panes('1/16')[3]), gap));

describe('parts picked out of the lines of a stamp', () => {
  it('are the areas its lines enclose, with gaps closed that are no wider than is said', () => {
    expect(panes('0')).toHaveLength(3);
    expect(panes('1/16')).toHaveLength(4);
  });

  it('lie where they were picked, show what is under them, and are told until they are coloured', () => {
    const card = resolvePlan(picked, library);
    expect(areasOfPart(must(imageOf(picked).parts[0]), windowStamp)).toEqual([3]);
    const mark = must(card.marks[0]);
    const strokes = kindOf(mark.piece).strokes(mark);
    expect(strokes.map((stroke) => stroke.kind === 'path' && stroke.lineWidth > 0)).toEqual([true]);
    const part = colourParts(card).find(({ name }) => name === 'part 1');
    expect(part).toMatchObject({
      kind: 'coloured',
      of: 'window',
      paint: { from: { kind: 'open' } },
    });
    expect(
      runRules([uncoloured], { plan: picked, card, library, results: noResults }),
    ).toMatchObject([{ data: { rule: 'uncoloured', parts: 'part 1' } }]);
  });

  it('take an area more or less, but never their last', () => {
    const two = after(picked, toggleArea(imageOf(picked), 0, must(panes('1/16')[0])));
    expect(areasOfPart(must(imageOf(two).parts[0]), windowStamp)).toEqual([0, 3]);
    const one = after(two, toggleArea(imageOf(two), 0, must(panes('1/16')[3])));
    expect(areasOfPart(must(imageOf(one).parts[0]), windowStamp)).toEqual([0]);
    expect(toggleArea(imageOf(one), 0, must(panes('1/16')[0]))).toBeUndefined();
  });

  it('are coloured with a combination as layers are', () => {
    const part = must(
      colourParts(resolvePlan(picked, library)).find(({ name }) => name === 'part 1'),
    );
    const combination = {
      id: 'panes' as never,
      name: 'Panes',
      media: [{ from: { wish: '#ff8800' }, tool: 'pen', strength: 'even', passes: 1 }],
      begins: 'light',
      undercoat: null,
      note: '',
      kept: null,
    } as const;
    const outcome = applyEdit(picked, colourWith(picked, part.at, combination));
    if (!outcome.ok) throw new Error(outcome.issue.code);
    expect(countOf(outcome.plan, 'panes')).toBe(1);
    const again = colourParts(resolvePlan(outcome.plan, library)).find(
      ({ name }) => name === 'part 1',
    );
    expect(again?.paint.colour).toBe('#ff8800');
    // Coloured, it is drawn under the lines.
    const mark = must(resolvePlan(outcome.plan, library).marks[0]);
    const strokes = kindOf(mark.piece).strokes(mark);
    expect(strokes.map((stroke) => stroke.kind === 'path' && stroke.lineWidth > 0)).toEqual([
      false,
      true,
    ]);
  });
});
