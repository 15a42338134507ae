import { setWords } from '../lettering/setWords';
import { splitWords } from '../lettering/splitWords';
import { fitsIn, lengthFromTicks, sameSize, type Length, type Size } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { Mark, PieceOf } from '../plan/piece';
import type { ResolvedMark } from '../resolve/resolvedMark';
import type { Outcome } from './reformatStep';

export type FittedMark =
  | { readonly ok: true; readonly piece: Mark; readonly size: Size; readonly outcome: Outcome }
  | { readonly ok: false; readonly outcome: Extract<Outcome, { kind: 'left-out' }> };

export interface MarkMove {
  readonly before: { readonly mark: ResolvedMark; readonly support: Size };
  readonly support: Size;
  /** Words keep so far off an edge. */
  readonly margin: Length;
}

/** An image of which less would be seen is left out. */
const leastSeen = 0.6;
/** Something that spanned so much of what it lay on spans the other as well. */
const spansMost = 0.8;
/** Smaller letters than this, in parts of what they were, are not read any more; from memory. */
const smallestPart = 0.6;

/** How a mark of a kind is laid on another support. @param own the size it has */
type Fit<Kind extends Mark['kind']> = (
  piece: PieceOf<Kind>,
  own: Size,
  move: MarkMove,
) => FittedMark;

const fits: { readonly [Kind in Mark['kind']]: Fit<Kind> } = {
  image: fitImage,
  words: fitWords,
  stencil: fitZone,
  blend: fitZone,
  spray: fitZone,
  splatter: fitZone,
  edges: (piece, _, { support }) => keep(piece, support, 're-derived'),
  drawn: fitDrawn,
  ribbon: fitRibbon,
  dot: (piece, own, { support }) => (fitsIn(own, support) ? keep(piece, own) : leaveOut('no-room')),
};

/**
 * A mark on another support: a stencilled zone and a drawn line that spanned it are made anew, an image too large is
 * cropped about its middle, words too long are split on two lines or set smaller.
 */
export function fitMark(move: MarkMove): FittedMark {
  const { piece, rect } = move.before.mark;
  const fit = fits[piece.kind] as Fit<Mark['kind']>;
  return fit(piece, { width: rect.width, height: rect.height }, move);
}

function fitZone(
  piece: PieceOf<'stencil' | 'blend' | 'spray' | 'splatter'>,
  own: Size,
  move: MarkMove,
): FittedMark {
  if (!piece.zone) return keep(piece, move.support, 're-derived');
  const size = spanned(own, move);
  const zone = { width: asTyped(size.width), height: asTyped(size.height) };
  return sameSize(size, own) ? keep(piece, own) : keep({ ...piece, zone }, size, 're-derived');
}

function fitDrawn(piece: PieceOf<'drawn'>, own: Size, move: MarkMove): FittedMark {
  const size = spanned(own, move);
  const [width, height] = [asTyped(size.width), asTyped(size.height)];
  return sameSize(size, own)
    ? keep(piece, own)
    : keep({ ...piece, width, height }, size, 're-derived');
}

/** From edge to edge again, its bow at the same share of its way. */
function fitRibbon(piece: PieceOf<'ribbon'>, own: Size, { support }: MarkMove): FittedMark {
  const { runs, bow } = piece;
  const along = runs === 'across' ? 'width' : 'height';
  const size = { ...own, [along]: support[along] };
  if (sameSize(size, own)) return keep(piece, own);
  const at = bow && Math.round((bow.at.ticks / own[along]) * support[along]);
  const moved = bow && { ...bow, at: asTyped(lengthFromTicks(at ?? 0)) };
  return keep({ ...piece, bow: moved }, size, 're-derived');
}

function fitImage(piece: PieceOf<'image'>, own: Size, { before, support }: MarkMove): FittedMark {
  const hungOver = !fitsIn(own, before.support);
  if (fitsIn(own, support) || hungOver) return keep(piece, own);
  if (before.mark.words) return leaveOut('no-room');
  const size = {
    width: lengthFromTicks(Math.min(own.width, support.width)),
    height: lengthFromTicks(Math.min(own.height, support.height)),
  };
  if ((size.width / own.width) * (size.height / own.height) < leastSeen)
    return leaveOut('too-little');
  const crop = piece.crop ?? noCrop;
  const [across, down] = [own.width - size.width, own.height - size.height];
  const more = (side: keyof typeof crop, by: number) =>
    asTyped(lengthFromTicks(crop[side].ticks + by));
  return keep(
    {
      ...piece,
      crop: {
        left: more('left', Math.floor(across / 2)),
        top: more('top', Math.floor(down / 2)),
        right: more('right', Math.ceil(across / 2)),
        bottom: more('bottom', Math.ceil(down / 2)),
      },
    },
    size,
    'cut-down',
  );
}

function fitWords(piece: PieceOf<'words'>, own: Size, { support, margin }: MarkMove): FittedMark {
  const room = {
    width: lengthFromTicks(Math.max(0, support.width - 2 * margin)),
    height: lengthFromTicks(Math.max(0, support.height - 2 * margin)),
  };
  if (fitsIn(own, room)) return keep(piece, own);
  const split = splitWords(piece, piece.xHeight.ticks);
  if (split && fitsIn(split.together, room))
    return keep({ ...piece, lines: split.lines }, split.together, 'split');
  const part = Math.min(room.width / own.width, room.height / own.height);
  if (part < smallestPart) return leaveOut('no-room');
  const smaller = {
    ...piece,
    xHeight: asTyped(lengthFromTicks(Math.floor(piece.xHeight.ticks * part))),
  };
  return keep(smaller, sizeOf(smaller), 'smaller-letters');
}

function sizeOf(piece: PieceOf<'words'>): Size {
  const { width, height } = setWords(piece, piece.xHeight.ticks);
  return { width, height };
}

/** What spanned its support along a side spans as much of the other; what fits is left. */
function spanned(own: Size, { before, support }: MarkMove): Size {
  const along = (axis: 'width' | 'height') => {
    const free = before.support[axis] - own[axis];
    const isSpanning = own[axis] >= before.support[axis] * spansMost;
    const wanted = isSpanning ? support[axis] - free : Math.min(own[axis], support[axis]);
    return lengthFromTicks(Math.max(1, Math.round(wanted)));
  };
  return { width: along('width'), height: along('height') };
}

const zero = asTyped(lengthFromTicks(0));
const noCrop = { left: zero, top: zero, right: zero, bottom: zero };

function keep(
  piece: Mark,
  size: Size,
  kind: 'kept' | 're-derived' | 'cut-down' | 'split' | 'smaller-letters' = 'kept',
): FittedMark {
  return { ok: true, piece, size, outcome: { kind } };
}

const leaveOut = (why: 'no-room' | 'too-little'): FittedMark => ({
  ok: false,
  outcome: { kind: 'left-out', why },
});
