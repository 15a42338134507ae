import { applyEdit } from '../plan/applyEdit';
import { batchEdits, simpleEditsOf } from '../plan/batchEdits';
import { layerAt, layerOfPart, type LayerAt } from '../kinds/layerAt';
import { combinationIds } from '../kinds/colouring';
import type { Combination } from '../plan/combination';
import type { Edit, SimpleEdit } from '../plan/edit';
import type { Mark, PieceOf } from '../plan/piece';
import { changePiece, type ChangeOf } from '../plan/pieceEdits';
import { isPaper } from '../plan/pieces';
import type { ColourSource, Print } from '../plan/pieces/colourSource';
import type { BlendStop } from '../plan/pieces/stops';
import type { Plan } from '../plan/plan';
import type { PartAt } from './colourParts';
import { plainStop, printedIn } from '../plan/plainColours';

/** What parts are given instead of what they have. */
export type Given =
  | { readonly kind: 'source'; readonly source: ColourSource }
  | { readonly kind: 'print'; readonly change: Partial<Print> }
  | { readonly kind: 'combination'; readonly id: Combination['id'] }
  /** Left as it is on purpose. */
  | { readonly kind: 'nothing' }
  | { readonly kind: 'stops'; readonly stops: readonly BlendStop[] };

/** The edit that gives parts a colour; what a part cannot be given leaves it as it is. */
export function recolour(plan: Plan, parts: readonly PartAt[], given: Given): Edit {
  const layersOf = new Map<string, number[]>();
  for (const { pieceId, layer } of parts)
    layersOf.set(pieceId, [...(layersOf.get(pieceId) ?? []), layer]);
  return batchEdits(
    plan.pieces.flatMap((piece): readonly SimpleEdit[] => {
      const layers = layersOf.get(piece.id);
      if (!layers || isPaper(piece)) return [];
      const edit = editOf(piece, layers, given);
      return edit ? [edit] : [];
    }),
  );
}

function editOf(piece: Mark, layers: readonly number[], given: Given): SimpleEdit | undefined {
  switch (piece.kind) {
    case 'image':
      return changePiece(piece, imageGiven(piece, layers, given));
    case 'words': {
      const print = printGiven(piece.print, given);
      return print && changePiece(piece, { print });
    }
    case 'dot':
    case 'ribbon':
    case 'drawn':
      return given.kind === 'source' ? changePiece(piece, { colour: given.source }) : undefined;
    case 'edges':
    case 'spray':
    case 'splatter':
      return given.kind === 'source' ? changePiece(piece, { ink: given.source }) : undefined;
    case 'blend': {
      const stops = stopsGiven(piece.stops, given);
      return stops && changePiece(piece, { stops });
    }
    case 'stencil':
      return changePiece(piece, {
        layers: piece.layers.map((stops, index) =>
          layers.includes(index) ? (stopsGiven(stops ?? [], given) ?? stops) : stops,
        ),
        openings: piece.openings.map((each, index) =>
          layers.includes(layerOfPart(piece, index))
            ? { ...each, inks: stopsGiven(each.inks, given) ?? each.inks }
            : each,
        ),
      });
    default:
      throw new TypeError(`recolour: unknown ${JSON.stringify(piece satisfies never)}`);
  }
}

/** Layers, parts and finishes of an image, each as it can be given what is given. */
function imageGiven(
  image: PieceOf<'image'>,
  at: readonly number[],
  given: Given,
): ChangeOf<'image'> {
  const { layers, parts, finishes } = image;
  const indexesOf = (kind: LayerAt['kind']) =>
    new Set(
      at
        .map((layer) => layerAt(image, layer))
        .flatMap((each) => (each.kind === kind ? each.index : [])),
    );
  const [ofLayers, ofParts, ofFinishes] = [
    indexesOf('layer'),
    indexesOf('part'),
    indexesOf('finish'),
  ];
  return {
    ...(ofLayers.size > 0 && {
      layers: layers.map((layer, index) =>
        ofLayers.has(index) ? layerGiven(layer, given) : layer,
      ),
    }),
    ...(ofParts.size > 0 && {
      parts: parts.map((part, index) =>
        ofParts.has(index) ? { ...part, colour: byHandGiven(part.colour, given) } : part,
      ),
    }),
    ...(given.kind === 'source' &&
      ofFinishes.size > 0 && {
        finishes: finishes.map((finish, index) =>
          ofFinishes.has(index) ? { ...finish, from: given.source } : finish,
        ),
      }),
  };
}

type ByHand = PieceOf<'image'>['parts'][number]['colour'];

function byHandGiven(colour: ByHand, given: Given): ByHand {
  if (given.kind === 'combination') return { by: 'combination', combination: given.id };
  return given.kind === 'nothing' ? { by: 'nothing' } : colour;
}

function printGiven(print: Print, given: Given): Print | undefined {
  if (given.kind === 'source') return { ...print, ink: given.source };
  return given.kind === 'print' ? { ...print, ...given.change } : undefined;
}

type Layer = PieceOf<'image'>['layers'][number];

function layerGiven(layer: Layer, given: Given): Layer {
  const print = layer?.by === 'print' ? layer : undefined;
  switch (given.kind) {
    case 'source':
      return { by: 'print', ...(print ?? printedIn(given.source)), ink: given.source };
    case 'print':
      return print ? { ...print, ...given.change } : layer;
    case 'combination':
      return { by: 'combination', combination: given.id };
    case 'nothing':
      return { by: 'nothing' };
    case 'stops':
      return layer;
    default:
      throw new TypeError(`recolour: unknown ${JSON.stringify(given satisfies never)}`);
  }
}

/** One ink in the place of all there are; of several stops, the first. */
function stopsGiven(stops: readonly BlendStop[], given: Given): readonly BlendStop[] | undefined {
  if (given.kind === 'stops') return given.stops;
  if (given.kind !== 'source') return undefined;
  const [first, ...more] = stops;
  return [first ? { ...first, ink: given.source } : plainStop(given.source), ...more];
}

/** How many parts of a plan are coloured with a combination. */
export function countOf(plan: Plan, id: string): number {
  const ids = plan.pieces.flatMap((piece) => (isPaper(piece) ? [] : combinationIds(piece)));
  return ids.filter((each) => each === id).length;
}

/**
 * The edit that colours parts with a combination that is put on the card with it, and takes those off that no part is
 * coloured with any more.
 */
export function colourWith(plan: Plan, parts: readonly PartAt[], combination: Combination): Edit {
  const isThere = plan.combinations.some(({ id }) => id === combination.id);
  const put: readonly SimpleEdit[] = isThere
    ? []
    : [{ kind: 'put', in: 'combinations', item: combination }];
  return withoutUnused(plan, [
    ...put,
    ...simpleEditsOf(recolour(plan, parts, { kind: 'combination', id: combination.id })),
  ]);
}

/** Takes off the combinations that edits leave without a part. */
export function withoutUnused(plan: Plan, edits: readonly SimpleEdit[]): Edit {
  const outcome = applyEdit(plan, { kind: 'batch', edits });
  if (!outcome.ok) return batchEdits(edits);
  const { plan: next } = outcome;
  return batchEdits([
    ...edits,
    ...next.combinations
      .filter(({ id }) => countOf(next, id) === 0)
      .map(({ id }): SimpleEdit => ({ kind: 'remove', in: 'combinations', id })),
  ]);
}
