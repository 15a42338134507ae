import { describe, expect, it } from 'vitest';
import { fileName } from './fileName';

describe('the name of a file', () => {
  it('tells what is in it in plain letters', () => {
    expect(fileName(['Été à 1/4 in', 'front', 'jig', 'a4'], '.pdf')).toBe(
      'Ete-a-1-4-in-front-jig-a4.pdf',
    );
    expect(fileName(['漢字'], '.csv')).toBe('card.csv');
    expect(fileName(['x'.repeat(300)], '.svg').length).toBeLessThan(120);
  });
});
