import { lengthFromTicks, type Length } from '../length/length';
import type { TypedLength } from '../length/typedLength';
import type { LibraryId } from '../plan/ids';
import { libraryItemSchema, type DieSet, type LibraryItem, type Stamp } from '../plan/libraryItem';
import { firstIssue, schemaSentence } from '../text/schemaSentence';
import type { SvgDrawing } from '../svg/readSvgDrawing';
import { printedLayers, silhouetteOf, type DrawingLayer } from './drawingLayers';

/** What a drawing is made into. */
export type DrawingUse =
  | { readonly kind: 'die-set' }
  | { readonly kind: 'stencil' }
  | {
      readonly kind: 'stamp';
      readonly stamp: Stamp['stamp'];
      readonly layers: readonly DrawingLayer[];
    };

export interface DrawingDraft {
  readonly id: LibraryId;
  readonly name: string;
  readonly drawing: SvgDrawing;
  readonly size: { readonly width: TypedLength; readonly height: TypedLength };
}

export type ItemFromDrawing =
  | { readonly ok: true; readonly item: LibraryItem }
  | { readonly ok: false; readonly reason: string };

/** How high a drawing is at its true width; its proportions are kept. */
export function heightOf({ box }: Pick<SvgDrawing, 'box'>, width: Length): Length {
  return lengthFromTicks(Math.round((width * box.height) / box.width));
}

/** How the colour of a stencil is shown until another is chosen. */
const stencilColour = '#7a8f9c';

/**
 * An item of the stash from a drawing at its true size: a die of one step, a stamp with its layers, or a stencil whose
 * closed paths are its openings, one picture until it is said how it repeats.
 */
export function itemFromDrawing(
  use: DrawingUse,
  { id, name, drawing, size }: DrawingDraft,
): ItemFromDrawing {
  if (use.kind !== 'stamp' && drawing.outline === '')
    return {
      ok: false,
      reason: 'The drawing has no closed outline. Turn its lines to paths first.',
    };
  const common = { kind: use.kind, id, version: 1, name: name.trim() };
  const parsed = libraryItemSchema.safeParse(
    { ...common, ...partsOf(use, drawing, size) },
    { error: schemaSentence },
  );
  return parsed.success
    ? { ok: true, item: parsed.data }
    : { ok: false, reason: firstIssue(parsed.error).reason };
}

function partsOf(use: DrawingUse, { box, outline }: SvgDrawing, size: DrawingDraft['size']) {
  switch (use.kind) {
    case 'die-set':
      return { shape: { box, outline } satisfies DieSet['shape'], steps: [size] };
    case 'stamp':
      return {
        ...size,
        stamp: use.stamp,
        shape: { box, outline: silhouetteOf(use.layers) },
        layers: printedLayers(use.layers),
      };
    case 'stencil':
      return {
        ...size,
        box,
        repeat: { kind: 'single' },
        layers: [{ name: 'openings', openings: outline, colour: stencilColour }],
      };
    default:
      throw new TypeError(`itemFromDrawing: unknown kind ${String(use satisfies never)}`);
  }
}
