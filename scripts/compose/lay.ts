import { boxOnFace } from '../../src/core/resolve/boxOnFace';
import type { LetteringId } from '../../src/core/lettering/letterings';
import { parseLength } from '../../src/core/length/parseLength';
import type { TypedLength } from '../../src/core/length/typedLength';
import { TICKS_PER_INCH } from '../../src/core/length/length';
import type { DieSet, Stamp } from '../../src/core/plan/libraryItem';
import type { Library } from '../../src/core/plan/library';
import type { CardFile } from '../../src/core/plan/cardFile';
import { faceIds } from '../../src/core/plan/faces';
import type { PieceId } from '../../src/core/plan/ids';
import type { Mark, Paper, Piece, PieceOf, PlaceRule, Support } from '../../src/core/plan/piece';
import { withPieces } from '../../src/core/plan/withPieces';
import { centred, plainMark, plainPiece } from '../../src/core/plan/pieces';
import { resolvePlan } from '../../src/core/resolve/resolvePlan';
import { newScatter, newArrangement } from '../../src/core/composition/newArrangement';
import { newImage, newRibbon, newStencilling } from '../../src/core/composition/newThing';
import type { Print } from '../../src/core/plan/pieces/colourSource';
import type { BlendStop } from '../../src/core/plan/pieces/stops';
import { library } from './library';
import { layerOf, overWhiteLayers, refOf, sourceOf, usualLayers } from './palette';
import { downward, plainStop, printedIn } from '../../src/core/plan/plainColours';

const find = <K extends 'stamp' | 'die-set' | 'stencil'>(kind: K, id: string) => {
  const item = library.find((each) => each.kind === kind && each.id === id);
  if (!item) throw new Error(`compose: no ${kind} ${id}`);
  return item as Extract<Library[number], { kind: K }>;
};
const stamp = (id: string): Stamp => find('stamp', id);
const dies = (id: string): DieSet => find('die-set', id);

export const typed = (text: string): TypedLength => {
  const isBelow = text.startsWith('-');
  const read = parseLength(isBelow ? text.slice(1) : text, 'in');
  if (!read.ok) throw new Error(`compose: ${text}`);
  return { ticks: (isBelow ? -read.length : read.length) as TypedLength['ticks'] };
};
const on = (support: string): Support =>
  faceIds.some((face) => face === support)
    ? { face: support as (typeof faceIds)[number] }
    : { piece: support as PieceId };

/** A place as one says it: 'c', 'l 1/2', 'r 1/4', 'third 2' across, then the same down. */
export function at(across: string, down: string, turn = 0): PlaceRule {
  const axis = (text: string, near: string, far: string) => {
    if (text === 'c') return { from: 'centre' };
    const [from = '', ...rest] = text.split(' ');
    if (from === 'third') return { from, which: Number(rest[0]) };
    return { from: from === near[0] ? near : far, distance: typed(rest.join(' ')) };
  };
  return { x: axis(across, 'left', 'right'), y: axis(down, 'top', 'bottom'), turn } as PlaceRule;
}

export const image = (
  id: string,
  support: string,
  of: string,
  place: PlaceRule = centred,
  /** What its layers are printed or coloured with, where that is not the usual. */
  layers?: readonly string[],
): Piece => {
  const plain = newImage({ id: id as PieceId, on: on(support) }, stamp(of));
  return { ...plain, place, layers: layers?.map(layerOf) ?? usualLayers(stamp(of)) };
};

export const words = (
  id: string,
  support: string,
  lines: readonly string[],
  place: PlaceRule,
  xHeight = '1/8',
  lettering: LetteringId = 'clarendon',
  print: Print = printedIn(sourceOf('Soot')),
  align: 'left' | 'centre' | 'right' = 'centre',
): Piece => ({
  kind: 'words',
  ...plainMark,
  id: id as PieceId,
  name: lines.join(' ').slice(0, 60),
  on: on(support),
  place,
  lines,
  lettering,
  xHeight: typed(xHeight),
  align,
  print,
});

