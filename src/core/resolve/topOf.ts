import { sumLengths, type Length } from '../length/length';
import type { ResolvedPiece } from './resolvedPiece';

/** Height of the upper side of a paper above its face. */
export function topOf({ foot, caliper }: Pick<ResolvedPiece, 'foot' | 'caliper'>): Length {
  return sumLengths(foot, caliper);
}
