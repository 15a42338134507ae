import { millimetres } from '../../src/core/length/length';
import { type Page, type Shape } from '../../src/core/drawing/shape';

export const mm = (millimetre: number): number => millimetres(millimetre);

export const line = { colour: '#112233', width: mm(0.2) };

export const pageOf = (...shapes: readonly Shape[]): Page => ({
  title: 'Try & see',
  width: mm(100),
  height: mm(50),
  layers: [
    { id: 'first', shapes },
    { id: 'empty', shapes: [] },
  ],
});

/** A half circle of 20 mm across in units of its own. */
export const arch = {
  kind: 'path',
  path: 'M0 1A1 1 0 0 1 2 1Z',
  box: { width: 2, height: 1 },
  at: { x: mm(10), y: mm(20), width: mm(20), height: mm(10) },
  line,
} as const satisfies Shape;
