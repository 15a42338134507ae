import { lengthFromTicks } from '../length/length';
import { asTyped, type TypedLength } from '../length/typedLength';
import { outlineOfBase } from '../resolve/outlineOf';
import { boundsOf } from '../outline/outline';
import type { Plan } from '../plan/plan';
import type { Scene } from '../plan/scene';
import type { ResolvedCard } from '../resolve/resolvedCard';

/**
 * The scenes of a card on its papers in another format: points are as far across and down as they were, in shares of their
 * paper; a disc stays round. One whose paper is left out is too.
 */
export function fitScenes(
  { scenes, pieces }: Plan,
  before: ResolvedCard,
  after: ResolvedCard,
): readonly Scene[] {
  const left = new Set(pieces.map(({ id }) => id));
  return scenes.flatMap((scene): readonly Scene[] => {
    const [was, is] = [sizeUnder(scene, before), sizeUnder(scene, after)];
    if (!was || !is) return [];
    const [across, down] = [is.wide / was.wide, is.high / was.high];
    const { disc } = scene;
    return [
      {
        ...scene,
        lines: scene.lines.map(({ id, edge }) => ({
          id,
          edge:
            edge.by === 'points'
              ? {
                  ...edge,
                  points: edge.points.map(({ x, y }) => ({
                    x: scaled(x, across),
                    y: scaled(y, down),
                  })),
                }
              : edge,
        })),
        disc: disc && {
          x: scaled(disc.x, across),
          y: scaled(disc.y, down),
          across: scaled(disc.across, Math.min(across, down)),
        },
        inked: scene.inked.filter(({ piece }) => left.has(piece)),
      },
    ];
  });
}

const scaled = (length: TypedLength, by: number): TypedLength =>
  by === 1 ? length : asTyped(lengthFromTicks(Math.round(length.ticks * by)));

function sizeUnder({ on }: Scene, card: ResolvedCard) {
  if ('face' in on) {
    const { x1, y1 } = boundsOf(outlineOfBase(card.base));
    return { wide: x1, high: y1 };
  }
  const paper = card.pieces.find(({ id }) => id === on.piece);
  return paper && { wide: paper.rect.width, high: paper.rect.height };
}
