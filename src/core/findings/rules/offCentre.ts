import { subtractLengths, lengthFromTicks, type Length } from '../../length/length';
import { kindOf } from '../../kinds/kinds';
import type { PlaceRule } from '../../plan/piece';
import { supportRect, type ResolvedCard } from '../../resolve/resolvedCard';
import { isMark, type Placed } from '../../resolve/outlineOf';
import { findOn, type Finding, type Rule } from '../finding';
import { deed, type Remedy } from '../remedy';
import { changePiece } from '../../plan/pieceEdits';

/**
 * Words or an image that stand a little off the middle of what they lie on: by more than a mark, and by less
 * than one would do it on purpose. What is placed by a third, or beside a neighbour, is meant.
 */
export const offCentre: Rule = {
  id: 'off-centre',
  find: ({ plan, card }) => {
    const [mark] = plan.habits.trimmerMarks;
    const most = plan.habits.wordMargin.ticks;
    return card.marks.flatMap((thing): Finding[] => {
      if (kindOf(thing.piece).isSmall || thing.piece.group !== null) return [];
      const { place } = thing.piece;
      const off = (['x', 'y'] as const).flatMap((axis) => {
        const rule = place[axis];
        const by = offBy(card, thing, axis);
        const isNear = Math.abs(by) > (mark?.ticks ?? 0) && Math.abs(by) <= most;
        return 'distance' in rule && isNear ? [{ axis, by: lengthFromTicks(Math.abs(by)) }] : [];
      });
      const [first] = off;
      if (!first || !isAlone(card, thing)) return [];
      return [
        findOn(thing, 'look', { rule: 'off-centre', axis: first.axis, by: first.by }, [
          centring(thing, first.axis),
        ]),
      ];
    });
  },
};

/** From the middle of the support to the middle of the thing. */
function offBy(card: ResolvedCard, { rect, support }: Placed, axis: 'x' | 'y'): Length {
  const under = supportRect(card, support);
  const [near, size, from, room] =
    axis === 'x'
      ? [rect.x, rect.width, under.x, under.width]
      : [rect.y, rect.height, under.y, under.height];
  return lengthFromTicks(Math.round(subtractLengths(near, from) + size / 2 - room / 2));
}

/** Beside other pictures a thing is placed by eye, so nothing is said of its middle. */
function isAlone(card: ResolvedCard, thing: Placed): boolean {
  return !card.marks.some(
    (other) =>
      other.id !== thing.id &&
      other.support === thing.support &&
      other.face === thing.face &&
      isMark(other) &&
      other.piece.kind === thing.piece.kind,
  );
}

function centring({ piece }: Placed, axis: 'x' | 'y'): Remedy {
  const place: PlaceRule = { ...piece.place, [axis]: { from: 'centre' } };
  return deed('centred', changePiece(piece, { place }));
}
