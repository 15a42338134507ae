import { batchEdits } from '../../plan/batchEdits';
import { decideOverlap } from '../../plan/decideOverlap';
import { findOnPair, type Rule } from '../finding';
import { deed } from '../remedy';
import { maskedPairs } from './maskedPairs';

/** Words that fall on a mask in part, so that letters are missing. */
export const wordsMasked: Rule = {
  id: 'words-masked',
  find: ({ plan, card, results }) =>
    maskedPairs(card, results.masks).flatMap(({ meeting, behind, front }) => {
      const { relation } = meeting;
      if (!relation?.isCovered || relation.then.kind !== 'words') return [];
      const [words, image] = relation.then.id === behind.id ? [behind, front] : [front, behind];
      return [
        findOnPair(words, image, 'look', { rule: 'words-masked', other: image.name }, [
          deed('turn-about', batchEdits(decideOverlap(plan, behind.id, front.id, words.id))),
        ]),
      ];
    }),
};
