import { lengthFromTicks, subtractLengths, type Length, type Size } from '../length/length';
import { asTyped } from '../length/typedLength';
import type { PlaceRule } from '../plan/piece';
import type { Rect } from '../outline/outline';

/** A piece on what it lay on, and on what it is to lie on. */
export interface Move {
  readonly before: { readonly box: Rect; readonly support: Rect };
  readonly after: { readonly size: Size; readonly support: Size };
  /** Places that are found anew lie on a mark of the trimmer. */
  readonly mark: Length;
  /** Whether it was meant to hang over the edge, and may again. */
  readonly hangsOver: boolean;
}

/**
 * The place on another support: what is centred, on a third or beside a neighbour stays so; what lies near an edge
 * keeps its distance from it; the rest keeps its share of the room there is. Nothing is pushed over an edge.
 */
export function fitPlace(place: PlaceRule, move: Move): PlaceRule {
  const { before, after } = move;
  const x = along(place.x, {
    ...move,
    at: subtractLengths(before.box.x, before.support.x),
    size: after.size.width,
    roomBefore: subtractLengths(before.support.width, before.box.width),
    roomAfter: subtractLengths(after.support.width, after.size.width),
    whole: before.support.width,
  });
  const y = along(place.y, {
    ...move,
    at: subtractLengths(before.box.y, before.support.y),
    size: after.size.height,
    roomBefore: subtractLengths(before.support.height, before.box.height),
    roomAfter: subtractLengths(after.support.height, after.size.height),
    whole: before.support.height,
  });
  return { ...place, x, y } as PlaceRule;
}

interface Axis extends Move {
  readonly at: Length;
  readonly size: Length;
  readonly roomBefore: Length;
  readonly roomAfter: Length;
  readonly whole: Length;
}

/** An edge is near up to this part of what a piece lies on. */
const nearEdge = 0.15;

type AxisRule = PlaceRule['x'] | PlaceRule['y'];

function along(rule: AxisRule, axis: Axis): AxisRule {
  if (rule.from === 'centre' || rule.from === 'piece') return rule;
  const { roomBefore, roomAfter, at, whole, mark, hangsOver } = axis;
  if (rule.from === 'third') return axis.roomAfter >= 0 ? rule : { from: 'centre' };
  if (roomBefore === roomAfter && fits(rule.distance.ticks, axis)) return rule;
  const { ticks } = rule.distance;
  const isNear = Math.abs(ticks) <= whole * nearEdge;
  if (isNear && (hangsOver || fits(ticks, axis))) return rule;
  const isFar = rule.from === 'right' || rule.from === 'bottom';
  const share = roomBefore > 0 ? (isFar ? roomBefore - at : at) / roomBefore : 0.5;
  const wanted = Math.round((Math.max(0, Math.min(1, share)) * roomAfter) / mark) * mark;
  const within = Math.max(0, Math.min(wanted, roomAfter));
  return { ...rule, distance: asTyped(lengthFromTicks(within)) };
}

function fits(distance: Length, { roomAfter }: Axis): boolean {
  return distance >= 0 && distance <= roomAfter;
}
