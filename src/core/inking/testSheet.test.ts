import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import { boundsOf } from '../outline/outline';
import { resolvePlan } from '../resolve/resolvePlan';
import { testSheet } from './testSheet';

const { plan, library } = must(demoCards.find(({ id }) => id === 'lighthouse-keeper'));
const card = resolvePlan(plan, library);
const shapesOf = (pages: ReturnType<typeof testSheet>) =>
  pages.flatMap(({ layers }) => layers.flatMap(({ shapes }) => shapes));
const title = 'Lighthouse keeper: test sheet';
const shapes = shapesOf(testSheet(card, 'front', title));
const words = shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.words] : []));

describe('a test sheet', () => {
  it('has each image once, each part with its media in their order', () => {
    expect(words.filter((each) => each === 'Lighthouse')).toHaveLength(1);
    expect(words.filter((each) => each === 'Gull')).toHaveLength(1);
    const at = words.indexOf('rock');
    expect(words.slice(at, at + 4)).toEqual(['rock', '1 Stone 2', '2 Stone 3', '3 Stone 4']);
  });

  it('has the lines of an image as large as they are printed', () => {
    const images = card.marks.filter(({ name }) => name === 'Lighthouse' || name === 'Gull');
    const width = Math.max(...images.map(({ whole }) => whole.width));
    const lines = shapes.filter((shape) => shape.kind === 'outline' && shape.line?.isRound);
    const widest = Math.max(
      ...lines.map((shape) => {
        const { x0, x1 } = boundsOf(shape.kind === 'outline' ? shape.outline : []);
        return x1 - x0;
      }),
    );
    expect(widest).toBeGreaterThan(width * 0.8);
    expect(widest).toBeLessThanOrEqual(width + 4);
  });

  it('has a box for each medium, clear of the others', () => {
    const boxes = shapes.flatMap((shape) =>
      shape.kind === 'outline' && !shape.line?.isRound ? [boundsOf(shape.outline)] : [],
    );
    expect(boxes.length).toBe(words.filter((each) => /^\d /.test(each)).length);
    for (const [index, a] of boxes.entries())
      for (const b of boxes.slice(index + 1))
        expect(a.x0 < b.x1 && b.x0 < a.x1 && a.y0 < b.y1 && b.y0 < a.y1).toBe(false);
  });

  it('goes on over as many pages as it takes, each no longer than is said, with everything on them', () => {
    for (const each of demoCards) {
      const own = resolvePlan(each.plan, each.library);
      const whole = testSheet(own, 'front', title);
      const mostHeight = 266 * TICKS_PER_MILLIMETRE;
      const pages = testSheet(own, 'front', title, mostHeight);
      for (const { height } of pages)
        expect(height).toBeLessThanOrEqual(mostHeight + 6 * TICKS_PER_MILLIMETRE);
      const more = pages.length - whole.length;
      // Each page has its title.
      expect(shapesOf(pages)).toHaveLength(shapesOf(whole).length + more);
      for (const shape of shapesOf(pages))
        if (shape.kind === 'outline' && !shape.line?.isRound)
          expect(boundsOf(shape.outline).x1).toBeLessThanOrEqual(190 * TICKS_PER_MILLIMETRE);
    }
  });
});
