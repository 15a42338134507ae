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
} from '../../../test/support/plans';
import { computeCard } from '../compute/computeCard';
import type { CardId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import { unknownColour } from '../kinds/paint';
import { drawFace, type DrawnPiece } from './drawFace';
import { resolvePlan } from '../resolve/resolvePlan';
import { standingCard, standingPicture } from '../compute/standingCard';

const draw = (plan: Plan, face: 'front' | 'inside') =>
  drawFace(computeCard(plan, library).card, face);
const stand = (plan: Plan) => standingCard('card' as CardId, 1, plan, computeCard(plan, library));

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
