import { movesBy, movingWith } from '../composition/moveThings';
import { inches, millimetres, subtractLengths, zeroLength, type Length } from '../length/length';
import { easyMarks, nearestMarks, sixteenthInch } from '../length/marks';
import { boundsOf, shiftedBy, type Bounds, type Outline } from '../outline/outline';
import { touches } from '../outline/distance';
import { applyEdit } from '../plan/applyEdit';
import { sides, type Side } from '../plan/faces';
import type { Habits } from '../plan/habits';
import { nearby } from '../measuring/nearby';
import { beyondPaper } from '../measuring/beyondPaper';
import { outlineOf, type Placed } from '../resolve/outlineOf';
import { placedById, type ResolvedCard } from '../resolve/resolvedCard';
import { spokenName } from '../resolve/spokenName';
import { resolvePlan } from '../resolve/resolvePlan';
import { supportsUnder } from '../resolve/supportsUnder';
import type { RuleInput } from './finding';
import type { MoveRemedy } from './remedy';

/** Whether a card on which something was moved is without what was found. */
type IsMended = (card: ResolvedCard) => boolean;

/**
 * The least move, straight to one side in easy figures, that takes a thing and its group out of a box and mends what was
 * found; undefined where each would push it off its paper or against something else.
 */
export function moveOutOf(
  input: RuleInput,
  thing: Placed,
  box: Bounds,
  isMended: IsMended,
): MoveRemedy | undefined {
  const own = boundsOf(
    movingWith(input.plan, input.card, new Set([thing.id])).flatMap((each) => outlineOf(each)),
  );
  const ways: Readonly<Record<Side, number>> = {
    left: own.x1 - box.x0,
    right: box.x1 - own.x0,
    top: own.y1 - box.y0,
    bottom: box.y1 - own.y0,
  };
  const moves = easyFigures(input).flatMap((spacing) =>
    sides
      .map((side) => ({
        side,
        distance: nearestMarks(Math.round(ways[side]) as Length, spacing).above,
      }))
      .filter(({ distance }) => distance > 0)
      .toSorted((a, b) => a.distance - b.distance),
  );
  for (const { side, distance } of moves) {
    const [x, y] = steps[side];
    const remedy = tryMove(input, thing, x * distance, y * distance, isMended);
    if (remedy) return remedy;
  }
  return undefined;
}

/** A move into a box, by as much as a thing reaches out of it, in easy figures where those mend it too. */
export function moveInto(
  input: RuleInput,
  thing: Placed,
  box: Bounds,
  isMended: IsMended,
): MoveRemedy | undefined {
  const own = boundsOf(outlineOf(thing));
  if (own.x1 - own.x0 > box.x1 - box.x0 || own.y1 - own.y0 > box.y1 - box.y0) return undefined;
  const way = (near: number, far: number) => (near > 0 ? near : Math.min(0, far));
  const dx = way(box.x0 - own.x0, box.x1 - own.x1);
  const dy = way(box.y0 - own.y0, box.y1 - own.y1);
  const easy = easyFigures(input).map((spacing) => {
    const along = (by: number) =>
      Math.sign(by) * nearestMarks(Math.round(Math.abs(by)) as Length, spacing).above;
    return [along(dx), along(dy)] as const;
  });
  for (const [x, y] of [...easy, [Math.round(dx), Math.round(dy)] as const]) {
    const remedy = tryMove(input, thing, x, y, isMended);
    if (remedy) return remedy;
  }
  return undefined;
}

/** How far something is moved at the most to keep clear: half an inch. */
const mostMove = inches(0, 1, 2);

/** Straight moves in marks of the trimmer, the least first, up to half an inch. */
export function leastMoves({ trimmerMarks }: Habits): readonly { dx: number; dy: number }[] {
  const mark = Math.min(...trimmerMarks.map(({ ticks }) => ticks));
  const count = Math.floor(mostMove / mark);
  return Array.from({ length: count }, (_, at) => (at + 1) * mark).flatMap((distance) =>
    sides.map((side) => {
      const [x, y] = steps[side];
      return { dx: x * distance, dy: y * distance };
    }),
  );
}

