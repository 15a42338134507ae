import { kindOf } from '../kinds/kinds';
import type { Laid } from '../kinds/markKind';
import type { PieceId } from '../plan/ids';
import { faceIds, type FaceId } from '../plan/faces';
import type { Placed } from './outlineOf';
import type { ResolvedPiece } from './resolvedPiece';
import type { SupportId } from './origins';
import { isRibbon } from './ribbonParts';
import type { RibbonsAfter } from './ribbonsAfter';
import type { ResolvedMark } from './resolvedMark';

/** What lies on each face, from the paper of the base to the front. */
export type PaintOrder = Readonly<Record<FaceId, readonly Placed[]>>;

/**
 * Papers as they lie over one another: in the order they are glued, each after what it lies on, wherever the list has
 * it. Those that lie in a circle come last.
 * ```
 *   list   C on B, A, B, D          C is told before what it lies on
 *   order  A, B, C, D
 * ```
 */
export function stackOrder<Paper extends { readonly id: PieceId; readonly support: SupportId }>(
  papers: readonly Paper[],
): readonly Paper[] {
  const waiting = new Map<SupportId, Paper[]>();
  const placed = new Set<SupportId>(['base']);
  const known = new Set<SupportId>(papers.map(({ id }) => id));
  const ordered: Paper[] = [];
  const lay = (paper: Paper) => {
    ordered.push(paper);
    placed.add(paper.id);
    const waited = waiting.get(paper.id) ?? [];
    waiting.delete(paper.id);
    for (const each of waited) lay(each);
  };
  for (const paper of papers) {
    const { support } = paper;
    if (placed.has(support) || !known.has(support)) lay(paper);
    else waiting.set(support, [...(waiting.get(support) ?? []), paper]);
  }
  return [...ordered, ...[...waiting.values()].flat()];
}

/** Marks of one paper as they lie over one another: grounds, then marks, then grounds laid over them, then what is put on late, each in list
 * order. */
export function markOrder(marks: readonly ResolvedMark[]): readonly ResolvedMark[] {
  return marks.toSorted((a, b) => rankOf(a) - rankOf(b));
}

const rank: Readonly<Record<Laid, number>> = { ground: 0, mark: 1, over: 2, late: 3 };

function rankOf({ piece }: ResolvedMark): number {
  return rank[kindOf(piece).laid(piece)];
}

/**
 * The one order of what lies over what: on each face the marks of the base, then each paper followed by the marks on it,
 * and by the ribbons that go over both. Drawing, covering and the order things are put on in all follow it.
 * @param papers in stack order
 * @param marks in mark order
 */
export function paintOrder(
  papers: readonly ResolvedPiece[],
  marks: readonly ResolvedMark[],
  ribbons: RibbonsAfter,
): PaintOrder {
  const marksOf = new Map<string, ResolvedMark[]>();
  for (const mark of marks) {
    if (isRibbon(mark)) continue;
    const key = `${mark.face} ${mark.support}`;
    const there = marksOf.get(key);
    if (there) there.push(mark);
    else marksOf.set(key, [mark]);
  }
  const onFace = (face: FaceId): readonly Placed[] => [
    ...(marksOf.get(`${face} base`) ?? []),
    ...ribbons(face, 'base'),
    ...papers
      .filter((paper) => paper.face === face)
      .flatMap((paper) => [
        paper,
        ...(marksOf.get(`${face} ${paper.id}`) ?? []),
        ...ribbons(face, paper.id),
      ]),
  ];
  return Object.fromEntries(faceIds.map((face) => [face, onFace(face)])) as unknown as PaintOrder;
}
