import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  coves,
  fiveLayers,
  library,
  measure,
  pieceOn,
  planOf,
  reveal,
  typed,
} from '../../../../test/support/plans';
import { computeCard } from '../../compute/computeCard';
import { inches } from '../../length/length';
import { applyEdit } from '../../plan/applyEdit';
import { sides } from '../../plan/faces';
import type { SizeRule } from '../../plan/piece';
import { papersOf } from '../../plan/pieces';
import type { Plan } from '../../plan/plan';
import { resolvePlan } from '../../resolve/resolvePlan';
import type { Finding } from '../finding';

const afterRemedy = (plan: Plan, finding: Finding): Plan => {
  const remedy = finding.remedies[0];
  const outcome = remedy && applyEdit(plan, remedy.edit);
  if (!outcome?.ok) throw new Error('afterRemedy: the remedy does not apply');
  return outcome.plan;
};

describe('easier figures', () => {
  const easier = (plan: Plan) =>
    computeCard(plan, library).findings.find(({ data }) => data.rule === 'easier-figures');

  // Common practice: the liner of the five-layer A2 is easier cut in eighths, its border 1/8 for 3/32.
  it('are 3 5/8 x 4 7/8 for the liner of the five-layer A2', () => {
    expect(easier(fiveLayers())).toMatchObject({
      subject: { kind: 'piece', name: 'liner' },
      data: {
        sizes: [
          {
            before: { width: inches(3, 11, 16), height: inches(4, 15, 16) },
            after: { width: inches(3, 5, 8), height: inches(4, 7, 8) },
            revealsBefore: { left: inches(0, 3, 32) },
            revealsAfter: { left: inches(0, 1, 8) },
          },
        ],
      },
    });
  });

  it('are not proposed where all figures are easy, or by a die, or no set is near enough', () => {
    expect(easier(planOf([pieceOn('front', 'a', reveal('1/8'))]))).toBeUndefined();
    const die = { by: 'die', set: coves, step: 0, turned: false } as const;
    const odd = pieceOn('a', 'b', measure('2 1/16', '3'), {
      x: { from: 'third', which: 1 },
      y: { from: 'centre' },
    });
    expect(easier(planOf([pieceOn('front', 'a', die), odd]))).toBeUndefined();
    // 105 x 148.5 mm in whole millimetres cannot have the same border all round.
    const format = { kind: 'named', id: 'a6', stand: 'upright' } as const;
    const a6 = planOf([pieceOn('front', 'a', reveal('2.5 mm'))], {
      format,
      fold: 'tent',
      unit: 'mm',
    });
    expect(easier(a6)).toBeUndefined();
  });

  it('change what follows from a changed layer too: an even border stays a rule', () => {
    const plan = planOf([
      pieceOn('front', 'mat', reveal('3/32')),
      pieceOn('mat', 'panel', reveal('3/32')),
    ]);
    const finding = easier(plan);
    if (!finding) throw new Error('nothing was proposed');
    const mended = afterRemedy(plan, finding);
    expect(papersOf(mended).map(({ size }) => size.by)).toEqual(['reveal', 'reveal']);
    expect(easier(mended)).toBeUndefined();
  });

  it.each([1, 2, 3, 4, 5, 6])('keep their promise on any stack (seed %i)', (seed) => {
    let proposed = 0;
    fc.assert(
      fc.property(fc.array(anyLayer, { minLength: 1, maxLength: 6 }), (layers) => {
        const plan = stackOf(layers);
        const { card, findings } = computeCard(plan, library);
        const finding = findings.find(({ data }) => data.rule === 'easier-figures');
        if (finding?.data.rule !== 'easier-figures') return;
        proposed++;
        const after = resolvePlan(afterRemedy(plan, finding), library);
        expect(after.pieces.length).toBe(card.pieces.length);
        for (const [index, now] of after.pieces.entries()) {
          const old = card.pieces[index];
          if (!old) throw new Error('a piece is missing');
          expect([now.rect.width % inches(0, 1, 8), now.rect.height % inches(0, 1, 8)]).toEqual([
            0, 0,
          ]);
          for (const side of sides) {
            const change = Math.abs(now.reveals[side] - old.reveals[side]);
            expect(change).toBeLessThanOrEqual(inches(0, 1, 16));
            expect(now.reveals[side]).toBeGreaterThanOrEqual(
              Math.min(old.reveals[side], plan.habits.minimumReveal.ticks),
            );
            for (const other of sides)
              if (Math.abs(old.reveals[side] - old.reveals[other]) <= 1)
                expect(Math.abs(now.reveals[side] - now.reveals[other])).toBeLessThanOrEqual(1);
          }
          // What the table says is what comes of it.
          const row = finding.data.sizes.find(({ id }) => id === now.id);
          if (row) expect(now.rect).toMatchObject(row.after);
          else expect([now.rect.width, now.rect.height]).toEqual([old.rect.width, old.rect.height]);
        }
      }),
      { seed, numRuns: 60 },
    );
    expect(proposed).toBeGreaterThan(3);
  });
});

type Layer = { readonly way: number; readonly near: number; readonly far: number };
const anyLayer = fc.record({
  way: fc.nat(3),
  near: fc.integer({ min: 1, max: 12 }),
  far: fc.integer({ min: 1, max: 12 }),
});

/** Layers one on the other, each by a rule of its own, in thirty-seconds and sixteenths. */
function stackOf(layers: readonly Layer[]): Plan {
  const ways = (near: string, far: string): readonly SizeRule[] => [
    reveal(near),
    { by: 'step', overall: typed(far) },
    { by: 'sides', left: typed(near), right: typed(near), top: typed(far), bottom: typed(near) },
    { by: 'sides', left: typed(near), right: typed(far), top: typed(near), bottom: typed(near) },
  ];
  return planOf(
    layers.map(({ way, near, far }, index) =>
      pieceOn(
        index === 0 ? 'front' : `p${index - 1}`,
        `p${index}`,
        ways(`${near}/32`, `${far}/16`)[way] ?? reveal('1/8'),
      ),
    ),
  );
}
