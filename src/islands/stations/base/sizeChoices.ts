import {
  longerOf,
  shorterOf,
  sumLengths,
  zeroLength,
  type Length,
} from '../../../core/length/length';
import { asTyped, type TypedLength } from '../../../core/length/typedLength';
import type { SizeRule } from '../../../core/plan/piece';
import type { ResolvedPiece } from '../../../core/resolve/resolvedPiece';

/** One figure of a size rule: its label, its value now, and the rule with another value in it. */
export interface SizeField {
  readonly key: string;
  readonly label: string;
  readonly value: TypedLength;
  readonly withValue: (value: TypedLength) => SizeRule;
}

/** The ways to give a size, in the order they are offered. */
export const sizeWays: readonly { readonly by: SizeRule['by']; readonly name: string }[] = [
  { by: 'reveal', name: 'Border' },
  { by: 'sides', name: 'Each side' },
  { by: 'step', name: 'Smaller by' },
  { by: 'measure', name: 'Own size' },
  { by: 'outset', name: 'Round' },
  { by: 'die', name: 'Die' },
  { by: 'stamp', name: 'Print' },
];

/** The ways that are figures alone; the others choose a piece, a die or a stamp as well. */
export type FigureWay = Exclude<SizeRule['by'], 'outset' | 'die' | 'stamp'>;

/** A piece without figures offers its own way's fields as typed, and others from nothing. */
const noFigures = {
  rect: { x: zeroLength, y: zeroLength, width: zeroLength, height: zeroLength },
  reveals: { left: zeroLength, top: zeroLength, right: zeroLength, bottom: zeroLength },
};

/**
 * The fields of one way to give a piece's size, filled with the figures it has now, so that another
 * way can be looked at without changing anything.
 */
export function sizeFields(
  way: FigureWay,
  rule: SizeRule,
  resolved: Pick<ResolvedPiece, 'rect' | 'reveals'> | undefined,
): readonly SizeField[] {
  const { rect, reveals } = resolved ?? noFigures;
  switch (way) {
    case 'reveal': {
      const smallest = shorterOf(
        shorterOf(reveals.left, reveals.right),
        shorterOf(reveals.top, reveals.bottom),
      );
      const value = rule.by === 'reveal' ? rule.all : notNegative(smallest);
      return [
        { key: 'all', label: 'all round', value, withValue: (all) => ({ by: 'reveal', all }) },
      ];
    }
    case 'sides': {
      const sides =
        rule.by === 'sides'
          ? rule
          : {
              by: 'sides' as const,
              left: notNegative(reveals.left),
              top: notNegative(reveals.top),
              right: notNegative(reveals.right),
              bottom: notNegative(reveals.bottom),
            };
      return (['left', 'top', 'right', 'bottom'] as const).map((side) => ({
        key: side,
        label: side,
        value: sides[side],
        withValue: (value) => ({ ...sides, [side]: value }),
      }));
    }
    case 'step': {
      const value =
        rule.by === 'step' ? rule.overall : notNegative(sumLengths(reveals.left, reveals.right));
      return [
        {
          key: 'overall',
          label: 'overall',
          value,
          withValue: (overall) => ({ by: 'step', overall }),
        },
      ];
    }
    case 'measure': {
      const size =
        rule.by === 'measure'
          ? rule
          : { by: 'measure' as const, width: asTyped(rect.width), height: asTyped(rect.height) };
      return (['width', 'height'] as const).map((axis) => ({
        key: axis,
        label: axis,
        value: size[axis],
        withValue: (value) => ({ ...size, [axis]: value }),
      }));
    }
    default:
      throw new TypeError(`sizeFields: unknown way ${way satisfies never}`);
  }
}

/** A piece that overhangs has negative reveals, which no rule can say; nothing comes nearest. */
function notNegative(length: Length): TypedLength {
  return asTyped(longerOf(length, zeroLength));
}
