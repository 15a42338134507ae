import { isWithin, nearestBetween, meets } from '../outline/distance';
import { boundsOf, corners, type Bounds, type Outline } from '../outline/outline';
import { isMark, outlineOf, type Placed } from '../resolve/outlineOf';
import type { Polygon } from '../geometry/flattenPath';
import type { PieceId } from '../plan/ids';
import type { Motion } from '../plan/piece';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedPiece } from '../resolve/resolvedPiece';
import { lyingAbove } from './lyingAbove';
import { nearby } from './nearby';
import { letteredName } from '../resolve/spokenName';
import { supportsUnder } from '../resolve/supportsUnder';
import { sway } from '../tolerances';

/** Why a piece cannot move as it is meant to. */
export type MotionIssue =
  /** Something glued over it holds it shut, or still. */
  | { readonly kind: 'held'; readonly by: string; readonly id: PieceId }
  /** Something stands in the way of its swing, its track or its sway. */
  | { readonly kind: 'in-the-way'; readonly by: string; readonly id: PieceId }
  /** Its spring is wider than the figure at its narrowest, so it would be seen. */
  | { readonly kind: 'spring-seen' };

/**
 * What stops a piece that moves, the gravest first; undefined where it is free or does not move.
 * ```
 *   hinge at the left:      [swung over] | [flap]    the flap opens onto the room left of its hinge
 *   slider:                 [from ======> to]        its track is all it sweeps over
 * ```
 */
export function motionIssue(card: ResolvedCard, piece: ResolvedPiece): MotionIssue | undefined {
  const { motion } = piece.piece;
  if (!motion) return undefined;
  const holder = overlying(card, piece).find((other) => meets(outlineOf(piece), outlineOf(other)));
  if (holder) return { kind: 'held', by: letteredName(holder), id: holder.id };
  switch (motion.kind) {
    case 'flap': {
      const swung = swungOver(piece, motion.hinge);
      // It lies flat there only over what is no higher than its hinge.
      const high = higherNear(card, piece, swung).find((other) => meets(swung, outlineOf(other)));
      return high && { kind: 'in-the-way', by: letteredName(high), id: high.id };
    }
    case 'slider': {
      const track = trackOf(piece, motion);
      const wall = higherNear(card, piece, track).find((other) => meets(track, outlineOf(other)));
      return wall && { kind: 'in-the-way', by: letteredName(wall), id: wall.id };
    }
    case 'wobbler': {
      if (!isSpringHidden(piece, motion.spring.ticks)) return { kind: 'spring-seen' };
      const line = outlineOf(piece);
      const near = higherNear(card, piece, line, sway).find(
        (other) => nearestBetween(line, outlineOf(other)).distance < sway,
      );
      return near && { kind: 'in-the-way', by: letteredName(near), id: near.id };
    }
    default:
      throw new TypeError(`motionIssue: unknown ${JSON.stringify(motion satisfies never)}`);
  }
}

/** What a piece needs to move: where a flap swings over, a slider's track, the disc of a spring; empty if it stands still. */
export function motionOutline(piece: ResolvedPiece): Outline {
  const { motion } = piece.piece;
  if (!motion) return [];
  switch (motion.kind) {
    case 'flap':
      return swungOver(piece, motion.hinge);
    case 'slider':
      return trackOf(piece, motion);
    case 'wobbler':
      return [springDisc(piece, motion.spring.ticks)];
    default:
      throw new TypeError(`motionOutline: unknown ${JSON.stringify(motion satisfies never)}`);
  }
}

/** The box in which nothing else may stand for a piece to move: what it sweeps over, or what it is itself where it is held. */
export function sweptBox(piece: ResolvedPiece, issue: MotionIssue['kind']): Bounds {
  const own = boundsOf(outlineOf(piece));
  if (issue === 'held') return own;
  if (piece.piece.motion?.kind !== 'wobbler') return boundsOf(motionOutline(piece));
  return { x0: own.x0 - sway, y0: own.y0 - sway, x1: own.x1 + sway, y1: own.y1 + sway };
}

/** The box a flap lies over once it is open: as large again beyond its hinge. */
function swungOver(
  piece: ResolvedPiece,
  hinge: Extract<Motion, { kind: 'flap' }>['hinge'],
): Outline {
  const { x0, y0, x1, y1 } = boundsOf(outlineOf(piece));
  const [width, height] = [x1 - x0, y1 - y0];
  const by = {
    left: { x: -width, y: 0 },
    right: { x: width, y: 0 },
    top: { x: 0, y: -height },
    bottom: { x: 0, y: height },
  }[hinge];
  return [corners({ x: x0 + by.x, y: y0 + by.y, width, height })];
}

/** All that a slider sweeps over, from where it lies to the end of its way. */
function trackOf(
  piece: ResolvedPiece,
  { along, travel }: Extract<Motion, { kind: 'slider' }>,
): Outline {
  const { x0, y0, x1, y1 } = boundsOf(outlineOf(piece));
  const [dx, dy] = along === 'x' ? [travel.ticks, 0] : [0, travel.ticks];
  return [
    corners({
      x: x0 + Math.min(0, dx),
      y: y0 + Math.min(0, dy),
      width: x1 - x0 + Math.abs(dx),
      height: y1 - y0 + Math.abs(dy),
    }),
  ];
}

/** The paper by an outline that reaches higher than the foot of a piece, but for what is under it or on it. */
function higherNear(
  card: ResolvedCard,
  piece: ResolvedPiece,
  outline: Outline,
  within = 0,
): readonly ResolvedPiece[] {
  const under = new Set<string>(supportsUnder(card, piece));
  return nearby(card, piece.face, boundsOf(outline), within).flatMap((other) =>
    isMark(other) ||
    other === piece ||
    under.has(other.id) ||
    supportsUnder(card, other).includes(piece.id) ||
    other.foot + other.caliper <= piece.foot
      ? []
      : [other],
  );
}

/** The paper of it that lies over the piece. */
function overlying(card: ResolvedCard, piece: ResolvedPiece): readonly Placed[] {
  return lyingAbove(card, piece).filter((other) => !isMark(other));
}

/** Whether the spring, under the middle of the piece, keeps inside its line all round. */
function isSpringHidden(piece: ResolvedPiece, spring: number): boolean {
  return isWithin([springDisc(piece, spring)], outlineOf(piece));
}

function springDisc(piece: ResolvedPiece, spring: number): Polygon {
  const { x0, y0, x1, y1 } = boundsOf(outlineOf(piece));
  return Array.from({ length: discPoints }, (_, at) => {
    const angle = (at * 2 * Math.PI) / discPoints;
    return {
      x: (x0 + x1) / 2 + (spring / 2) * Math.cos(angle),
      y: (y0 + y1) / 2 + (spring / 2) * Math.sin(angle),
    };
  });
}

const discPoints = 48;
