import { subtractLengths, sumLengths, type Length, type Size } from '../length/length';
import type { SizeRule } from '../plan/piece';
import type { SizeOrigin, SupportId } from './resolvedCard';

export interface SizedPiece extends Size {
  readonly origins: { readonly width: SizeOrigin; readonly height: SizeOrigin };
}

/** Makes figures of a size rule inside what the piece lies on; a side may come out zero or negative. */
export function sizePiece(rule: SizeRule, support: Size, from: SupportId): SizedPiece {
  switch (rule.by) {
    case 'measure':
      return {
        width: rule.width.ticks,
        height: rule.height.ticks,
        origins: { width: { kind: 'typed' }, height: { kind: 'typed' } },
      };
    case 'reveal':
      return fromBoth(
        lessReveals(support.width, rule.all.ticks, rule.all.ticks, from),
        lessReveals(support.height, rule.all.ticks, rule.all.ticks, from),
      );
    case 'sides':
      return fromBoth(
        lessReveals(support.width, rule.left.ticks, rule.right.ticks, from),
        lessReveals(support.height, rule.top.ticks, rule.bottom.ticks, from),
      );
    case 'step':
      return fromBoth(
        lessStep(support.width, rule.overall.ticks, from),
        lessStep(support.height, rule.overall.ticks, from),
      );
    default:
      throw new TypeError(`sizePiece: unknown rule ${JSON.stringify(rule satisfies never)}`);
  }
}

interface Figure {
  readonly length: Length;
  readonly origin: SizeOrigin;
}

const fromBoth = (width: Figure, height: Figure): SizedPiece => ({
  width: width.length,
  height: height.length,
  origins: { width: width.origin, height: height.origin },
});

const lessReveals = (whole: Length, near: Length, far: Length, from: SupportId): Figure => ({
  length: subtractLengths(whole, sumLengths(near, far)),
  origin: { kind: 'less-reveals', from, whole, near, far },
});

const lessStep = (whole: Length, step: Length, from: SupportId): Figure => ({
  length: subtractLengths(whole, step),
  origin: { kind: 'less-step', from, whole, step },
});
