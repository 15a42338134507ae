import type { Stencil } from '../plan/libraryItem';
import { turnShape } from './turnShape';

/** Turned stencils by the stencil they come from, so that the same one stays the same object. */
const turned = new WeakMap<Stencil, Stencil>();

/** A stencil laid on its side, turned clockwise by a quarter, its repeat with it. */
export function turnStencil(stencil: Stencil): Stencil {
  const known = turned.get(stencil);
  if (known) return known;
  const { width, height, box, layers, repeat } = stencil;
  const next: Stencil = {
    ...stencil,
    width: height,
    height: width,
    box: { width: box.height, height: box.width },
    layers: layers.map((layer) => ({
      ...layer,
      openings: turnShape({ box, outline: layer.openings }).outline,
    })),
    repeat: turnRepeat(repeat),
  };
  turned.set(stencil, next);
  return next;
}

function turnRepeat(repeat: Stencil['repeat']): Stencil['repeat'] {
  switch (repeat.kind) {
    case 'single':
      return repeat;
    case 'grid':
      return { kind: 'grid', across: repeat.down, down: repeat.across };
    case 'stripes':
      return { ...repeat, slope: repeat.slope > 0 ? repeat.slope - 90 : repeat.slope + 90 };
    default:
      throw new TypeError(`turnRepeat: unknown repeat ${JSON.stringify(repeat satisfies never)}`);
  }
}
