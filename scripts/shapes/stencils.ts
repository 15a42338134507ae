import { circle, ellipse, leaf, polygon } from './pen';

/** A stencil to be drawn, in hundredths of an inch. */
export interface StencilDrawing {
  readonly id: string;
  readonly name: string;
  readonly size: readonly [number, number];
  readonly repeat:
    | { readonly kind: 'single' }
    | { readonly kind: 'grid'; readonly across: number; readonly down: number }
    | { readonly kind: 'stripes'; readonly pitch: number; readonly slope: number };
  readonly layers: readonly {
    readonly name: string;
    readonly colour: string;
    readonly paths: readonly string[];
  }[];
}

/** The same drawing in every cell of a grid. */
function inCells(
  [width, height]: readonly [number, number],
  [across, down]: readonly [number, number],
  draw: (x: number, y: number) => readonly string[],
): readonly string[] {
  return Array.from({ length: Math.round(height / down) }, (_, row) =>
    Array.from({ length: Math.round(width / across) }, (_, column) =>
      draw(column * across, row * down),
    ).flat(),
  ).flat();
}

const square = [600, 600] as const;

/** A drop that falls a little to the left. */
const drop = (x: number, y: number) => leaf(x + 12, y, 34, 9, 108);

/** One wave, a quarter of an inch thick at its crest. */
function wave(x: number, y: number): string {
  return `M${x} ${y + 34}C${x + 30} ${y + 34} ${x + 40} ${y + 10} ${x + 75} ${y + 10}C${x + 110} ${y + 10} ${x + 120} ${y + 34} ${x + 150} ${y + 34}C${x + 124} ${y + 42} ${x + 112} ${y + 24} ${x + 75} ${y + 24}C${x + 38} ${y + 24} ${x + 26} ${y + 42} ${x} ${y + 34}Z`;
}

/** Slanting stripes cut off at the edges of a square: half open, half rim, on a pitch of a half inch across. */
function slanting(): readonly string[] {
  const side = 600;
  const step = 100 / Math.SQRT2;
  return Array.from({ length: 18 }, (_, at) => {
    const [from, to] = [at * step, at * step + step / 2];
    const end = (along: number) =>
      along <= side
        ? ([
            [along, 0],
            [0, along],
          ] as const)
        : ([
            [side, along - side],
            [along - side, side],
          ] as const);
    const [a, b] = end(Math.min(from, 2 * side));
    const [c, d] = end(Math.min(to, 2 * side));
    const corners =
      from < side && to > side
        ? [a, [side, 0] as const, c, d, [0, side] as const, b]
        : [a, c, d, b];
    return polygon(...corners);
  });
}

function rays(): readonly string[] {
  return Array.from({ length: 12 }, (_, at) => {
    const angle = ((at + 0.5) * Math.PI) / 12;
    const point = (radius: number, by: number) =>
      [200 - radius * Math.cos(angle + by), 400 - radius * Math.sin(angle + by)] as const;
    return polygon(point(130, -0.05), point(190, -0.08), point(190, 0.08), point(130, 0.05));
  });
}

export const stencils: readonly StencilDrawing[] = [
  {
    id: 'drizzle',
    name: 'Drizzle',
    size: square,
    repeat: { kind: 'grid', across: 75, down: 75 },
    layers: [
      {
        name: 'drops',
        colour: '#9db6c4',
        paths: inCells(square, [75, 75], (x, y) => [drop(x + 14, y + 4), drop(x + 52, y + 38)]),
      },
    ],
  },
  {
    id: 'wavelets',
    name: 'Wavelets',
    size: square,
    repeat: { kind: 'grid', across: 150, down: 50 },
    layers: [
      {
        name: 'waves',
        colour: '#7fa7b5',
        paths: inCells(square, [150, 50], (x, y) => [wave(x, y)]),
      },
    ],
  },
  {
    id: 'awning',
    name: 'Awning stripe',
    size: square,
    repeat: { kind: 'stripes', pitch: 50, slope: 90 },
    layers: [
      {
        name: 'stripes',
        colour: '#d9b88f',
        paths: Array.from({ length: 12 }, (_, at) =>
          polygon([at * 50 + 12, 0], [at * 50 + 37, 0], [at * 50 + 37, 600], [at * 50 + 12, 600]),
        ),
      },
    ],
  },
  {
    id: 'mooring-stripe',
    name: 'Mooring stripe',
    size: square,
    repeat: { kind: 'stripes', pitch: 50, slope: -45 },
    layers: [{ name: 'stripes', colour: '#c7d3d6', paths: slanting() }],
  },
  {
    id: 'seed-bed',
    name: 'Seed bed',
    size: square,
    repeat: { kind: 'grid', across: 100, down: 100 },
    layers: [
      {
        name: 'leaves',
        colour: '#a9b98c',
        paths: inCells(square, [100, 100], (x, y) => [
          leaf(x + 50, y + 80, 52, 26, -128),
          leaf(x + 50, y + 80, 52, 26, -52),
        ]),
      },
      {
        name: 'shoots',
        colour: '#6f8455',
        paths: inCells(square, [100, 100], (x, y) => [leaf(x + 50, y + 84, 50, 12, -90)]),
      },
      {
        name: 'seeds',
        colour: '#8a6a4a',
        paths: inCells(square, [100, 100], (x, y) => [
          ellipse(x + 20, y + 90, 5, 3),
          ellipse(x + 82, y + 92, 5, 3),
        ]),
      },
    ],
  },
  {
    id: 'first-light',
    name: 'First light',
    size: [400, 400],
    repeat: { kind: 'single' },
    layers: [
      { name: 'sun', colour: '#e7b764', paths: [circle(200, 280, 90)] },
      { name: 'rays', colour: '#f0d39a', paths: rays() },
    ],
  },
];
