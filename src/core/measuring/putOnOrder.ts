import type { FaceId } from '../plan/faces';
import { kindOf } from '../kinds/kinds';
import { isMark, type Placed } from '../resolve/outlineOf';
import type { ResolvedCard } from '../resolve/resolvedCard';

/**
 * What lies on a face in the order it is put on: what lies behind before what lies in front, a panel decorated before it
 * is glued, and what is stuck or dropped on at the very end.
 * ```
 *   lies, back to front   print on the base | panel, its ground, its print, a gem on it | die cut, its words
 *   is put on             print, ground, panel's print, panel, words, die cut, gem
 * ```
 */
export function putOnOrder({ painted }: ResolvedCard, face: FaceId): readonly Placed[] {
  const isLate = (placed: Placed) =>
    isMark(placed) && kindOf(placed.piece).laid(placed.piece) === 'late';
  const decorated: Placed[] = [];
  let paper: Placed | undefined;
  const glue = () => {
    if (paper) decorated.push(paper);
  };
  for (const placed of painted[face])
    if (!isMark(placed)) {
      glue();
      paper = placed;
    } else if (!isLate(placed)) decorated.push(placed);
  glue();
  return [...decorated, ...painted[face].filter(isLate)];
}
