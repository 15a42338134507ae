import { writeLength } from '../length/formatLength';
import { lengthFromTicks, type Length, type Unit } from '../length/length';
import { gapOver, padsOf, type Bond } from '../resolve/bond';
import type { ResolvedPiece } from '../resolve/resolvedPiece';
import { countWords } from '../words/countWords';
import { joinWords } from '../words/phrases';

/**
 * What holds a piece that is held by zones, as it is laid out and counted; undefined where one adhesive holds all of it.
 * @example 'Held by foam squares (15 in 1 strip) and liquid glue (9 1/4 in), 1.5 mm above what it lies on.'
 */
export function holdWords(piece: ResolvedPiece, unit: Unit): string | undefined {
  const pads = padsOf(piece);
  if (!pads) return undefined;
  if (pads.length === 0) return 'Nothing holds it.';
  const held = `Held by ${joinWords(piece.bonds.map((bond) => bondWords(bond, unit)))}`;
  const lifted = piece.lift > 0 ? `, ${millimetres(piece.lift)} above what it lies on` : '';
  const short = pads.filter((pad) => gapOver(piece, pad) > 0);
  if (short.length === 0) return `${held}${lifted}.`;
  const widest = short.reduce((most, pad) => Math.max(most, gapOver(piece, pad)), 0);
  const verb = short.length === 1 ? 'ends' : 'end';
  return `${held}${lifted}; ${short.length} of ${countWords(pads.length, 'pad')} ${verb} ${millimetres(lengthFromTicks(widest))} under it.`;
}

const millimetres = (length: Length) => `${writeLength(length, 'mm')} mm`;

function bondWords({ adhesive: { id, name, by }, pads = [] }: Bond, unit: Unit): string {
  if (id === 'foam-sheet') return name;
  if (by === 'edge') {
    const along = pads.reduce((sum, { length }) => sum + length, 0);
    return `${name} (${writeLength(lengthFromTicks(along), unit)} ${unit})`;
  }
  const squares = pads.reduce((sum, pad) => sum + pad.squares, 0);
  const strips = pads.filter((pad) => pad.squares > 1).length;
  const cut = strips > 0 ? ` in ${countWords(strips, 'strip')}` : '';
  return `${name} (${squares}${cut})`;
}
