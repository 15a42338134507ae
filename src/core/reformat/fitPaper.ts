import {
  fitsIn,
  lengthFromTicks,
  sameSize,
  subtractLengths,
  turnSize,
  type Length,
  type Size,
} from '../length/length';
import { asTyped } from '../length/typedLength';
import { findDieSet, type Library } from '../plan/library';
import type { Paper, SizeRule } from '../plan/piece';
import type { Rect } from '../outline/outline';
import type { Outcome } from './reformatStep';

export type Fitted =
  | { readonly ok: true; readonly size: SizeRule; readonly outcome: Outcome }
  | { readonly ok: false; readonly outcome: Extract<Outcome, { kind: 'left-out' }> };

export interface PaperMove {
  readonly before: { readonly box: Rect; readonly support: Rect };
  readonly support: Size;
  readonly library: Library;
}

/** A piece that covered so much of what it lay on, both ways, was its panel. */
const coversMost = 0.6;
/** Less than this part of a piece is another piece. */
const leastPart = 0.4;

/**
 * The size rule of a piece of paper on another support: rules that follow the support stay; a panel with a size of its
 * own keeps its borders; a die gives way to a smaller one of its set; a strip that is too long is cut down.
 */
export function fitPaper({ size }: Paper, move: PaperMove): Fitted {
  switch (size.by) {
    case 'reveal':
    case 'sides':
    case 'step':
    case 'outset':
      return { ok: true, size, outcome: { kind: 'kept' } };
    case 'measure':
      return fitMeasured(size, move);
    case 'die':
      return fitDie(size, move);
    case 'stamp':
      return fitsIn(move.before.box, move.support)
        ? { ok: true, size, outcome: { kind: 'kept' } }
        : leaveOut('no-room');
    default:
      throw new TypeError(`fitPaper: unknown rule ${JSON.stringify(size satisfies never)}`);
  }
}

function fitMeasured(size: Extract<SizeRule, { by: 'measure' }>, move: PaperMove): Fitted {
  const { before, support } = move;
  const kept: Fitted = { ok: true, size, outcome: { kind: 'kept' } };
  if (sameSize(before.support, support)) return kept;
  const next = isPanel(before)
    ? {
        width: lengthFromTicks(support.width - (before.support.width - before.box.width)),
        height: lengthFromTicks(support.height - (before.support.height - before.box.height)),
      }
    : {
        width: within(before.box.width, before.support.width, support.width),
        height: within(before.box.height, before.support.height, support.height),
      };
  if (next.width <= 0 || next.height <= 0) return leaveOut('no-room');
  if (next.width === size.width.ticks && next.height === size.height.ticks) return kept;
  const rule: SizeRule = {
    by: 'measure',
    width: asTyped(next.width),
    height: asTyped(next.height),
  };
  if (isPanel(before)) return { ok: true, size: rule, outcome: { kind: 'borders-kept' } };
  const isTooLittle =
    next.width < size.width.ticks * leastPart || next.height < size.height.ticks * leastPart;
  return isTooLittle
    ? leaveOut('too-little')
    : { ok: true, size: rule, outcome: { kind: 'cut-down' } };
}

/** As long as it was where that fits; a strip right across goes right across again, others keep what was free. */
function within(own: Length, before: Length, after: Length): Length {
  if (own >= before) return lengthFromTicks(Math.min(own, after));
  if (own <= after) return own;
  return subtractLengths(after, lengthFromTicks(Math.min(before - own, after)));
}

function fitDie(size: Extract<SizeRule, { by: 'die' }>, move: PaperMove): Fitted {
  const { before, support, library } = move;
  const set = findDieSet(library, size.set);
  const hungOver = !fitsIn(before.box, before.support);
  if (!set) return { ok: true, size, outcome: { kind: 'kept' } };
  const choices = set.steps.flatMap(({ width, height }, step) =>
    [size.turned, !size.turned].map((turned) => {
      const plain = { width: width.ticks, height: height.ticks };
      return { step, turned, size: turned ? turnSize(plain) : plain };
    }),
  );
  const own = choices.find(({ step, turned }) => step === size.step && turned === size.turned);
  if (own && (hungOver || (fitsIn(own.size, support) && !isPanel(before))))
    return { ok: true, size, outcome: { kind: 'kept' } };
  const wanted = isPanel(before)
    ? {
        width: support.width - (before.support.width - before.box.width),
        height: support.height - (before.support.height - before.box.height),
      }
    : { width: before.box.width as number, height: before.box.height as number };
  const misfit = (choice: Size) =>
    Math.abs(choice.width - wanted.width) + Math.abs(choice.height - wanted.height);
  const [best] = choices
    .filter((choice) => fitsIn(choice.size, support))
    .toSorted((a, b) => misfit(a.size) - misfit(b.size));
  if (!best) return leaveOut('no-room');
  if (best.step === size.step && best.turned === size.turned)
    return { ok: true, size, outcome: { kind: 'kept' } };
  return {
    ok: true,
    size: { ...size, step: best.step, turned: best.turned },
    outcome: { kind: 'other-die' },
  };
}

function isPanel({ box, support }: PaperMove['before']): boolean {
  return (
    fitsIn(box, support) &&
    box.width >= support.width * coversMost &&
    box.height >= support.height * coversMost
  );
}

const leaveOut = (why: 'no-room' | 'too-little'): Fitted => ({
  ok: false,
  outcome: { kind: 'left-out', why },
});
