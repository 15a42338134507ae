import { batchEdits } from '../../plan/batchEdits';
import { decideOverlap } from '../../plan/decideOverlap';
import { isLaid } from '../../masking/print';
import { findOnPair, type Rule } from '../finding';
import { deed } from '../remedy';
import { maskedPairs } from './maskedPairs';

/** L*. A ground that is lighter than this is hardly seen over an image. From memory. */
const palerThan = 75;

/** A ground laid over an image that nothing covers, so that the image takes its colour. */
export const groundOverImage: Rule = {
  id: 'ground-over-image',
  find: ({ plan, card, results }) =>
    maskedPairs(card, results.masks).flatMap(({ meeting, behind, front }) => {
      const { relation, decided } = meeting;
      if (relation?.because !== 'ground-over' || decided !== undefined) return [];
      const [ground, print] = isLaid(meeting.front)
        ? [meeting.front, meeting.behind]
        : [meeting.behind, meeting.front];
      const isImage = print.kind === 'outline' || print.kind === 'solid';
      if (!isImage || ground.darkest >= palerThan) return [];
      const [laid, image] = ground.id === front.id ? [front, behind] : [behind, front];
      const decide = (first: typeof image.id | null) =>
        batchEdits(decideOverlap(plan, behind.id, front.id, first));
      return [
        findOnPair(image, laid, 'look', { rule: 'ground-over-image', ground: laid.name }, [
          deed('keep-off', decide(image.id)),
          deed('let-cross', decide(null)),
        ]),
      ];
    }),
};
