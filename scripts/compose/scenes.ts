import type { PieceId } from '../../src/core/plan/ids';
import type { Scene } from '../../src/core/plan/scene';
import { typed } from './lay';

const millimetres = (value: number) => typed(`${value} mm`);

/** A smooth line through points, in millimetres from the corner of the panel. */
const hill = (
  id: string,
  ...points: readonly (readonly [x: number, y: number])[]
): Scene['lines'][number] => ({
  id: id as PieceId,
  edge: {
    by: 'points',
    points: points.map(([x, y]) => ({ x: millimetres(x), y: millimetres(y) })),
    isSmooth: true,
  },
});

const inked = (piece: string, ...strips: readonly string[]): Scene['inked'][number] => ({
  piece: piece as PieceId,
  strips: strips as readonly PieceId[],
});

/** The papers of the demo that are divided into strips, by their cards. */
export const scenes: Readonly<Record<string, readonly Scene[]>> = {
  'hillside-beds': [
    {
      id: 'hillside' as PieceId,
      name: 'Hillside',
      on: { piece: 'hill-panel' as PieceId },
      lines: [
        hill('far', [0, 54], [32, 46], [70, 52], [106, 42], [140, 50]),
        hill('beans', [0, 74], [38, 69], [82, 76], [118, 66], [140, 68]),
        hill('leeks', [0, 92], [30, 95], [72, 88], [112, 93], [140, 86]),
        hill('near', [0, 110], [44, 117], [90, 109], [140, 118]),
      ],
      disc: { x: millimetres(101), y: millimetres(41), across: millimetres(30) },
      inked: [
        inked('sky', 'top'),
        inked('sun', 'disc'),
        inked('far-hill', 'far'),
        inked('bean-bed', 'beans'),
        inked('leek-bed', 'leeks'),
        inked('path', 'near'),
        inked('rows', 'near'),
        inked('scarecrow', 'far', 'beans', 'leeks'),
      ],
      turns: null,
    },
  ],
};
