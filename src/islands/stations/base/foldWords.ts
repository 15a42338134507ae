import type { Fold } from '../../../core/paper/cardFormat';
import { scoreSides, type FaceId } from '../../../core/plan/faces';

/** What is said under a face beside its name: how the card opens, or where its score lies. */
export function faceCaption(face: FaceId, fold: Fold): string {
  if (face === 'front') return frontCaptions[fold];
  const at = scoreSides(face, fold);
  if (at.length === 0) return 'no fold';
  return at.length === 2
    ? 'scores on the left and right'
    : `score on the ${sideNames[at[0] ?? 'left']}`;
}

const frontCaptions: Readonly<Record<Fold, string>> = {
  side: 'side fold, opens to the right',
  tent: 'tent fold, stands on two feet',
  gate: 'gate fold, two flaps',
  flat: 'flat, no fold',
};

const sideNames = { left: 'left', right: 'right', top: 'top', bottom: 'foot' } as const;
