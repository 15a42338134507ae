import type { Size } from '../length/length';
import type { PieceId } from '../plan/ids';
import { findDieSet, findStamp, type Library } from '../plan/library';
import type { Paper, Piece, Support } from '../plan/piece';
import type { ImpossiblePiece } from './resolvedCard';
import {
  cropSize,
  sizeByDie,
  sizeByPrint,
  sizeInside,
  sizeRound,
  type CroppedPiece,
  type SizedPiece,
} from './sizePiece';

export type Sized =
  | { readonly ok: true; readonly size: CroppedPiece }
  | { readonly ok: false; readonly reason: ImpossiblePiece['reason'] };

type Failed = Extract<Sized, { ok: false }>;
type Ruled = { readonly ok: true; readonly size: SizedPiece } | Failed;

/** What sizes and places are made from. */
export interface SizeTask {
  readonly face: Size;
  readonly library: Library;
  /** The papers of the plan. */
  readonly byId: ReadonlyMap<PieceId, Paper>;
  /** Sizes settled already; each piece is sized once. */
  readonly sizes: Map<PieceId, Sized>;
}

/**
 * The size of a piece by its rule. A border is taken off what the piece lies on, an outset is added to
 * what it goes round, so sizes may run from the base inward and from a panel outward in one card.
 */
export function sizeOf(piece: Paper, task: SizeTask): Sized {
  const known = task.sizes.get(piece.id);
  if (known) return known;
  const ruled = sizeByRule(piece, task);
  const cropped: Sized = ruled.ok ? { ok: true, size: cropSize(ruled.size, piece.crop) } : ruled;
  const sized = notEmpty(cropped, piece, task);
  task.sizes.set(piece.id, sized);
  return sized;
}

function sizeByRule(piece: Paper, task: SizeTask): Ruled {
  const { size } = piece;
  switch (size.by) {
    case 'measure':
      return done({
        width: size.width.ticks,
        height: size.height.ticks,
        origins: { width: { kind: 'typed' }, height: { kind: 'typed' } },
      });
    case 'die': {
      const set = findDieSet(task.library, size.set);
      const sized = set && sizeByDie(size, set);
      return sized ? done(sized) : fail({ code: 'no-die' });
    }
    case 'stamp': {
      const stamp = findStamp(task.library, size.stamp);
      return stamp ? done(sizeByPrint(size, stamp)) : fail({ code: 'no-stamp' });
    }
    case 'outset': {
      const inner = task.byId.get(size.around);
      if (!inner) return fail({ code: 'nothing-inside' });
      if (isInCircle(piece, (each) => sizeSource(each, task))) return fail({ code: 'circle' });
      const sized = sizeOf(inner, task);
      return sized.ok
        ? done(sizeRound(size, sized.size))
        : fail({ code: 'below', support: inner.id });
    }
    case 'reveal':
    case 'sides':
    case 'step': {
      const on = supportOf(piece, task.byId);
      if ('face' in on) return done(sizeInside(size, task.face, 'base'));
      const under = task.byId.get(on.piece);
      if (!under) return fail({ code: 'nothing-under' });
      if (isInCircle(piece, (each) => sizeSource(each, task))) return fail({ code: 'circle' });
      const sized = sizeOf(under, task);
      return sized.ok
        ? done(sizeInside(size, sized.size, under.id))
        : fail({ code: 'below', support: under.id });
    }
    default:
      throw new TypeError(`sizeOf: unknown rule ${JSON.stringify(size satisfies never)}`);
  }
}

const done = (size: SizedPiece): Ruled => ({ ok: true, size });
const fail = (reason: ImpossiblePiece['reason']): Failed => ({ ok: false, reason });

function notEmpty(sized: Sized, piece: Paper, { byId }: SizeTask): Sized {
  if (!sized.ok || (sized.size.width > 0 && sized.size.height > 0)) return sized;
  const { width, height } = sized.size;
  const on = supportOf(piece, byId);
  return fail({ code: 'no-size', width, height, support: 'face' in on ? 'base' : on.piece });
}

/** What a piece lies on once layers that are turned off are left out. */
export function supportOf(piece: Piece, byId: ReadonlyMap<PieceId, Paper>): Support {
  let { on } = piece;
  for (let steps = 0; 'piece' in on && steps < byId.size; steps++) {
    const under: Paper | undefined = byId.get(on.piece);
    if (!under?.isOff) break;
    on = under.on;
  }
  return on;
}

/** Whether following `next` from a piece comes back to it; a circle further along is not its own. */
export function isInCircle(piece: Paper, next: (piece: Paper) => Paper | undefined): boolean {
  const seen = new Set<PieceId>();
  for (let current = next(piece); current && !seen.has(current.id); current = next(current)) {
    if (current.id === piece.id) return true;
    seen.add(current.id);
  }
  return false;
}

/** The piece a piece's size is made from; none where it has a size of its own or lies on a face. */
function sizeSource(piece: Paper, { byId }: SizeTask): Paper | undefined {
  const { size } = piece;
  if (size.by === 'outset') return byId.get(size.around);
  if (size.by === 'measure' || size.by === 'die' || size.by === 'stamp') return undefined;
  const on = supportOf(piece, byId);
  return 'piece' in on ? byId.get(on.piece) : undefined;
}
