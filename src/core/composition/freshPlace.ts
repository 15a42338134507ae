import type { Unit } from '../length/length';
import { rulerMarks } from '../length/marks';
import type { Library } from '../plan/library';
import type { Mark, PlaceRule } from '../plan/piece';
import type { Plan } from '../plan/plan';
import { withPieces } from '../plan/withPieces';
import { isGround } from '../resolve/resolvedMark';
import { placedById } from '../resolve/resolvedCard';
import { resolvePlan } from '../resolve/resolvePlan';
import { isMark } from '../resolve/outlineOf';
import { freePlaces } from './wordPlaces';

/**
 * Where something new is put to begin with: in the best free place there is for it, else in the middle, where it stays to be
 * seen what it lies on. What is a ground for others lies in the middle from the start.
 */
export function freshPlace(plan: Plan, library: Library, fresh: Mark, unit: Unit): PlaceRule {
  const card = resolvePlan(withPieces(plan, [...plan.pieces, fresh]), library);
  const placed = placedById(card, fresh.id);
  if (!placed || !isMark(placed) || isGround(placed)) return fresh.place;
  const [best] = freePlaces({
    card,
    face: placed.face,
    support: placed.support,
    size: placed.rect,
    clearance: plan.habits.wordMargin.ticks,
    marks: rulerMarks[unit],
    without: fresh.id,
  });
  return best?.place ?? fresh.place;
}
