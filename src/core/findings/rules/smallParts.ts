import { isSmallPart } from '../../kinds/smallPart';
import { findItem } from '../../plan/library';
import { deed } from '../remedy';
import { itemSubject, pieceSubject, type Subject } from '../subject';
import type { Finding, Rule } from '../finding';

/** Small parts, magnets and springs on a card that is given to a child under three: they come off and are swallowed. */
export const smallParts: Rule = {
  id: 'small-parts',
  find: ({ plan, card, library }) => {
    if (!plan.post.forChild) return [];
    const found = (subject: Subject, part: string): Finding => ({
      severity: 'stop',
      subject,
      data: { rule: 'small-parts', part },
      remedies: [],
    });
    const dots = card.marks.flatMap((mark): readonly Finding[] => {
      if (mark.piece.kind !== 'dot' || mark.height === 0) return [];
      const { id } = mark.piece;
      return [
        {
          ...found(pieceSubject(mark), mark.piece.look),
          remedies: [
            deed('turn-off', {
              ...{ kind: 'change', in: 'pieces', of: 'dot', id },
              change: { isOff: true },
            }),
          ],
        },
      ];
    });
    const springs = card.pieces
      .filter(({ piece }) => piece.motion?.kind === 'wobbler')
      .map((piece) => found(pieceSubject(piece), 'spring'));
    const noted = plan.uses.flatMap(({ item: ref, pieceId }) => {
      const item = findItem(library, ref);
      return item?.kind === 'embellishment' && isSmallPart(item.embellishment)
        ? [found(itemSubject(item, pieceId ?? undefined), item.embellishment)]
        : [];
    });
    return [...dots, ...springs, ...noted];
  },
};
