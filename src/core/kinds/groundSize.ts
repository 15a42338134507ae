import type { typedSizeSchema } from '../length/lengthSchema';
import type { Size } from '../length/length';
import type { Immutable } from '../plan/ids';
import type { z } from 'zod';
import type { Laid } from './markKind';

type Zone = Immutable<z.output<typeof typedSizeSchema>> | null;

/** A ground is as large as its zone, or as what it lies on. */
export function groundSize(zone: Zone, under: Size): Size {
  return zone
    ? { width: zone.width.ticks, height: zone.height.ticks }
    : { width: under.width, height: under.height };
}

/** Laid before what is printed, or after it and over it. */
export function laidGround({ laid }: { readonly laid: 'before' | 'after' }): Laid {
  return laid === 'before' ? 'ground' : 'over';
}
