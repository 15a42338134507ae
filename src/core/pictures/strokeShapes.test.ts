import { describe, expect, it } from 'vitest';
import {
  chalk as chalkCard,
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  wren,
} from '../../../test/support/plans';
import { seenOver } from '../colour/seenOver';
import type { Shape } from '../drawing/shape';
import type { Ink } from '../plan/libraryItem';
import type { LibraryId, PieceId } from '../plan/ids';
import type { Piece } from '../plan/piece';
import { plainMark } from '../plan/pieces';
import { resolvePlan } from '../resolve/resolvePlan';
import { drawFace } from './drawFace';
import { faceShapes } from './faceShapes';
import { downward, plainStop, printedIn } from '../plan/plainColours';

const ink = (id: string, colour: string, sort: Ink['ink']): Ink => ({
  kind: 'ink',
  id: id as LibraryId,
  version: 1,
  name: id,
  sale: { from: null, until: null },
  ink: sort,
  colour,
  opacity: null,
  set: '',
  withstands: null,
});
const inks = [ink('dye', '#4b7f93', 'dye'), ink('chalk-ink', '#e0a03a', 'chalk')];
const from = (id: string) => ({ item: { id: id as LibraryId, version: 1 } });

const panel = pieceOn('front', 'panel', measure('4', '5'), { stock: chalkCard });
const ground = (laid: 'before' | 'after'): Piece => ({
  kind: 'blend',
  ...plainMark,
  id: 'sky' as PieceId,
  name: 'Sky',
  on: { piece: 'panel' as PieceId },
  zone: null,
  laid,
  direction: downward,
  margin: null,
  marginBy: 'tape',
  stops: [plainStop(from('chalk-ink'))],
});
const bird: Piece = {
  ...stampedOn('panel', 'bird', wren),
  layers: [{ by: 'print', ...printedIn(from('dye')) }, null],
};

/** The colours areas are filled in, in the order they are drawn. */
function fills(shapes: readonly Shape[]): readonly string[] {
  return shapes.flatMap((shape): readonly string[] => {
    if (shape.kind === 'group') return fills(shape.shapes);
    return 'fill' in shape && shape.fill?.kind === 'plain' ? [shape.fill.colour] : [];
  });
}
const drawn = (pieces: readonly Piece[]) =>
  fills(faceShapes(drawFace(resolvePlan(planOf(pieces), [...library, ...inks]), 'front')));

describe('ink over ink', () => {
  const paper = '#fbfaf6';
  const dye = { colour: '#4b7f93', opacity: 0, thickness: 1 };
  const chalk = { colour: '#e0a03a', opacity: 0.35, thickness: 1 };

  it('is seen on its paper where nothing else lies there', () => {
    expect(drawn([panel, bird]).at(-1)).toBe(seenOver(paper, [dye]));
  });

  it('is seen over a ground that is there before it', () => {
    expect(drawn([panel, ground('before'), bird]).at(-1)).toBe(seenOver(paper, [chalk, dye]));
  });

  it('is seen under a ground laid after it', () => {
    const last = drawn([panel, bird, ground('after')]).at(-1);
    expect(last).toBe(seenOver(seenOver(paper, [dye]), [chalk]));
  });

  it('is not mixed with another print, which a mask keeps off', () => {
    const over = { ...bird, id: 'over' as PieceId };
    expect(drawn([panel, bird, over]).at(-1)).toBe(seenOver(paper, [dye]));
  });
});
