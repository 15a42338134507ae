import { expect, it } from 'vitest';
import { library } from '../../../../test/support/plans';
import { must } from '../../../../test/support/must';
import { inches } from '../../length/length';
import { stampSchema } from '../../plan/items/stamp';
import { openAreas, withOpenings } from './stampOpenings';

/** A window of four panes. */
const panes = stampSchema.parse({
  ...must(library.find((item) => item.kind === 'stamp')),
  stamp: 'outline',
  words: null,
  shape: {
    box: { width: 1000, height: 1000 },
    outline: 'M0 0H1000V1000H0Z',
    trimmedFrom: { x: 0, y: 0, width: 1000, height: 1000 },
  },
  layers: [
    {
      ...{ name: 'frame', lineWidth: 10, colour: '#22282b' },
      path: 'M10 10H990V990H10Z M10 500H990 M500 10V990',
    },
  ],
});
const gap = inches(0, 1, 32);

it('areas between the lines of a stamp are open or not, which its next version keeps', () => {
  expect(openAreas(panes, gap)).toEqual([]);
  const open = withOpenings(panes, gap, [0, 3, 9]);
  expect(openAreas(open, gap)).toEqual([0, 3]);
  // What the schema of the stash takes, without what told of an older box.
  expect(stampSchema.parse(JSON.parse(JSON.stringify(open)))).toEqual(open);
  expect(open.shape.trimmedFrom).toBeUndefined();
  const one = withOpenings(open, gap, [3]);
  expect(openAreas(one, gap)).toEqual([3]);
  expect(withOpenings(one, gap, []).openings).toBeUndefined();
});
