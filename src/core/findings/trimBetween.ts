import { findItem, type Library } from '../plan/library';
import type { LibraryRef } from '../plan/libraryItem';

/** A part of a box, its sides as shares of the whole. */
export interface Part {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/**
 * The part of its box that an item kept when it was trimmed, from one version to a later one.
 * @returns undefined where it was not trimmed between them.
 */
export function trimBetween(library: Library, from: LibraryRef, to: LibraryRef): Part | undefined {
  let part: Part | undefined;
  for (let version = from.version + 1; version <= to.version; version++) {
    const item = findItem(library, { id: to.id, version });
    const shape = item?.kind === 'stamp' || item?.kind === 'die-set' ? item.shape : null;
    const before = shape?.trimmedFrom;
    if (!shape || !before) continue;
    const whole = part ?? { x: 0, y: 0, width: 1, height: 1 };
    part = {
      x: whole.x + (-before.x / before.width) * whole.width,
      y: whole.y + (-before.y / before.height) * whole.height,
      width: (shape.box.width / before.width) * whole.width,
      height: (shape.box.height / before.height) * whole.height,
    };
  }
  return part;
}
