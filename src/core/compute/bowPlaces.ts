import { ribbonShape } from '../kinds/ribbon/ribbonShape';
import {
  halveLength,
  inches,
  lengthFromTicks,
  millimetres,
  subtractLengths,
  sumLengths,
  type Length,
} from '../length/length';
import { meets } from '../outline/distance';
import { turned } from '../outline/outline';
import type { Library } from '../plan/library';
import type { Plan } from '../plan/plan';
import { heightMap } from '../post/heightMap';
import { closedOutline, stackOf } from '../post/stackOf';
import { resolvePlan } from '../resolve/resolvePlan';
import { alongRibbon, type Ribbon } from '../resolve/ribbonParts';

/** Places are tried so far apart, so that a ruler shows them. */
const steps = { in: inches(0, 1, 8), mm: millimetres(3) } as const;

/**
 * Where along its ribbon a bow stands lowest, of such places the nearest to where it is; undefined where that is as high as
 * it stands now, and where it has none. It is tried from edge to edge, as far as it does not hang over.
 */
export function lowestBowPlace(plan: Plan, library: Library, ribbon: Ribbon): Length | undefined {
  const { piece, rect } = ribbon;
  const { bow } = piece;
  if (!bow) return undefined;
  const bare = plan.pieces.map((each) =>
    each.id === piece.id && each.kind === 'ribbon' ? { ...each, bow: null } : each,
  );
  const card = resolvePlan({ ...plan, pieces: bare }, library);
  const { parts } = heightMap(stackOf(plan, card));
  const heightAt = (at: Length): Length => {
    const { bow: outline } = ribbonShape({ ...piece, bow: { ...bow, at: { ticks: at } } }, rect);
    const laid = turned(outline, rect, piece.place.turn);
    const closed = closedOutline(laid, ribbon.face, plan.base.fold, card);
    const under = parts.filter(({ rings }) => meets(rings, closed));
    return lengthFromTicks(Math.max(0, ...under.map(({ height }) => height)));
  };
  const now = heightAt(bow.at.ticks);
  const away = (at: Length) => Math.abs(at - bow.at.ticks);
  const [half] = halveLength(bow.across.ticks);
  const last = subtractLengths(alongRibbon(ribbon), half);
  let best: { readonly at: Length; readonly height: Length } | undefined;
  for (let at = half; at <= last; at = sumLengths(at, steps[plan.habits.leadingUnit])) {
    const height = heightAt(at);
    const isBetter =
      !best || height < best.height || (height === best.height && away(at) < away(best.at));
    if (isBetter) best = { at, height };
  }
  return best && best.height < now ? best.at : undefined;
}