export const stencilling = (
  id: string,
  support: string,
  of: string,
  zone: readonly [string, string] | null,
  place: PlaceRule,
  inks: readonly string[],
): Piece => ({
  ...newStencilling({ id: id as PieceId, on: on(support) }, find('stencil', of)),
  zone: zone && { width: typed(zone[0]), height: typed(zone[1]) },
  place,
  layers: inks.map((ink) => [plainStop(sourceOf(ink))]),
});

export const gem = (
  id: string,
  support: string,
  place: PlaceRule,
  of: string,
  across = '1/8',
): PieceOf<'dot'> => ({
  kind: 'dot',
  ...plainMark,
  id: id as PieceId,
  name: 'Gem',
  on: on(support),
  place,
  look: 'gem',
  diameter: typed(across),
  colour: sourceOf(of),
  group: 'gems',
  item: of.startsWith('#') ? null : refOf(of),
});

/** A wet drop, which is set when all is glued. */
export const drop = (
  id: string,
  support: string,
  place: PlaceRule,
  of: string,
  across: string,
): Piece => ({
  ...gem(id, support, place, of, across),
  name: 'Drop',
  look: 'drop',
  group: 'drops',
});

/** Ribbon or twine of the stash across a paper, as one would cut it. */
export const ribbon = (
  id: string,
  support: string,
  name: string,
  of: string,
  place: PlaceRule,
  change: Partial<PieceOf<'ribbon'>> = {},
): Piece => {
  const ref = refOf(of);
  const item = library.find(({ id }) => id === ref.id);
  if (item?.kind !== 'embellishment') throw new Error(`compose: ${of} is no ribbon`);
  return {
    ...newRibbon({ id: id as PieceId, on: on(support) }, 'in'),
    name,
    place,
    look: item.embellishment === 'twine' ? 'twine' : 'ribbon',
    colour: { item: ref },
    item: ref,
    ...change,
  };
};

export const drawn = (
  id: string,
  support: string,
  name: string,
  size: readonly [string, string],
  path: string,
  place: PlaceRule,
  colour: string,
  line = '0',
): Piece => ({
  kind: 'drawn',
  ...plainMark,
  id: id as PieceId,
  name,
  on: on(support),
  place,
  width: typed(size[0]),
  height: typed(size[1]),
  path,
  lineWidth: typed(line),
  colour: sourceOf(colour),
});

export const dieCut = (
  id: string,
  support: string,
  name: string,
  set: string,
  stock: string,
  place: PlaceRule = centred,
  change: Partial<Paper> & { readonly step?: number; readonly turned?: boolean } = {},
): Piece => {
  const { step = 0, turned = false, ...rest } = change;
  return {
    ...plainPiece,
    id: id as PieceId,
    name,
    on: on(support),
    size: { by: 'die', set: { id: dies(set).id, version: 1 }, step, turned },
    place,
    stock: { id: stock as Paper['stock']['id'], version: 1 },
    ...rest,
  };
};

/** Cut out with scissors, a sixteenth outside the print. */
export const roundPrint = (of: string): Paper['size'] => ({
  by: 'stamp',
  stamp: { id: stamp(of).id, version: 1 },
  rim: typed('1/16'),
});

export const panel = (
  id: string,
  support: string,
  name: string,
  size: Paper['size'],
  stock: string,
  place: PlaceRule = centred,
  change: Partial<Paper> = {},
): Piece => ({
  ...plainPiece,
  id: id as PieceId,
  name,
  on: on(support),
  size,
  place,
  stock: { id: stock as Paper['stock']['id'], version: 1 },
  ...change,
});

/** Words or a print in an ink, with powder melted over it. */
export const embossed = (ink: string, powder: string): Print => ({
  ...printedIn(sourceOf(ink)),
  powder: refOf(powder),
});
export const inkOf = (ink: string): Print => printedIn(sourceOf(ink));

