import type { ActReason } from '../acts/act';
import type { WordsStamping } from '../plan/planFacts';
import { darkerHides } from '../tolerances';
import { isLaid, type Print } from './print';

/** In which order two prints that meet are made. */
export interface Relation {
  readonly first: Print;
  readonly then: Print;
  /** The first is covered by a mask while the other is made. */
  readonly isCovered: boolean;
  /** Either might be first: what is seen of them decides, not what they are. */
  readonly isFree: boolean;
  readonly because: ActReason;
}

/** What a designer decided of two prints: the one made first, null where they may cross, undefined for nothing. */
export type Decision = string | null | undefined;

/** How a house stamps where nothing was decided of two prints. */
export interface School {
  /** Prints that meet may cross. */
  readonly acceptsOverlaps: boolean;
  readonly wordsStamped: WordsStamping;
  /** Images are covered while grounds are laid round them. */
  readonly keepsGroundsOff: boolean;
}

/**
 * In which order two prints that meet are made, and whether the first has to be covered; undefined where they may cross in
 * any order.
 * ```
 *   behind     front      comes first   covered
 *   ground     any        ground        no       unless the print is to be kept off it
 *   any        late g.    print         no       unless it is to be kept off it
 *   any        texture    any           no       pale goes late; opaque never over words
 *   lighter    solid      lighter       no       the dark hides it
 *   any        outline    outline       yes      one sees through its lines
 *   image      words      by the school yes      words go first, last, or as they are listed
 * ```
 * Common practice; how dark hides and what is pale, from memory.
 */
export function relate(
  behind: Print,
  front: Print,
  decided: Decision,
  school: School,
): Relation | undefined {
  const wish = decided === undefined ? wishOf(behind, front, school) : decided;
  const relation = relateAs(behind, front, wish);
  if (!relation.isFree) return relation;
  if (decided === null || (decided === undefined && school.acceptsOverlaps)) return undefined;
  if (decided === undefined) return wordsBy(relation, school);
  const [first, then] = decided === front.id ? [front, behind] : [behind, front];
  const because = first === relation.first ? relation.because : 'turned';
  return { first, then, isCovered: true, isFree: false, because };
}

/** What two prints are would have them made in this order, whatever was decided; undefined where either may be first. */
export function relateByKind(behind: Print, front: Print): Relation | undefined {
  const relation = relateAs(behind, front, undefined);
  // Whether a ground is kept off an image, and which ground is laid first, is up to the designer.
  const isUpToHer = relation.because === 'on-ground' || relation.because === 'grounds';
  return relation.isFree || isUpToHer ? undefined : relation;
}

/** An image is kept clean of the grounds it meets, where that is how the house works. */
function wishOf(behind: Print, front: Print, { keepsGroundsOff }: School): Decision {
  const [image, ground] = isLaid(behind) ? [front, behind] : [behind, front];
  const isKept = image.kind === 'outline' || image.kind === 'solid';
  return keepsGroundsOff && isKept && isLaid(ground) ? image.id : undefined;
}

/** Of words and an image either may be first: the school decides, where it does. */
function wordsBy(relation: Relation, { wordsStamped }: School): Relation {
  const { first, then } = relation;
  if (wordsStamped === 'as-listed' || (first.kind === 'words') === (then.kind === 'words'))
    return relation;
  const isRight = (first.kind === 'words') === (wordsStamped === 'first');
  return isRight ? relation : { ...relation, first: then, then: first, because: 'words-school' };
}

function relateAs(behind: Print, front: Print, decided: Decision): Relation {
  const grounds = [behind, front].filter(isLaid);
  if (grounds.length > 0) return relateGround(behind, front, decided);
  const texture = [front, behind].find(({ kind }) => kind === 'texture');
  if (texture) {
    const other = texture === front ? behind : front;
    if (decided === texture.id) return fixed(texture, other, false, 'turned');
    const isOverWords = texture.isOpaque && other.kind === 'words';
    return fixed(other, texture, isOverWords, isOverWords ? 'words' : 'pale-late');
  }
  if (decided === front.id && hides(front, behind)) return fixed(front, behind, true, 'turned');
  if (hides(front, behind))
    return fixed(behind, front, false, front.isOpaque ? 'under-opaque' : 'under-dark');
  if (behind.kind === 'background' && decided === undefined)
    return fixed(front, behind, true, 'before-background');
  return { first: front, then: behind, isCovered: true, isFree: true, because: 'in-front' };
}

function relateGround(behind: Print, front: Print, decided: Decision): Relation {
  if (isLaid(behind) && isLaid(front))
    return decided === front.id
      ? fixed(front, behind, false, 'turned')
      : fixed(behind, front, false, 'grounds');
  const [ground, print] = isLaid(behind) ? [behind, front] : [front, behind];
  if (decided === print.id) return fixed(print, ground, true, 'kept-off');
  if (ground === behind || decided === ground.id) return fixed(ground, print, false, 'on-ground');
  return fixed(print, ground, false, print.resists ? 'resists' : 'ground-over');
}

/** Whether the ink of one covers all that the other shows through it. */
function hides(front: Print, behind: Print): boolean {
  if (front.kind !== 'solid' && front.kind !== 'words') return false;
  if (behind.kind === 'words') return false;
  // Lines run on between the letters, however dark these are.
  if (front.kind === 'words' && behind.kind !== 'solid') return false;
  return front.isOpaque || front.lightest + darkerHides <= behind.darkest;
}

function fixed(first: Print, then: Print, isCovered: boolean, because: ActReason): Relation {
  return { first, then, isCovered, isFree: false, because };
}
