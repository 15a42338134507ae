import { describe, expect, it } from 'vitest';
import reference from '../../../test/reference/largest-empty-rectangle.json';
import { inches } from '../length/length';
import { asWritten, type CardFile } from '../plan/cardFile';
import { usedLibrary } from '../kinds/usedLibrary';
import type { CardId } from '../plan/ids';
import {
  cardPlacesAnswerSchema,
  cardPlacesSchema,
  placesSchemaFor,
  sheetPlacesAnswerSchema,
  sheetPlacesSchema,
  solvePlaces,
  solveSheetPlaces,
} from './placesProblem';
import { library, pieceOn, planOf, reveal, stampedOn, wren } from '../../../test/support/plans';

describe('the places service', () => {
  it.each(reference.cases)('answers a case as it is given: $name', (given) => {
    const answer = solveSheetPlaces(sheetPlacesSchema.parse(given));
    expect(sheetPlacesAnswerSchema.parse(answer)).toEqual(answer);
    expect(answer.area).toBe(given.area);
  });

  it('tells as many as are asked for, the largest first', () => {
    const problem = { W: 100, H: 100, obstacles: [[40, 40, 60, 60]], most: 3 };
    const { places, count } = solveSheetPlaces(sheetPlacesSchema.parse(problem));
    expect([places.length, count]).toEqual([3, 4]);
    expect(places.map(({ w, h }) => w * h)).toEqual([4000, 4000, 4000]);
  });

  it('refuses a sheet without extent, and more obstacles than it searches', () => {
    expect(sheetPlacesSchema.safeParse({ W: 0, H: 1, obstacles: [] }).success).toBe(false);
    const many = Array.from({ length: 301 }, () => [0, 0, 1, 1]);
    expect(sheetPlacesSchema.safeParse({ W: 9, H: 9, obstacles: many }).success).toBe(false);
  });

  it('finds places for words on a panel of a card, clear of what lies there', () => {
    const plan = planOf([
      pieceOn('front', 'panel', reveal('1/4')),
      stampedOn('panel', 'bird', wren),
    ]);
    const file: CardFile = {
      format: 'nibwright-card',
      version: 1,
      id: 'bean-poles' as CardId,
      plan,
      library: usedLibrary(plan, library),
      designer: null,
      release: null,
    };
    const words = { lines: ['hello there'], xHeight: { ticks: inches(0, 1, 8) } };
    const body: unknown = { file: asWritten(file), on: 'panel', words };
    const answer = cardPlacesAnswerSchema.parse(
      solvePlaces(placesSchemaFor(body).parse(body) as never),
    );
    expect(answer.places.length).toBeGreaterThan(1);
    // The wren is an inch high in the middle of a panel five inches high, from 1/4 in on.
    const [bird0, bird1] = [inches(2, 1, 4), inches(3, 1, 4)];
    for (const { x, y, h, across } of answer.places) {
      expect(y + h <= bird0 - inches(0, 1, 8) || y >= bird1 + inches(0, 1, 8)).toBe(true);
      expect(x).toBeGreaterThanOrEqual(inches(0, 3, 8));
      expect(['centre', 'corner']).toContain(across);
    }
    expect(answer.places[0]?.across).toBe('centre');
    const nowhere: unknown = { ...(body as object), on: 'attic' };
    expect(solvePlaces(cardPlacesSchema.parse(nowhere))).toBeUndefined();
  });
});
