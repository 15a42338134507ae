import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedScene } from '../resolve/resolvedScene';
import { findOn, type Finding, type FindingData } from './finding';
import type { Remedy } from './remedy';
import { cardSubject } from './subject';

/** A finding on a scene, which is spoken of by its paper. */
export function findOnScene(
  card: ResolvedCard,
  { support }: Pick<ResolvedScene, 'support'>,
  data: FindingData,
  remedies: readonly Remedy[],
): Finding {
  const paper = card.pieces.find(({ id }) => id === support);
  return paper
    ? findOn(paper, 'look', data, remedies)
    : { severity: 'look', subject: cardSubject(card), data, remedies };
}
