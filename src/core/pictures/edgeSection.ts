import {
  lengthFromTicks,
  longerOf,
  shorterOf,
  subtractLengths,
  sumLengths,
  zeroLength,
  type Length,
} from '../length/length';
import { boxOnFace } from '../resolve/boxOnFace';
import { boundsOf, type Rect } from '../outline/outline';
import type { Fold } from '../paper/cardFormat';
import { looksForward, type FaceId } from '../plan/faces';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedPiece } from '../resolve/resolvedPiece';

/** One layer of the closed card cut through. */
export interface SectionLayer {
  readonly key: string;
  /** The piece or the base it belongs to. */
  readonly row: string;
  readonly kind: 'piece' | 'front-leaf' | 'back-leaf';
  /** Across from the foremost point of the card, and down from its top. */
  readonly box: Rect;
  readonly colour: string;
  /** The foam that lifts it; none where it lies on what it crosses. */
  readonly foam: Rect | undefined;
  /** Of the back leaf: beyond the gap between the leaves, where there are two. */
  readonly isBehindGap: boolean;
}

/**
 * The layers of the closed card from the front to the back: front layers, front leaf, what is behind it, inside layers,
 * back leaf, back layers. The leaves touch what lies between them; together they are as thick as the card.
 */
export function edgeSection(card: ResolvedCard, fold: Fold): readonly SectionLayer[] {
  const { thickness } = card;
  const { caliper, paint, face } = card.base;
  const frontLeaf = thickness.front;
  const behindFront = sumLengths(frontLeaf, caliper);
  const backLeaf = sumLengths(behindFront, thickness['inside-front'], thickness.inside);
  const hasTwo = fold !== 'flat';
  const behindBack = hasTwo ? sumLengths(backLeaf, caliper) : behindFront;
  const leaf = (kind: 'front-leaf' | 'back-leaf', x: Length): SectionLayer => ({
    key: kind,
    row: 'base',
    kind,
    box: { x, y: zeroLength, width: caliper, height: face.height },
    colour: paint.colour,
    foam: undefined,
    isBehindGap: kind === 'back-leaf',
  });
  const layersOf = (on: FaceId, surface: Length) =>
    card.pieces
      .filter((piece) => piece.face === on)
      .map((piece): SectionLayer => ({
        ...layerOf(piece, surface, {
          under: underOf(card, piece),
          tent: fold === 'tent' ? face.height : undefined,
        }),
        isBehindGap: hasTwo && (on === 'inside' || on === 'back'),
      }));
  return [
    ...layersOf('front', frontLeaf),
    leaf('front-leaf', frontLeaf),
    ...layersOf('inside-front', behindFront),
    ...layersOf('inside', backLeaf),
    ...(hasTwo ? [leaf('back-leaf', backLeaf)] : []),
    ...layersOf('back', behindBack),
  ];
}

/** What a piece lies on, from top to bottom of the face. */
function underOf({ pieces, base }: ResolvedCard, { support }: ResolvedPiece): Extent {
  const paper = pieces.find(({ id }) => id === support);
  const { y, height } = paper ? boxOnFace(paper) : { y: zeroLength, height: base.face.height };
  return { from: y, to: sumLengths(y, height) };
}

interface Extent {
  readonly from: Length;
  readonly to: Length;
}

interface Standing {
  /** What the piece lies on; foam is only where that is. */
  readonly under: Extent;
  /** How high the card is where its upper leaf is upside down once it is closed. */
  readonly tent: Length | undefined;
}

function layerOf(
  piece: ResolvedPiece,
  surface: Length,
  { under, tent }: Standing,
): Omit<SectionLayer, 'isBehindGap'> {
  const { id, face, foot, caliper } = piece;
  const shown = boxOnFace(piece);
  const standing = ({ from, to }: Extent) => ({
    y: tent !== undefined && face === 'inside-front' ? subtractLengths(tent, to) : from,
    height: subtractLengths(to, from),
  });
  const whole = { from: shown.y, to: sumLengths(shown.y, shown.height) };
  const carried = { from: longerOf(whole.from, under.from), to: shorterOf(whole.to, under.to) };
  const foam = foamUnder(piece, carried);
  const isForward = looksForward(face);
  const x = isForward
    ? subtractLengths(surface, sumLengths(foot, caliper))
    : sumLengths(surface, foot);
  return {
    key: id,
    row: id,
    kind: 'piece',
    box: { x, width: caliper, ...standing(whole) },
    colour: piece.paint.colour,
    foam: foam && {
      x: isForward ? sumLengths(x, caliper) : subtractLengths(x, foam.height),
      width: foam.height,
      ...standing(foam),
    },
  };
}

/** How high the foam under a piece is, and from where to where; none where it lies on what it crosses. */
function foamUnder(
  piece: ResolvedPiece,
  carried: Extent,
): (Extent & { readonly height: Length }) | undefined {
  const [highest] = piece.bonds
    .filter(({ adhesive }) => adhesive.foam)
    .toSorted((a, b) => b.height - a.height);
  if (!highest || piece.raised > 0) return undefined;
  const { y0, y1 } = boundsOf((highest.pads ?? []).flatMap(({ outline }) => outline));
  const extent = highest.pads ? { from: lengthFromTicks(y0), to: lengthFromTicks(y1) } : carried;
  if (extent.to <= extent.from) return undefined;
  return { ...extent, height: highest.pads ? highest.height : piece.lift };
}
