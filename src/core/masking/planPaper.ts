import { actId, type Act, type ActBefore } from '../acts/act';
import { touches } from '../outline/distance';
import type { Outline } from '../outline/outline';
import { cutMask, masksAnyOf, wholeCutLength, type Mask, type MaskHabits } from './cutMask';
import { fewestCover } from './fewestCover';
import { meetingsOf, type Clip, type Meeting } from './meetings';
import { isLaid, type Print } from './print';
import { relate, relateByKind, type Decision, type Relation, type School } from './relation';
import { stampingOrder } from './stampingOrder';

/** Prints of one paper from the back to the front, and what was decided of them. */
export interface PaperPrints {
  readonly prints: readonly Print[];
  readonly clip: Clip;
  /** What was decided of prints; of those that do not meet, which comes first is kept where it can be. */
  readonly decisions: readonly OverlapDecision[];
  readonly school: School;
  readonly habits: MaskHabits;
}

/** Of two prints: the one made first, or null where they may cross. */
export interface OverlapDecision {
  readonly between: readonly string[];
  readonly first: string | null;
}

/** Two prints that meet, and what follows. */
export interface PlannedMeeting extends Meeting {
  readonly decided: Decision;
  /** What follows, whether or not a mask can be cut for it; undefined where they may cross. */
  readonly wanted: Relation | undefined;
  /** Undefined where they cross. */
  readonly relation: Relation | undefined;
  /** What they are would have them made in this order; undefined where either may be first. */
  readonly byKind: Relation | undefined;
  /** They cross, since where they meet both are too spindly to be covered by a mask. */
  readonly isBare: boolean;
}

/** A print that has to be covered. */
export interface CoveredPrint {
  readonly print: Print;
  readonly mask: Mask;
  /** It is laid on after this act, and taken off after that, by their places among the prints in order. */
  readonly from: number;
  readonly to: number;
}

/** How few images can be covered, if either of two that meet may be stamped first. */
export interface FewestCovered {
  readonly ids: readonly string[];
  /** Fewer is impossible. */
  readonly bound: number;
  readonly isProven: boolean;
}

export interface PaperPlan {
  readonly meetings: readonly PlannedMeeting[];
  readonly order: readonly Print[];
  readonly circles: readonly (readonly Print[])[];
  /** In the order they are covered. */
  readonly covered: readonly CoveredPrint[];
  readonly fewest: FewestCovered;
  /** The same if what is too spindly for a mask had to be covered too. */
  readonly fewestOfAll: FewestCovered;
}

/** All that follows from the places of the prints of one paper: who meets whom, the order, and what is covered when. */
export function planPaper({ prints, clip, decisions, school, habits }: PaperPrints): PaperPlan {
  const byPair = new Map(
    decisions.map(({ between: [a = '', b = ''], first }) => [pairKey(a, b), first]),
  );
  const decided = (a: string, b: string): Decision => byPair.get(pairKey(a, b));
  const isDecided = (a: Print, b: Print) => typeof decided(a.id, b.id) === 'string';
  const meetings = meetingsOf(prints, clip, isDecided).map((meeting): PlannedMeeting => {
    const { behind, front, where } = meeting;
    const own = decided(behind.id, front.id);
    const relation = relate(behind, front, own, school);
    const byKind = relateByKind(behind, front);
    const told = { ...meeting, decided: own, byKind, wanted: relation };
    const isMasked = relation?.isCovered && masksAnyOf(relation.first, habits, where);
    if (!relation?.isCovered || isMasked) return { ...told, relation, isBare: false };
    // Where the one in front is spindly the other may not be.
    const { first, then, isFree } = relation;
    const turned: Relation = { ...relation, first: then, then: first, because: 'spindly' };
    const isTurned = isFree && masksAnyOf(then, habits, where);
    return { ...told, relation: isTurned ? turned : undefined, isBare: !isTurned };
  });
  const relations = meetings.flatMap(({ relation }) => relation ?? []);
  const { order, circles } = stampingOrder(prints, [
    ...relations,
    ...wishedOrder(prints, decisions, meetings),
  ]);
  const covered = coveredIn(order, meetings, habits);
  const fewest = fewestCovered(prints, relations, habits);
  const wanted = meetings.flatMap((each) => each.wanted ?? []);
  const fewestOfAll = meetings.some(({ isBare }) => isBare)
    ? fewestCovered(prints, wanted, habits)
    : fewest;
  return { meetings, order, circles, covered, fewest, fewestOfAll };
}

const pairKey = (a: string, b: string) => (a < b ? `${a} ${b}` : `${b} ${a}`);

/** What was decided of prints that do not meet: nothing has to be covered for it. */
function wishedOrder(
  prints: readonly Print[],
  decisions: readonly OverlapDecision[],
  meetings: readonly PlannedMeeting[],
): readonly Relation[] {
  const byId = new Map(prints.map((print) => [print.id, print]));
  const met = new Set(meetings.map(({ behind, front }) => pairKey(behind.id, front.id)));
  return decisions.flatMap(({ between, first }): readonly Relation[] => {
    const [a, b] = between.map((id) => byId.get(id));
    if (!a || !b || first === null || met.has(pairKey(a.id, b.id))) return [];
    const [one, other] = first === a.id ? [a, b] : [b, a];
    return [{ first: one, then: other, isCovered: false, isFree: false, because: 'turned' }];
  });
}