/** The least such move of a thing that mends what was found and makes nothing worse. */
export function leastMove(
  input: RuleInput,
  thing: Placed,
  isMended: IsMended,
): MoveRemedy | undefined {
  for (const { dx, dy } of leastMoves(input.plan.habits)) {
    const remedy = tryMove(input, thing, dx, dy, isMended);
    if (remedy) return remedy;
  }
  return undefined;
}

/** A move by so many ticks, if it mends what was found and makes nothing worse. */
export function tryMove(
  { plan, card, library }: RuleInput,
  thing: Placed,
  dx: number,
  dy: number,
  isMended: IsMended,
): MoveRemedy | undefined {
  if (dx === 0 && dy === 0) return undefined;
  const moving = movingWith(plan, card, new Set([thing.id]));
  if (!moving.every((each) => keepsClear(card, each, moving, dx, dy))) return undefined;
  const edit = movesBy(card, moving, dx, dy);
  const outcome = applyEdit(plan, edit);
  if (!outcome.ok) return undefined;
  const after = resolvePlan(outcome.plan, library);
  if (!isMended(after) || !moving.every((each) => liesAsWell(card, after, each))) return undefined;
  return { id: 'move', name: spokenName(thing), by: bySides(dx, dy), edit };
}

const finerMarks = { in: sixteenthInch, mm: millimetres(0.5) } as const;

/** Eighths, then sixteenths; or whole millimetres, then halves. */
function easyFigures({ plan }: RuleInput): readonly Length[] {
  const unit = plan.habits.leadingUnit;
  return [easyMarks[unit], finerMarks[unit]];
}

const steps: Readonly<Record<Side, readonly [number, number]>> = {
  left: [-1, 0],
  right: [1, 0],
  top: [0, -1],
  bottom: [0, 1],
};

function bySides(dx: number, dy: number): MoveRemedy['by'] {
  const along = (by: number, near: Side, far: Side) =>
    by === 0 ? [] : [{ side: by < 0 ? near : far, distance: Math.abs(by) as Length } as const];
  return [...along(dx, 'left', 'right'), ...along(dy, 'top', 'bottom')];
}

/** Whether a thing reaches no further off its paper than before, and meets nothing it did not meet. */
function liesAsWell(before: ResolvedCard, after: ResolvedCard, thing: Placed): boolean {
  const moved = placedById(after, thing.id);
  if (!moved) return false;
  if (subtractLengths(beyondPaper(after, moved), beyondPaper(before, thing)) > zeroLength)
    return false;
  const own = outlineOf(thing);
  return meetsNothingNew(after, thing, outlineOf(moved), (other) => {
    const earlier = placedById(before, other.id);
    return earlier !== undefined && touches(own, outlineOf(earlier));
  });
}

/** Whether a thing meets nothing new where it would come to lie: told from its line alone, before the card is resolved anew. */
function keepsClear(
  card: ResolvedCard,
  thing: Placed,
  moving: readonly Placed[],
  dx: number,
  dy: number,
): boolean {
  const along = new Set<string>(moving.map(({ id }) => id));
  const own = outlineOf(thing);
  return meetsNothingNew(
    card,
    thing,
    shiftedBy(own, dx, dy),
    (other) =>
      touches(own, outlineOf(other)) ||
      along.has(other.id) ||
      supportsUnder(card, other).some((id) => along.has(id)),
  );
}

/** Whether all that a thing meets on a card, where it has this outline, is known to be met. */
function meetsNothingNew(
  card: ResolvedCard,
  { id, face }: Placed,
  outline: Outline,
  isKnown: (other: Placed) => boolean,
): boolean {
  return nearby(card, face, boundsOf(outline)).every(
    (other) => other.id === id || !touches(outline, outlineOf(other)) || isKnown(other),
  );
}
