import { cleanup, render } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import { coves, library, measure, pieceOn, planOf } from '../../../../test/support/plans';
import { resolvePlan } from '../../../core/resolve/resolvePlan';
import { ExplodedLayers } from './ExplodedLayers';

afterEach(cleanup);

it('layers drawn apart show what a die cuts, its windows too', () => {
  const framed = library.map((item) =>
    item.kind === 'die-set'
      ? {
          ...item,
          shape: {
            box: { width: 400, height: 525 },
            outline: 'M0 0H400V525H0ZM50 50H350V475H50Z',
          },
        }
      : item,
  );
  const plan = planOf([
    pieceOn('front', 'panel', measure('4', '5')),
    pieceOn('panel', 'frame', { by: 'die', set: coves, step: 2, turned: false }),
  ]);
  const { container } = render(<ExplodedLayers card={resolvePlan(plan, framed)} face="front" />);
  const lines = [...container.querySelectorAll('path[fill-rule]')].map(
    (path) => path.getAttribute('d')?.match(/Z/g)?.length,
  );
  expect(lines).toEqual([1, 1, 2]);
  const letters = [...container.querySelectorAll('text')];
  expect(letters.map((letter) => letter.textContent)).toEqual(['A', 'B', 'C']);
  const places = letters.map((letter) => Number(letter.getAttribute('x')));
  expect(Math.min(...places.slice(1).map((x, index) => x - (places[index] ?? x)))).toBe(21);
});
