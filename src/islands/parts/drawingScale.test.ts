import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fiveLayers, library, pieceOn, planOf, reveal, typed } from '../../../test/support/plans';
import { asTyped } from '../../core/length/typedLength';
import { millimetres } from '../../core/length/length';
import type { Plan } from '../../core/plan/plan';
import { resolvePlan } from '../../core/resolve/resolvePlan';
import { edgeLayers, scaleDrawing, type EdgeLayer } from './drawingScale';

const drawn = (plan: Plan, width = 700, height = 418) => {
  const card = resolvePlan(plan, library);
  const { fold } = plan.base;
  const scale = scaleDrawing(card, fold, width, height);
  return { card, scale, layers: edgeLayers(card, fold, scale) };
};
const layer = (layers: readonly EdgeLayer[], key: string) => {
  const found = layers.find((each) => each.key === key);
  if (!found) throw new Error(`layer: no ${key}`);
  return found;
};
const right = ({ box }: EdgeLayer) => box.x + box.width;

describe('the drawing', () => {
  it('fits any card and any drawing, main and edge view at one scale and level (seed 51)', () => {
    const side = fc.integer({ min: 30, max: 600 }).map((mm) => asTyped(millimetres(mm)));
    const cases = fc.tuple(side, side, fc.integer({ min: 540, max: 1400 }));
    fc.assert(
      fc.property(cases, ([cardWidth, cardHeight, width]) => {
        const size = { width: cardWidth, height: cardHeight };
        const { scale, layers, card } = drawn(
          planOf([], { format: { kind: 'custom', size } }),
          width,
        );
        const { face, edge, pixelsPerTick } = scale;
        expect(face.height).toBeLessThanOrEqual(418.001);
        expect(face.width / card.base.face.width).toBeCloseTo(pixelsPerTick, 9);
        expect([edge.y, edge.height]).toEqual([face.y, face.height]);
        expect(edge.x).toBeGreaterThanOrEqual(face.x + face.width);
        expect(edge.x + edge.width).toBeLessThanOrEqual(width);
        for (const { box } of layers) {
          expect(box.x).toBeGreaterThanOrEqual(edge.x - 0.001);
          expect(box.x + box.width).toBeLessThanOrEqual(edge.x + edge.width + 0.001);
        }
      }),
      { seed: 51, numRuns: 200 },
    );
  });

  it('stacks the layers from the front to the back leaf, adhesive between them', () => {
    const { layers, scale } = drawn(fiveLayers());
    const perTick = scale.pixelsPerTick * scale.thicknessFactor;
    const order = [
      'top',
      'mat-2',
      'mat-1',
      'paper',
      'front-leaf',
      'liner',
      'inside-mat',
      'back-leaf',
    ];
    const lefts = order.map((key) => layer(layers, key).box.x);
    expect([...lefts].sort((a, b) => a - b)).toEqual(lefts);
    // 0.1 mm of tape lies between the paper and the base: from memory, an editable default.
    const gap = layer(layers, 'front-leaf').box.x - right(layer(layers, 'paper'));
    expect(gap).toBeCloseTo(millimetres(0.1) * perTick, 6);
    expect(layer(layers, 'top').box.x).toBeCloseTo(scale.edge.x, 6);
  });

  it('draws each layer as high as it is, at its place', () => {
    const { layers, scale, card } = drawn(fiveLayers());
    expect(card.pieces.length).toBe(6);
    for (const { id, rect } of card.pieces) {
      const { box } = layer(layers, id);
      expect(box.height).toBeCloseTo(rect.height * scale.pixelsPerTick, 9);
      expect(box.y - scale.edge.y).toBeCloseTo(rect.y * scale.pixelsPerTick, 9);
    }
  });

  it('shows foam only under what is lifted, as high as the lift', () => {
    const lifted = { ...pieceOn('front', 'a', reveal('1/8')), attach: 'thick-foam' } as const;
    const { layers, scale } = drawn(planOf([lifted, pieceOn('inside', 'b', reveal('1/8'))]));
    const foam = layer(layers, 'a').foam;
    expect(foam?.width).toBeCloseTo(
      millimetres(3) * scale.pixelsPerTick * scale.thicknessFactor,
      6,
    );
    expect(layer(layers, 'b').foam).toBeUndefined();
  });

  it('enlarges thickness by a round factor, the less the thicker the card', () => {
    const thin = drawn(planOf([])).scale.thicknessFactor;
    const thick = drawn(
      planOf(
        Array.from({ length: 12 }, (_, index) => ({
          ...pieceOn(index === 0 ? 'front' : `p${index - 1}`, `p${index}`, {
            by: 'step',
            overall: typed('1/16'),
          }),
          attach: 'foam' as const,
        })),
      ),
    ).scale.thicknessFactor;
    expect(thin).toBe(20);
    expect(thick).toBeLessThan(thin);
    expect(Number.isInteger(thick)).toBe(true);
  });

  it('stands back layers behind the back leaf, and what is behind the front leaf before the gap', () => {
    const faces = ['front', 'inside-front', 'inside', 'back'] as const;
    const plan = planOf(faces.map((face) => pieceOn(face, face, reveal('1/8'))));
    const { layers, scale } = drawn(plan);
    const order = ['front', 'front-leaf', 'inside-front', 'inside', 'back-leaf', 'back'];
    const lefts = order.map((key) => layer(layers, key).box.x);
    expect(lefts).toEqual(lefts.toSorted((a, b) => a - b));
    expect(right(layer(layers, 'back'))).toBeCloseTo(scale.edge.x + scale.edge.width, 6);
  });

  it('has one leaf and no gap for a flat card, and turns the upper leaf of a closed tent over', () => {
    const flat = drawn(planOf([pieceOn('back', 'back', reveal('1/8'))], { fold: 'flat' }));
    expect(flat.layers.map(({ key }) => key)).toEqual(['front-leaf', 'back']);
    const place = { x: { from: 'centre' }, y: { from: 'top', distance: typed('0') } } as const;
    const tent = drawn(
      planOf(
        [
          pieceOn(
            'inside-front',
            'words',
            { by: 'measure', width: typed('2'), height: typed('1') },
            place,
          ),
        ],
        { fold: 'tent' },
      ),
    );
    const { box } = layer(tent.layers, 'words');
    expect(box.y + box.height).toBeCloseTo(tent.scale.edge.y + tent.scale.edge.height, 6);
  });
});