function coveredIn(
  order: readonly Print[],
  meetings: readonly PlannedMeeting[],
  habits: MaskHabits,
): readonly CoveredPrint[] {
  const place = new Map(order.map((print, at) => [print, at]));
  return order.flatMap((print, at): readonly CoveredPrint[] => {
    // What came first in spite of a relation, to break a circle, is not covered from it any more.
    const met = meetings.filter(
      ({ relation }) =>
        relation?.isCovered && relation.first === print && (place.get(relation.then) ?? -1) > at,
    );
    if (met.length === 0) return [];
    const made = met.map(({ relation }) => (relation && place.get(relation.then)) ?? at);
    const where: Outline = met.flatMap((each) => each.where);
    const mask = cutMask(print, habits, where);
    return [{ print, mask, from: Math.min(...made), to: Math.max(...made) }];
  });
}

/** By which of two images is covered; what is fixed by kind or decision puts the first in. */
function fewestCovered(
  prints: readonly Print[],
  relations: readonly Relation[],
  habits: MaskHabits,
): FewestCovered {
  const place = new Map(prints.map((print, at) => [print, at]));
  const placeOf = (print: Print) => place.get(print) ?? 0;
  const covered = relations.filter(({ isCovered }) => isCovered);
  const met = new Set(covered.flatMap(({ first, then }) => [first, then]));
  // Costs are whole numbers, so that sums of them are exact: hundredths of a millimetre of cut.
  const costs = prints.map((print) =>
    met.has(print) ? Math.round(wholeCutLength(print, habits) / 160) : 0,
  );
  const cover = fewestCover(
    costs,
    covered.map(({ first, then, isFree }) => [placeOf(first), placeOf(isFree ? then : first)]),
  );
  return {
    ids: cover.members.flatMap((at) => prints[at]?.id ?? []),
    bound: cover.bound,
    isProven: cover.isProven,
  };
}

/**
 * The acts of a paper in order: each print stamped or laid, masks and tape laid on right before the first thing that must
 * stop there, and taken off after the last, splatter and background prints included.
 * @param letterOf the letter of the mask that covers a print
 */
export function actsOf(
  { order, covered, meetings }: Pick<PaperPlan, 'order' | 'covered' | 'meetings'>,
  letterOf: (id: string) => string,
): readonly Act[] {
  const acts: Act[] = [];
  const taped = order.flatMap(({ id, tape }, at) =>
    tape ? [{ id, tape, from: at, to: lastStopped(order, tape.frame, at) }] : [],
  );
  for (const [at, print] of order.entries()) {
    for (const { id, tape, from } of taped)
      if (from === at) {
        const { frame: cut, margin, by } = tape;
        acts.push({ id: actId('tape', id), kind: 'tape', piece: id, after: [], cut, margin, by });
      }
    for (const { print: under, mask, from } of covered)
      if (from === at) {
        const after: ActBefore[] = [{ act: makingId(under), because: 'its-mask' }];
        const letter = letterOf(under.id);
        const { id } = under;
        acts.push({
          ...{ id: actId('mask', id), kind: 'mask', piece: id },
          ...{ after, mask: letter, cut: mask.cut },
        });
      }
    const isOn = ({ from, to }: { readonly from: number; readonly to: number }) =>
      from <= at && at <= to;
    acts.push({
      id: makingId(print),
      kind: isLaid(print) ? 'lay' : 'stamp',
      piece: print.id,
      after: beforeOf(print, meetings),
      over: [
        ...taped.filter(isOn).map(({ id }) => id),
        ...covered.filter(isOn).map((each) => each.print.id),
      ],
    });
    const because: ActBefore = { act: makingId(print), because: 'stops-there' };
    for (const { print: under, to } of covered)
      if (to === at) {
        const { id } = under;
        const mask = letterOf(id);
        acts.push({ id: actId('unmask', id), kind: 'unmask', piece: id, mask, after: [because] });
      }
    for (const { id, to, tape } of taped)
      if (to === at)
        acts.push({
          ...{ id: actId('untape', id), kind: 'untape', piece: id },
          ...{ after: [because], by: tape.by },
        });
  }
  return acts;
}

/** The last ink that is to stop at tape: what is laid or printed all over, and would run over it. */
function lastStopped(order: readonly Print[], frame: Outline, from: number): number {
  return order.findLastIndex(
    (print, at) =>
      at === from ||
      (at > from && isAllOver(print) && print.tape === undefined && touches(print.reach, frame)),
  );
}

const isAllOver = (print: Print) =>
  isLaid(print) || print.kind === 'background' || print.kind === 'texture';

const makingId = (print: Print) => actId(isLaid(print) ? 'lay' : 'stamp', print.id);

function beforeOf(print: Print, meetings: readonly PlannedMeeting[]): readonly ActBefore[] {
  const tape: readonly ActBefore[] = print.tape
    ? [{ act: actId('tape', print.id), because: 'its-tape' }]
    : [];
  const met = meetings.flatMap(({ relation }): readonly ActBefore[] => {
    if (relation?.then !== print) return [];
    const { first, because, isCovered } = relation;
    const own: ActBefore = { act: makingId(first), because };
    return isCovered
      ? [own, { act: actId('mask', first.id), because: 'stops-there' } as const]
      : [own];
  });
  return [...tape, ...met];
}
