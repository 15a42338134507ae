import { isObject, type Document } from './document';

/** Plans of version 6 knew of no series, and all openings of a stencil's layer took the same inks. */
export function upgradePlan6(plan: Document): Document {
  const { about, pieces } = plan;
  return {
    ...plan,
    schema: 7,
    // What is missing stays missing, so that it is told as that.
    ...(isObject(about) && { about: { ...about, series: null } }),
    pieces: Array.isArray(pieces) ? pieces.map(upgradePiece6) : pieces,
  };
}

export function upgradePiece6(piece: unknown): unknown {
  return isObject(piece) && piece['kind'] === 'stencil' ? { ...piece, openings: [] } : piece;
}
