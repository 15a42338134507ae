import { groupBy } from '../groupBy';
import type { FaceId } from '../plan/faces';
import type { SupportId } from './origins';
import { isRibbon, type Ribbon } from './ribbonParts';
import type { ResolvedMark } from './resolvedMark';
import type { ResolvedPiece } from './resolvedPiece';
import { supportsUnder } from './supportsUnder';

/** The ribbons of a card by the paper, with its marks, that each comes right after. */
export type RibbonsAfter = (face: FaceId, paper: SupportId) => readonly Ribbon[];

const none: readonly Ribbon[] = [];

/**
 * Where ribbons lie among the papers: each over all that lies on what it goes round and comes before it in the list, and
 * under what comes after it.
 * ```
 *   list   mat, panel on the mat, ribbon on the mat, label on the mat
 *   order  mat, panel, ribbon, label
 * ```
 * @param papers in stack order
 * @param placeOf the place of a piece in the list
 */
export function ribbonsAfter(
  papers: readonly ResolvedPiece[],
  marks: readonly ResolvedMark[],
  placeOf: (id: string) => number,
): RibbonsAfter {
  const ribbons = marks.filter(isRibbon).toSorted((a, b) => placeOf(a.id) - placeOf(b.id));
  if (ribbons.length === 0) return () => none;
  const byPaper = groupBy(ribbons, ({ id, face, support }) => {
    const last = papers.findLast(
      (paper) =>
        paper.face === face &&
        placeOf(paper.id) < placeOf(id) &&
        (support === 'base' || supportsUnder({ pieces: papers }, paper).includes(support)),
    );
    return keyOf(face, last?.id ?? support);
  });
  return (face, paper) => byPaper.get(keyOf(face, paper)) ?? none;
}

const keyOf = (face: FaceId, paper: SupportId) => `${face} ${paper}`;
