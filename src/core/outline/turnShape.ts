import svgpath from 'svgpath';
import type { DieSet } from '../plan/libraryItem';

type Shape = NonNullable<DieSet['shape']>;

/** Turned shapes by the shape they come from, so that the same shape stays the same object. */
const turned = new WeakMap<Shape, Shape>();

/** A shape turned clockwise by a quarter, in a box turned with it. */
export function turnShape(shape: Shape): Shape {
  const known = turned.get(shape);
  if (known) return known;
  const { box, outline } = shape;
  const next = {
    box: { width: box.height, height: box.width },
    outline: svgpath(outline).rotate(90).translate(box.height, 0).round(4).toString(),
  };
  turned.set(shape, next);
  return next;
}
