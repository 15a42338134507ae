import { circle, ellipse, leaf, line, petals, vein } from './pen';
import { lines, part, type Picture } from './picture';

export const hedgerow: readonly Picture[] = [
  {
    id: 'dog-rose',
    name: 'Dog rose',
    size: [100, 100],
    sort: 'layering',
    outline: 2,
    hasDie: true,
    parts: [
      part('petals', '#e39aa6', petals(50, 50, 5, 50, 48, -90)),
      part('shade', '#c9687b', petals(50, 50, 5, 26, 16, -90)),
      part('middle', '#e8c24a', circle(50, 50, 10)),
    ],
  },
  {
    id: 'aster',
    name: 'Hedge aster',
    size: [70, 70],
    sort: 'layering',
    outline: 1.6,
    hasDie: true,
    parts: [
      part('petals', '#7d6fb0', petals(35, 35, 11, 34, 13, -90)),
      part('middle', '#e8c24a', circle(35, 35, 9)),
    ],
  },
  {
    id: 'hip-sprig',
    name: 'Sprig of hips',
    size: [60, 80],
    sort: 'outline',
    outline: 1.6,
    hasDie: false,
    parts: [
      lines(
        'twig',
        '#6f4e33',
        2.4,
        'M30 78C30 56 28 44 18 30',
        'M29 56C36 48 42 44 46 34',
        'M29 62C22 58 16 56 12 56',
      ),
      part('leaves', '#6a9a4a', leaf(30, 70, 24, 14, -20), leaf(29, 66, 22, 12, 200)),
      part('hips', '#c4463a', ellipse(17, 22, 9, 12), ellipse(47, 26, 8, 11), circle(10, 52, 7)),
    ],
  },
  {
    id: 'ash-sprig',
    name: 'Ash sprig',
    size: [60, 100],
    sort: 'solid',
    hasDie: true,
    parts: [
      lines('stem', '#4e7a3a', 2.4, line([30, 98], [30, 24])),
      part(
        'leaves',
        '#5f8a4e',
        leaf(30, 28, 26, 14, -90),
        leaf(30, 44, 28, 13, -30),
        leaf(30, 44, 28, 13, 210),
        leaf(30, 62, 28, 13, -26),
        leaf(30, 62, 28, 13, 206),
        leaf(30, 80, 26, 12, -22),
        leaf(30, 80, 26, 12, 202),
      ),
    ],
  },
  {
    id: 'small-leaf',
    name: 'Small leaf',
    size: [24, 44],
    sort: 'solid',
    hasDie: false,
    parts: [
      part('leaf', '#7da35c', leaf(12, 42, 40, 20, -90)),
      lines('vein', '#5f8a4e', 1.4, vein(12, 42, 40, -90)),
    ],
  },
];
