import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { writeCardFile } from '../plan/cardFile';
import { must } from '../../../test/support/must';
import {
  colourAnswerSchema,
  colourProblemSchema,
  colourSchemaFor,
  solveColour,
  type ColourProblem,
} from './colourProblem';

const ask = (body: unknown) => {
  const problem = colourSchemaFor(body).parse(body) as ColourProblem;
  const answer = solveColour(problem);
  expect(colourAnswerSchema.parse(answer)).toEqual(answer);
  return answer;
};

describe('questions about colour', () => {
  it('tell what is seen of layers on a stock, on white as named', () => {
    const layers = [{ colour: '#cf8762' }];
    expect(ask({ layers })).toMatchObject({ seen: ['#cf8762'] });
    const kraft = ask({
      stock: '#b58e63',
      layers: [{ colour: '#fafafa', opacity: 0.8 }, ...layers],
    });
    expect(kraft).toMatchObject({ seen: [expect.any(String), expect.any(String)] });
  });

  it('tell what two inks give where they meet', () => {
    const between = [{ colour: '#e08a4a' }, { colour: '#3f7fd0' }];
    expect(ask({ between })).toMatchObject({ isMuddy: true });
  });

  it('give the best family of markers, and none where there are not so many', () => {
    const markers = ['#f0b48a', '#cd7a48', '#99502a', '#6fa8c6'].map((colour) => ({
      id: colour,
      colour,
    }));
    const best = { ids: ['#f0b48a', '#cd7a48', '#99502a'], gaps: [] };
    expect(ask({ markers, wanted: '#cd7a48', count: 3 })).toMatchObject(best);
    expect(ask({ markers: markers.slice(0, 1), wanted: '#cd7a48', count: 3 })).toMatchObject({
      ids: [],
    });
  });

  it('tell of a card its palette, its parts and what is found', () => {
    const file = must(demoCards.find(({ id }) => id === 'lighthouse-keeper'));
    const answer = ask({ file: JSON.parse(writeCardFile(file)) as unknown });
    expect(colourAnswerSchema.safeParse(answer).success).toBe(true);
    if (!('palette' in answer)) throw new Error('expected a palette');
    expect(answer.palette.map(({ name }) => name)).toContain('Heather');
    expect(answer.parts.length).toBeGreaterThan(10);
  });

  it('tell of the words of a card how well they read on what is under them', () => {
    const file = must(demoCards.find(({ id }) => id === 'lighthouse-keeper'));
    const answer = ask({ file: JSON.parse(writeCardFile(file)) as unknown });
    expect(answer).toMatchObject({
      words: [{ of: 'the light stays on', worst: expect.closeTo(12.5, 0) as number }],
    });
  });

  it('are refused where they are none', () => {
    for (const body of [null, {}, { layers: [] }, { between: [{ colour: 'red' }] }, { stock: 1 }])
      expect(colourProblemSchema.safeParse(body).success).toBe(false);
  });
});