/** Inks from where to where, in hundredths of the way. */
export const blend = (
  id: string,
  support: string,
  name: string,
  inks: readonly (readonly [ink: string, from: number, to: number])[],
  change: Partial<Extract<Mark, { kind: 'blend' }>> = {},
): Piece => ({
  kind: 'blend',
  ...plainMark,
  id: id as PieceId,
  name,
  on: on(support),
  zone: null,
  laid: 'before',
  direction: downward,
  margin: null,
  marginBy: 'tape',
  stops: inks.map(([ink, from, to]): BlendStop => ({
    ...plainStop(sourceOf(ink)),
    from: from / 100,
    to: to / 100,
  })),
  ...change,
});

export const edges = (id: string, support: string, ink: string, width: string): Piece => ({
  kind: 'edges',
  ...plainMark,
  id: id as PieceId,
  name: 'Edges',
  on: on(support),
  laid: 'after',
  ink: sourceOf(ink),
  width: typed(width),
  tool: 'small brush',
  strength: 'even',
});

export const splatter = (
  id: string,
  support: string,
  ink: string,
  count: number,
  largest: string,
  seed: number,
): Piece => ({
  kind: 'splatter',
  ...plainMark,
  id: id as PieceId,
  name: 'Splatter',
  on: on(support),
  zone: null,
  laid: 'before',
  ink: sourceOf(ink),
  count,
  largest: typed(largest),
  seed,
});

export type Compose = (file: CardFile) => readonly Piece[];

/** The dots of a scatter on a paper, off what lies there already. */
export function scatter(
  file: CardFile,
  pieces: readonly Piece[],
  support: string,
  how: {
    readonly counts: readonly [number, number, number];
    readonly denserAt: 'top' | 'bottom' | 'even';
    readonly look: 'gem' | 'splatter' | 'sequin';
    readonly ink: string;
    readonly seed: number;
  },
): readonly Piece[] {
  const card = resolvePlan(withPieces(file.plan, [...file.plan.pieces, ...pieces]), library);
  const under = card.pieces.find(({ id }) => id === support);
  const face = under?.face ?? 'front';
  let number = 0;
  const { marks } = newScatter(
    {
      card,
      support: under?.id ?? 'base',
      on: under ? { piece: under.id } : { face },
      newId: () => `dot-${(number += 1)}` as PieceId,
      group: 'dots',
    },
    {
      ...how,
      colour: '#ffffff',
      sizes: [1 / 8, 3 / 32, 1 / 16].map((inch, index) => ({
        diameter: inch * TICKS_PER_INCH,
        count: how.counts[index] ?? 0,
      })),
      distance: TICKS_PER_INCH / 16,
      keepOff: [...card.pieces, ...card.marks].filter(
        (each) => each.face === face && each.support === (under?.id ?? 'base'),
      ),
    },
  );
  return marks.map((mark) => ({ ...mark, colour: sourceOf(how.ink) }));
}

/** Images arranged on the base by words that lie there. */
export function arrangement(
  file: CardFile,
  pieces: readonly Piece[],
  round: string,
  tiers: readonly (readonly [string, number])[],
  way: Parameters<typeof newArrangement>[1],
  seed: number,
  isTinted = false,
): readonly Piece[] {
  const card = resolvePlan(withPieces(file.plan, [...file.plan.pieces, ...pieces]), library);
  const middle = card.marks.find(({ id }) => id === round);
  if (!middle) throw new Error(`compose: no ${round}`);
  let number = 0;
  return newArrangement(
    {
      card,
      support: middle.support,
      on: middle.piece.on,
      newId: () => `${way}-${(number += 1)}` as PieceId,
      group: way,
    },
    way,
    tiers.map(([id, count]) => ({ stamps: [stamp(id)], count })),
    { around: boxOnFace(middle), clearance: TICKS_PER_INCH / 8, seed },
  ).map((piece) => {
    if (piece.kind === 'drawn') return { ...piece, colour: sourceOf('Black fine pen') };
    if (piece.kind !== 'image') return piece;
    const { id } = piece.stamp;
    const layers = isTinted ? overWhiteLayers(id).map(layerOf) : usualLayers(stamp(id));
    return { ...piece, layers };
  });
}
