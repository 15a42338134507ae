import { layerAt, layerOfPart } from '../kinds/layerAt';
import { firstField } from '../kinds/stencil/stencilKind';
import { openingsOf } from '../kinds/stencil/stencilOpenings';
import type { PieceOf } from '../plan/piece';
import type { ChangeOf } from '../plan/pieceEdits';
import { mostOpeningInks } from '../plan/planFacts';
import type { ResolvedMark } from '../resolve/resolvedMark';
import type { PickableAreas } from './pickParts';
import { onFaceOf } from '../resolve/inkOf';
import { outlineOf } from '../resolve/outlineOf';
import { touches } from '../outline/distance';

type Stencilling = PieceOf<'stencil'>;
type Group = Stencilling['openings'][number];

/** The openings of a stencil's layer, of which some take other inks than the rest. */
export interface PickableOpenings extends PickableAreas {
  readonly kind: 'openings';
  readonly piece: Stencilling;
  /** The layer they are openings of. */
  readonly layer: number;
  /** The chosen openings among those with inks of their own; undefined for the rest of the layer. */
  readonly index: number | undefined;
}

/**
 * The openings that can be picked where a stencil is first laid down.
 * @param layer the chosen one, which may be openings with inks of their own
 * @returns undefined where there is one opening only, or the layer is left out
 */
export function pickableOpenings(mark: ResolvedMark, layer: number): PickableOpenings | undefined {
  const { piece, stencil, rect } = mark;
  if (piece.kind !== 'stencil' || !stencil) return undefined;
  const at = layerAt(piece, layer);
  const picked = at.kind === 'openings' ? at : undefined;
  const own = picked?.openings.layer ?? layer;
  const drawn = stencil.layers[own];
  if (!drawn || !piece.layers[own]) return undefined;
  const field = firstField(stencil, rect);
  const { box } = stencil;
  const zone = outlineOf(mark);
  // What is masked off all round takes no ink.
  const areas = openingsOf(drawn.openings).flatMap(({ outline }, index) =>
    touches(onFaceOf(mark, outline, box, field), zone) ? [{ index, outline }] : [],
  );
  if (areas.length < 2) return undefined;
  return {
    kind: 'openings',
    ...{ mark, piece, areas, box, layer: own, index: picked?.index },
    at: field,
    own: picked?.openings.at ?? [],
  };
}

/**
 * The change that gives an opening inks of its own, or adds it to the chosen ones, or gives it back to its layer; with the
 * layer of those it belongs to then. A last one is given back by taking all of them off.
 * @returns undefined where nothing changes
 */
export function pickOpening(
  { piece, layer, index }: PickableOpenings,
  opening: number,
): { readonly change: ChangeOf<'stencil'>; readonly layer: number } | undefined {
  const { openings } = piece;
  const group = index === undefined ? undefined : openings[index];
  const chosen = layerOfPart(piece, index ?? openings.length);
  const withGroup = (all: Stencilling['openings'], next: Group): ChangeOf<'stencil'> => ({
    openings: all.map((each, at) => (at === index ? next : each)),
  });
  if (group?.at.includes(opening)) {
    const at = group.at.filter((each) => each !== opening);
    if (at.length === 0) return undefined;
    return { change: withGroup(openings, { ...group, at }), layer: chosen };
  }
  const inks = piece.layers[layer];
  const without = openings.map((each) =>
    each.layer === layer ? { ...each, at: each.at.filter((other) => other !== opening) } : each,
  );
  // One that is the last of others stays theirs.
  if (!inks || without.some(({ at }) => at.length === 0)) return undefined;
  if (group) {
    const at = [...group.at, opening].toSorted((a, b) => a - b);
    return { change: withGroup(without, { ...group, at }), layer: chosen };
  }
  if (openings.length >= mostOpeningInks) return undefined;
  return { change: { openings: [...without, { layer, at: [opening], inks }] }, layer: chosen };
}

/** The change that gives openings back to their layer. */
export function giveOpeningsBack({ openings }: Stencilling, index: number): ChangeOf<'stencil'> {
  return { openings: openings.filter((_, other) => other !== index) };
}
