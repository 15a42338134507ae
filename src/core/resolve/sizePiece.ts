import { subtractLengths, sumLengths, type Length, type Size } from '../length/length';
import type { PieceId } from '../plan/ids';
import type { DieSet, Stamp } from '../plan/libraryItem';
import type { Paper, SizeRule } from '../plan/piece';
import type { SizeOrigin, SupportId } from './origins';

export interface SizedPiece extends Size {
  readonly origins: { readonly width: SizeOrigin; readonly height: SizeOrigin };
}

/** A size with what is cut off its sides taken away, and what it was before. */
export interface CroppedPiece extends SizedPiece {
  readonly uncut: Size;
}

export function cropSize(sized: SizedPiece, crop: Paper['crop']): CroppedPiece {
  const uncut = { width: sized.width, height: sized.height };
  if (!crop) return { ...sized, uncut };
  return {
    ...sized,
    width: subtractLengths(sized.width, sumLengths(crop.left.ticks, crop.right.ticks)),
    height: subtractLengths(sized.height, sumLengths(crop.top.ticks, crop.bottom.ticks)),
    uncut,
  };
}

type InsetRule = Extract<SizeRule, { by: 'reveal' | 'sides' | 'step' }>;
type OutsetRule = Extract<SizeRule, { by: 'outset' }>;
type PrintRule = Extract<SizeRule, { by: 'stamp' }>;
type DieRule = Extract<SizeRule, { by: 'die' }>;

/** Makes figures of a size inside what the piece lies on; a side may come out zero or negative. */
export function sizeInside(rule: InsetRule, support: Size, from: SupportId): SizedPiece {
  switch (rule.by) {
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
      throw new TypeError(`sizeInside: unknown rule ${JSON.stringify(rule satisfies never)}`);
  }
}

/** Makes figures of a size round another piece, as mats are built outward from a finished panel. */
export function sizeRound(rule: OutsetRule, inner: Size): SizedPiece {
  return fromBoth(
    moreReveals(inner.width, rule.left.ticks, rule.right.ticks, rule.around),
    moreReveals(inner.height, rule.top.ticks, rule.bottom.ticks, rule.around),
  );
}

/** The size of a die of a nested set; undefined where the set has no such step. */
export function sizeByDie({ step, turned }: DieRule, set: DieSet): SizedPiece | undefined {
  const die = set.steps[step];
  if (!die) return undefined;
  const [width, height] = turned ? [die.height, die.width] : [die.width, die.height];
  const origin: SizeOrigin = { kind: 'die', set: set.name, nth: step + 1, of: set.steps.length };
  return {
    width: width.ticks,
    height: height.ticks,
    origins: { width: origin, height: origin },
  };
}

/** The size of what is cut round a print, so far outside its line. */
export function sizeByPrint({ rim }: PrintRule, stamp: Stamp): SizedPiece {
  const origin: SizeOrigin = { kind: 'print', stamp: stamp.name, rim: rim.ticks };
  return {
    width: sumLengths(stamp.width.ticks, rim.ticks, rim.ticks),
    height: sumLengths(stamp.height.ticks, rim.ticks, rim.ticks),
    origins: { width: origin, height: origin },
  };
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

const moreReveals = (inner: Length, near: Length, far: Length, around: PieceId): Figure => ({
  length: sumLengths(inner, near, far),
  origin: { kind: 'more-reveals', around, inner, near, far },
});
