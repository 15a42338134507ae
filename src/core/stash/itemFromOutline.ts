import { lengthFromTicks, type Length } from '../length/length';
import type { TypedLength } from '../length/typedLength';
import type { LibraryId } from '../plan/ids';
import { libraryItemSchema, type DieSet, type LibraryItem } from '../plan/libraryItem';

/** What an outline is made into. */
export const outlineKinds = ['die-set', 'stamp', 'stencil'] as const;
export type OutlineKind = (typeof outlineKinds)[number];

export interface OutlineDraft {
  readonly id: LibraryId;
  readonly name: string;
  readonly shape: NonNullable<DieSet['shape']>;
  readonly size: { readonly width: TypedLength; readonly height: TypedLength };
}

export type ItemFromOutline =
  | { readonly ok: true; readonly item: LibraryItem }
  | { readonly ok: false; readonly reason: string };

/** How high a drawing is at its true width; its proportions are kept. */
export function heightOf({ box }: OutlineDraft['shape'], width: Length): Length {
  return lengthFromTicks(Math.round((width * box.height) / box.width));
}

/** How colour is shown until another is chosen. */
const shown = { stamp: '#22282b', stencil: '#7a8f9c' } as const;

/**
 * An item of the stash from an outline at its true size: a die of one step, a solid stamp, or a stencil whose closed
 * paths are its openings, one picture until it is said how it repeats.
 */
export function itemFromOutline(
  kind: OutlineKind,
  { id, name, shape, size }: OutlineDraft,
): ItemFromOutline {
  const common = { kind, id, version: 1, name: name.trim() };
  const parsed = libraryItemSchema.safeParse({ ...common, ...partsOf(kind, shape, size) });
  return parsed.success
    ? { ok: true, item: parsed.data }
    : { ok: false, reason: parsed.error.issues[0]?.message ?? 'It cannot be kept so.' };
}

function partsOf(kind: OutlineKind, shape: OutlineDraft['shape'], size: OutlineDraft['size']) {
  switch (kind) {
    case 'die-set':
      return { shape, steps: [size] };
    case 'stamp':
      return {
        ...size,
        shape,
        stamp: 'solid',
        layers: [{ name: 'print', path: shape.outline, lineWidth: 0, colour: shown.stamp }],
      };
    case 'stencil':
      return {
        ...size,
        box: shape.box,
        repeat: { kind: 'single' },
        layers: [{ name: 'openings', openings: shape.outline, colour: shown.stencil }],
      };
    default:
      throw new TypeError(`itemFromOutline: unknown kind ${String(kind satisfies never)}`);
  }
}
