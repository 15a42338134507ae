import { describe, expect, it } from 'vitest';
import {
  chalk,
  fiveLayers,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  stampedOn,
  wren,
  coves,
  dotOn,
  wordsOn,
  layersIn,
} from '../../../test/support/plans';
import { computeCard } from '../compute/computeCard';
import type { CardId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import { unknownColour } from '../kinds/paint';
import { drawFace, type DrawnPiece } from './drawFace';
import { resolvePlan } from '../resolve/resolvePlan';
import { standingCard, standingPicture } from '../compute/standingCard';
import { outlineOf } from '../resolve/outlineOf';
import { inches } from '../length/length';
import type { Piece } from '../plan/piece';

const draw = (plan: Plan, face: 'front' | 'inside') =>
  drawFace(computeCard(plan, library).card, face);

const stand = (plan: Plan) => standingCard('card' as CardId, 1, plan, computeCard(plan, library));

const resolve = (pieces: readonly Piece[]) => resolvePlan(planOf(pieces), library);

const panel = pieceOn('front', 'panel', measure('4', '5'));

describe('a drawn face', () => {
  it('has the base first and then each layer of that face, lowest first', () => {
    expect(draw(fiveLayers(), 'front').map(({ id }) => id)).toEqual([
      'base',
      'paper',
      'mat-1',
      'mat-2',
      'top',
    ]);
    expect(draw(fiveLayers(), 'inside').map(({ id }) => id)).toEqual([
      'base',
      'inside-mat',
      'liner',
    ]);
  });

  it('draws a stock it does not know in a colour of its own, and lifts what stands on foam', () => {
    const piece = {
      ...pieceOn('front', 'a', reveal('1/8')),
      stock: { ...chalk, version: 9 },
      attach: 'foam' as const,
    };
    const [base, drawn] = draw(planOf([piece]), 'front');
    expect(drawn).toMatchObject({ colour: unknownColour, lifted: true });
    expect(base).toMatchObject({ colour: '#fbfaf6', lifted: false });
  });
});

describe('a card on the Ledge', () => {
  it('counts what it has to mend', () => {
    const plan = planOf([
      pieceOn('front', 'uneven', measure('4', '5')),
      pieceOn('uneven', 'large', measure('4 1/8', '2')),
    ]);
    expect(stand(plan)).toMatchObject({ stops: 1, looks: 1, format: 'A2', isLying: false });
  });

  it('looks as its front does, and carries nothing of what it was drawn from', () => {
    const plan = planOf([
      pieceOn('front', 'panel', measure('4', '5')),
      stampedOn('panel', 'bird', wren),
    ]);
    const picture = standingPicture(resolvePlan(plan, library));
    const [, panel] = draw(plan, 'front');
    const look = ({ id, rect, colour }: DrawnPiece) => ({ id, rect, colour });
    expect(picture.map(look)).toEqual(draw(plan, 'front').map(look));
    expect(picture[1]?.marks[0]?.strokes).toEqual(panel?.marks[0]?.strokes);
    expect(picture[1]?.marks[0]?.from).toBeUndefined();
  });

  it('says of a lying one that it lies, and of a tent that it is one', () => {
    const format = { kind: 'named', id: 'slimline', stand: 'lying' } as const;
    expect(stand(planOf([], { format, fold: 'tent' }))).toMatchObject({
      isLying: true,
      fold: 'tent',
      format: 'Slimline',
    });
  });
});

describe('a face as it is drawn', () => {
  it('has the marks on their paper, what is stuck on last, and turned as placed', () => {
    const card = resolve([
      panel,
      dotOn('panel', 'gem'),
      stampedOn('panel', 'bird', wren, { turn: -8 }),
      wordsOn('front', 'words', ['hello']),
    ]);
    const [base, paper] = drawFace(card, 'front');
    expect(base?.marks.map(({ id }) => id)).toEqual(['words']);
    expect(paper?.marks.map(({ id, turn }) => `${id} ${turn}`)).toEqual(['bird -8', 'gem 0']);
    expect(drawFace(card, 'inside')[0]?.marks).toEqual([]);
  });

  it('leaves layers without a colour out, and keeps line widths true to scale', () => {
    const image = { ...stampedOn('panel', 'bird', wren), layers: layersIn(null, '#1e2428') };
    const [, paper] = drawFace(resolve([panel, image]), 'front');
    const [line, ...more] = paper?.marks[0]?.strokes ?? [];
    expect(more).toEqual([]);
    // Three hundredths of a stamp two inches wide and 200 units across.
    expect(line).toMatchObject({ kind: 'path', lineWidth: inches(2) * (3 / 200) });
  });

  it('has the shape of the die, and the side it is turned to', () => {
    const shape = { box: { width: 4, height: 5 }, outline: 'M0 0L4 5L0 5Z' };
    const shaped = library.map((item) => (item.kind === 'die-set' ? { ...item, shape } : item));
    const die = { by: 'die', set: coves, step: 0, turned: false } as const;
    const plan = planOf([pieceOn('front', 'hill', die, { isMirrored: true, overhang: 'trimmed' })]);
    const [, hill] = drawFace(resolvePlan(plan, shaped), 'front');
    expect(hill).toMatchObject({ shape, isMirrored: true });
    // It is trimmed along the edges of the card.
    expect(hill?.clips).toEqual([
      [
        { x: 0, y: 0 },
        { x: inches(4, 1, 4), y: 0 },
        { x: inches(4, 1, 4), y: inches(5, 1, 2) },
        { x: 0, y: inches(5, 1, 2) },
      ],
    ]);
  });

  it('has the shape of a turned die turned, not stretched', () => {
    const shape = { box: { width: 4, height: 5 }, outline: 'M0 0L4 5L0 5Z' };
    const shaped = library.map((item) => (item.kind === 'die-set' ? { ...item, shape } : item));
    const die = { by: 'die', set: coves, step: 0, turned: true } as const;
    const card = resolvePlan(planOf([pieceOn('inside', 'hill', die)]), shaped);
    const [hill] = card.pieces;
    if (!hill) throw new Error('no hill');
    expect(hill.shape?.box).toEqual({ width: 5, height: 4 });
    // The upright side on the left comes to lie at the top, the foot on the left.
    const corner = (x: number, y: number) => ({
      x: hill.rect.x + (x * hill.rect.width) / 5,
      y: hill.rect.y + (y * hill.rect.height) / 4,
    });
    expect(outlineOf(hill)[0]).toEqual([corner(5, 0), corner(0, 4), corner(0, 0)]);
  });
});
