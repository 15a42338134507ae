import { layerAt } from '../kinds/layerAt';
import { isPrintedLayer } from '../kinds/image/isPrintedLayer';
import type { Paint } from '../kinds/paint';
import { plainSources } from './plainSources';
import type { PieceId } from '../plan/ids';
import type { FaceId } from '../plan/faces';
import type { ResolvedCard } from '../resolve/resolvedCard';
import type { ResolvedMark } from '../resolve/resolvedMark';

/** Where on a mark a colour lies: one of its layers; grounds, words and dots have one. */
export interface PartAt {
  readonly pieceId: PieceId;
  readonly layer: number;
}

/** How a part comes by its colour, which decides what it may be given. */
export type PartKind = 'printed' | 'coloured' | 'ground' | 'drawn' | 'stuck' | 'finish';

/** Parts of one thing that come out of the same, told as one. */
export interface ColourPart {
  /** The same for the same part as long as it is there. */
  readonly key: string;
  readonly kind: PartKind;
  readonly face: FaceId;
  /** What it is a part of, as one speaks of it. */
  readonly of: string;
  /** What it is called itself; empty where all of the thing is meant. */
  readonly name: string;
  readonly paint: Paint;
  /** What its paper is seen in, under whatever lies between. */
  readonly ground: Paint;
  readonly at: readonly PartAt[];
}

/**
 * Every part of a card that has a colour of its own, as the faces are seen from the front, each in the order of the work:
 * grounds, prints, what is coloured, what is stuck on. Layers of one thing, and small things of one group, that come out of
 * the same are one part.
 */
export function colourParts(card: ResolvedCard): readonly ColourPart[] {
  const before = known.get(card);
  if (before) return before;
  const parts = new Map<string, ColourPart>();
  for (const mark of card.marks) {
    for (const [layer, paint] of mark.paints.entries()) {
      if (!paint) continue;
      const own = partOf(mark, layer, paint);
      // What was picked out of the lines is told by itself, as it is called.
      const { kind } = layerAt(mark.piece, layer);
      const alike = kind === 'part' || kind === 'openings' ? own.key : alikeKey(own);
      const there = parts.get(alike);
      parts.set(
        alike,
        there
          ? { ...there, name: joined(there.name, own.name), at: [...there.at, ...own.at] }
          : own,
      );
    }
  }
  const all = [...parts.values()];
  known.set(card, all);
  return all;
}

/** What a part is known by: its first layer. */
export function partKey(pieceId: PieceId, layer: number): string {
  return `${pieceId}:${layer}`;
}

/** The parts of cards, which never change; the tab of the station asks for them as well. */
const known = new WeakMap<ResolvedCard, readonly ColourPart[]>();

function partOf(mark: ResolvedMark, layer: number, paint: Paint): ColourPart {
  const { piece, name, id, face, ground } = mark;
  const isGrouped = piece.kind === 'dot' && piece.group !== null;
  return {
    key: partKey(id, layer),
    kind: kindOfPart(mark, layer),
    face,
    of: isGrouped ? (piece.group ?? name) : name,
    name: partName(mark, layer),
    paint,
    ground,
    at: [{ pieceId: id, layer }],
  };
}

/** What a layer is called beside the thing it is of; nothing for words and what has one. */
function partName({ piece, stamp, stencil }: ResolvedMark, layer: number): string {
  const at = layerAt(piece, layer);
  if (at.kind === 'part') return at.part.name;
  if (at.kind === 'finish') return at.finish.kind;
  if (at.kind === 'openings')
    return `openings ${at.openings.at.map((opening) => opening + 1).join(', ')}`;
  if (piece.kind === 'stencil')
    return piece.layers.length > 1 ? (stencil?.layers[layer]?.name ?? '') : '';
  return piece.kind === 'image' && !stamp?.words ? (stamp?.layers[layer]?.name ?? '') : '';
}

function kindOfPart({ piece, stamp }: ResolvedMark, layer: number): PartKind {
  switch (piece.kind) {
    case 'image': {
      const { kind } = layerAt(piece, layer);
      if (kind !== 'layer') return kind === 'part' ? 'coloured' : 'finish';
      return isPrintedLayer(stamp, layer) ? 'printed' : 'coloured';
    }
    case 'words':
      return 'printed';
    case 'dot':
    case 'ribbon':
      return 'stuck';
    case 'drawn':
      return 'drawn';
    case 'stencil':
    case 'blend':
    case 'edges':
    case 'spray':
    case 'splatter':
      return 'ground';
    default:
      throw new TypeError(`kindOfPart: unknown ${JSON.stringify(piece satisfies never)}`);
  }
}

/** The same for layers of one thing, and small things of one group, that come out of the same on the same paper. */
function alikeKey({ kind, of, ground, paint, at: [first] }: ColourPart): string {
  const thing = kind === 'stuck' ? of : (first?.pieceId ?? '');
  const { from, colour } = paint;
  const combination = from.kind === 'several' ? from.combination?.id : undefined;
  const sources = plainSources(from, colour).map(({ key }) => key);
  return [kind, thing, ground.colour, from.kind, combination, colour, ...sources].join('|');
}

function joined(a: string, b: string): string {
  if (a === '' || b === '' || a.split(', ').includes(b)) return a;
  return `${a}, ${b}`;
}
