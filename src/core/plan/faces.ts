import type { Fold } from '../paper/cardFormat';

/**
 * Faces of a card. `inside` is the leaf one writes on: right of a side fold, lower of a tent, the
 * whole inside of a gate; `inside-front` is the back of the front leaf.
 */
export const faceIds = ['front', 'inside-front', 'inside', 'back'] as const;
export type FaceId = (typeof faceIds)[number];

/** The sides of a face or a piece, as the face is read. */
export const sides = ['left', 'top', 'right', 'bottom'] as const;
export type Side = (typeof sides)[number];

interface FoldFaces {
  /** What each face is called; a fold has only the faces named here. */
  readonly names: Readonly<Partial<Record<FaceId, string>>>;
  /** The sides where a face ends at a score. */
  readonly scores: Readonly<Partial<Record<FaceId, readonly Side[]>>>;
}

const foldFaces: Readonly<Record<Fold, FoldFaces>> = {
  side: {
    names: { front: 'front', 'inside-front': 'inside left', inside: 'inside right', back: 'back' },
    scores: { front: ['left'], 'inside-front': ['right'], inside: ['left'], back: ['right'] },
  },
  tent: {
    names: { front: 'front', 'inside-front': 'inside top', inside: 'inside bottom', back: 'back' },
    scores: { front: ['top'], 'inside-front': ['bottom'], inside: ['top'], back: ['top'] },
  },
  gate: {
    names: { front: 'front', inside: 'inside', back: 'back' },
    scores: { front: ['left', 'right'], inside: ['left', 'right'], back: ['left', 'right'] },
  },
  flat: { names: { front: 'front', back: 'back' }, scores: {} },
};

/** The faces a fold has, in the order their pieces are lettered. */
export function facesOf(fold: Fold): readonly FaceId[] {
  return faceIds.filter((face) => foldFaces[fold].names[face] !== undefined);
}

/** What a face is called on a card of this fold; one it does not have keeps its plain name. */
export function faceName(face: FaceId, fold: Fold): string {
  return foldFaces[fold].names[face] ?? (face === 'inside-front' ? 'inside left' : face);
}

/** The other side of the leaf a face is on; of a gate, whose front is two flaps, the other side of the closed card. */
export function faceBehind(face: FaceId, fold: Fold): FaceId {
  if (fold === 'flat' || fold === 'gate') return face === 'back' ? 'front' : 'back';
  return behind[face];
}

const behind: Readonly<Record<FaceId, FaceId>> = {
  front: 'inside-front',
  'inside-front': 'front',
  inside: 'back',
  back: 'inside',
};

/** The sides of a face that lie at a score. */
export function scoreSides(face: FaceId, fold: Fold): readonly Side[] {
  return foldFaces[fold].scores[face] ?? [];
}

/** Whether a face is inside the closed card. */
export function isInside(face: FaceId): boolean {
  return face === 'inside' || face === 'inside-front';
}

/** Whether a face looks to the front of the closed card, so that its topmost piece is the foremost. */
export function looksForward(face: FaceId): boolean {
  return face === 'front' || face === 'inside';
}

/** The face that comes after this one when the card is turned, round and round. */
export function nextFace(face: FaceId, fold: Fold): FaceId {
  const faces = facesOf(fold);
  return faces[(faces.indexOf(face) + 1) % faces.length] ?? 'front';
}
