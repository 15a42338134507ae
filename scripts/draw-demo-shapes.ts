// Draws the stamps, dies and stencils of the demo: npm run shapes writes demo/shapes.json.
import { stencils, type StencilDrawing } from './shapes/stencils';
import { writeFileSync } from 'node:fs';
import { flattenLines, flattenPath } from '../src/core/geometry/flattenPath';
import { toFine, writeFine } from '../src/core/outline/finePath';
import { setWords } from '../src/core/lettering/setWords';
import { growLines, growOutline, uniteOutlines } from '../src/core/outline/polygons';
import type { LetteringId } from '../src/core/lettering/letterings';
import { lengthFromTicks, TICKS_PER_INCH } from '../src/core/length/length';
import { libraryItemSchema, type LibraryItem } from '../src/core/plan/libraryItem';
import { trimShape } from '../src/core/stash/trimShape';
import { box, circle, ellipse, hill, leaf, polygon, scallops } from './shapes/pen';
import type { Picture } from './shapes/picture';
import { pictures } from './shapes/pictures';

const sale = { from: null, until: null };
/** Makers give sizes in sixteenths. */
const toTicks = (hundredths: number) => ({
  ticks: Math.max(1, Math.round((hundredths * 16) / 100)) * (TICKS_PER_INCH / 16),
});
const sizeOf = ([width, height]: readonly [number, number]) => ({
  width: toTicks(width),
  height: toTicks(height),
});
/** What a picture covers, its lines too, in tenths of its units. */
function silhouette({ parts }: Picture) {
  return uniteOutlines(
    parts.flatMap(({ paths, line }) =>
      paths.map((path) => {
        const outline = flattenPath(path).map(toFine);
        if (line === undefined) return outline;
        const by = (line * 10) / 2;
        // A line that is closed is the rim of a body; an open one, such as a pole, covers what its pen covers.
        return /z\s*$/i.test(path)
          ? growOutline(outline, by)
          : growLines(flattenLines(path).map(toFine), by);
      }),
    ),
  );
}

function stampOf(picture: Picture) {
  const { id, name, size, sort, parts, outline, hasDie } = picture;
  const [width, height] = size;
  const filled = parts.filter(({ line }) => line === undefined).flatMap(({ paths }) => paths);
  return {
    kind: 'stamp',
    id,
    version: 1,
    name,
    sale,
    stamp: sort,
    ...sizeOf(size),
    shape: {
      box: { width, height },
      outline: sort === 'background' ? box(0, 0, width, height) : writeFine(silhouette(picture)),
    },
    layers: [
      ...parts.map(({ name: part, colour, paths, line = 0 }) => ({
        name: part,
        path: paths.join(''),
        lineWidth: line,
        colour,
      })),
      ...(outline === undefined
        ? []
        : [{ name: 'outline', path: filled.join(''), lineWidth: outline, colour: '#22282b' }]),
    ],
    words: null,
    goesWith: hasDie ? [`${id}-die`] : [],
  };
}

/** How much paper a die leaves round the print, in hundredths of an inch. */
const rim = 6;

function dieRound(picture: Picture) {
  const { id, name, size } = picture;
  const [width, height] = size;
  const grown = growOutline(silhouette(picture), rim * 10).map((points) =>
    points.map(({ x, y }) => ({ x: x + rim * 10, y: y + rim * 10 })),
  );
  // Only the outer line: a die round a picture cuts no windows.
  const outer = uniteOutlines(grown.map((points) => [points])).filter(
    (points) => points.length > 3,
  );
  return die(
    `${id}-die`,
    `Die for ${name.toLowerCase()}`,
    [width + 2 * rim, height + 2 * rim],
    [1],
    writeFine(outer),
    [id],
  );
}

function die(
  id: string,
  name: string,
  [width, height]: readonly [number, number],
  scales: readonly number[],
  outline: string,
  goesWith: readonly string[] = [],
) {
  return {
    kind: 'die-set',
    id,
    version: 1,
    name,
    sale,
    steps: scales.map((scale) => sizeOf([width * scale, height * scale])),
    shape: { box: { width, height }, outline },
    goesWith,
  };
}

/** A die that cuts one wavy edge. */
function border(...[id, name, size, scales, outline]: Parameters<typeof die>) {
  return { ...die(id, name, size, scales, outline), cuts: 'border' };
}

/** Steps of a nested set that get smaller by the same amount both ways. */
function nested(
  id: string,
  name: string,
  sizes: readonly (readonly [number, number])[],
  outline: string,
) {
  const [[width, height] = [1, 1]] = sizes;
  return { ...die(id, name, [width, height], [1], outline), steps: sizes.map(sizeOf) };
}

const stepsDown = (width: number, height: number, by: number, count: number) =>
  Array.from({ length: count }, (_, index) => [width - index * by, height - index * by] as const);

const dies = [
  {
    ...nested('ovals', 'Nested ovals', stepsDown(350, 450, 50, 6), ellipse(175, 225, 175, 225)),
    stitch: toTicks(9),
  },
  nested('rounds', 'Nested circles', stepsDown(350, 350, 50, 6), circle(175, 175, 175)),
  nested('scallops', 'Scalloped rectangles', stepsDown(375, 500, 50, 5), scallops(375, 500, 25)),
  nested('pebbles', 'Pebble labels', stepsDown(350, 150, 25, 5), box(0, 0, 350, 150, 60)),
  nested(
    'strips',
    'Sentiment strips',
    [
      [400, 62],
      [350, 50],
      [300, 50],
      [250, 44],
      [200, 38],
    ],
    box(0, 0, 400, 62),
  ),
  nested(
    'fishtails',
    'Fishtail banners',
    [
      [400, 75],
      [350, 62],
      [300, 56],
      [225, 50],
    ],
    polygon([0, 0], [400, 0], [380, 37.5], [400, 75], [0, 75]),
  ),
  nested(
    'tags',
    'Parcel tags',
    [
      [200, 325],
      [160, 260],
      [120, 195],
    ],
    `${polygon([40, 0], [160, 0], [200, 50], [200, 325], [0, 325], [0, 50])}${circle(100, 36, 10)}`,
  ),
  nested(
    'frames',
    'Window frames',
    [
      [400, 525],
      [350, 475],
      [300, 425],
    ],
    `${box(0, 0, 400, 525)}${box(50, 50, 300, 425)}`,
  ),
  nested(
    'portholes',
    'Portholes',
    [
      [325, 325],
      [275, 275],
    ],
    `${circle(162.5, 162.5, 162.5)}${circle(162.5, 162.5, 125)}`,
  ),
  die(
    'panes',
    'Four panes',
    [400, 525],
    [1],
    `${box(0, 0, 400, 525)}${box(40, 40, 150, 212)}${box(210, 40, 150, 212)}${box(40, 273, 150, 212)}${box(210, 273, 150, 212)}`,
  ),
  border(
    'hills',
    'Hill border',
    [450, 150],
    [1],
    hill(450, 150, [
      [70, 40],
      [190, 96],
      [330, 20],
    ]),
  ),
  border(
    'dunes',
    'Dune border',
    [450, 110],
    [1],
    hill(450, 110, [
      [110, 60],
      [260, 16],
      [390, 70],
    ]),
  ),
  border(
    'surf',
    'Surf border',
    [450, 90],
    [1],
    hill(450, 90, [
      [45, 40],
      [90, 14],
      [135, 40],
      [180, 14],
      [225, 40],
      [270, 14],
      [315, 40],
      [360, 14],
      [405, 40],
    ]),
  ),
  die(
    'arch',
    'Garden arch',
    [325, 475],
    [1],
    `M0 475V162A162.5 162.5 0 0 1 325 162V475H275V162A112.5 112.5 0 0 0 50 162V475Z`,
  ),
  die(
    'button-row',
    'Button row',
    [250, 75],
    [1],
    writeFine(
      uniteOutlines(
        [
          circle(37.5, 37.5, 37.5),
          circle(125, 37.5, 37.5),
          circle(212.5, 37.5, 37.5),
          box(70, 35, 110, 5),
        ].map((path) => flattenPath(path).map(toFine)),
      ),
    ) +
      [37.5, 125, 212.5].flatMap((x) => [circle(x - 9, 37.5, 5), circle(x + 9, 37.5, 5)]).join(''),
  ),
  die(
    'fern',
    'Fern spray',
    [110, 210],
    [1, 0.75],
    writeFine(
      uniteOutlines(
        [
          ...[0, 1, 2, 3, 4, 5].flatMap((step) => [
            leaf(55, 190 - step * 28, 54 - step * 6, 18, -24 - step * 3),
            leaf(55, 190 - step * 28, 54 - step * 6, 18, 204 + step * 3),
          ]),
          leaf(55, 60, 58, 18, -90),
          box(53, 40, 4, 168),
        ].map((path) => flattenPath(path).map(toFine)),
      ),
    ),
  ),
];

/** What some dies are for, beside a shape of their own. */
const uses: Readonly<Record<string, 'border' | 'cover' | 'joined'>> = {
  hills: 'border',
  dunes: 'border',
  surf: 'border',
  panes: 'cover',
  'button-row': 'joined',
};

const sentiments: readonly (readonly [string, string, readonly string[], LetteringId, number])[] = [
  ['grown-with-love', 'Grown with love', ['grown with love'], 'clarendon', 180],
  ['thank-you', 'Thank you', ['thank you'], 'hand', 200],
  ['hello-there', 'Hello there', ['hello there'], 'hand', 180],
  ['happy-birthday', 'Happy birthday', ['happy', 'birthday'], 'hand', 170],
  ['safe-home', 'Safe home', ['safe home'], 'clarendon', 150],
  ['with-all-my-buttons', 'With all my buttons', ['with all', 'my buttons'], 'clarendon', 150],
  ['wish-you-were-here', 'Fair winds', ['fair winds', 'and calm water'], 'clarendon', 200],
  ['thinking-of-you', 'Thinking of you', ['thinking of you'], 'plain', 160],
];

function sentiment([id, name, lines, lettering, width]: (typeof sentiments)[number]) {
  const unit = setWords({ lines, lettering, align: 'centre' }, lengthFromTicks(TICKS_PER_INCH));
  // To the whole hundredth, so that the box is a figure of the catalogue.
  const height = Math.ceil((width * unit.height) / unit.width);
  const size = sizeOf([width, height]);
  return {
    kind: 'stamp',
    id,
    version: 1,
    name,
    sale,
    stamp: 'sentiment',
    ...size,
    shape: { box: { width, height }, outline: box(0, 0, width, height) },
    layers: [],
    words: { lines, lettering },
    goesWith: [],
  };
}

function stencilOf({ id, name, size, repeat, layers }: StencilDrawing) {
  const [width, height] = size;
  return {
    kind: 'stencil',
    id,
    version: 1,
    name,
    sale,
    ...sizeOf(size),
    box: { width, height },
    repeat: repeatOf(repeat),
    layers: layers.map(({ paths, ...layer }) => ({ ...layer, openings: paths.join('') })),
  };
}

function repeatOf(repeat: StencilDrawing['repeat']) {
  switch (repeat.kind) {
    case 'single':
      return repeat;
    case 'grid': {
      const { width, height } = sizeOf([repeat.across, repeat.down]);
      return { kind: 'grid', across: width, down: height };
    }
    case 'stripes':
      return { ...repeat, pitch: sizeOf([repeat.pitch, 1]).width };
    default:
      throw new TypeError(`repeatOf: unknown repeat ${JSON.stringify(repeat satisfies never)}`);
  }
}

const items = [
  ...pictures.map(stampOf),
  ...sentiments.map(sentiment),
  ...pictures.filter(({ hasDie }) => hasDie).map(dieRound),
  ...dies.map((each) => ({ ...each, cuts: uses[each.id] ?? 'shape' })),
  ...stencils.map(stencilOf),
].map((item) => trimmed(libraryItemSchema.parse(item)));

/** The pictures are drawn with room round them; what is kept fills its box. */
function trimmed(item: LibraryItem): LibraryItem {
  const inked = trimShape(item);
  if (!inked?.shape) return item;
  const { box, outline } = inked.shape;
  return libraryItemSchema.parse({ ...inked, shape: { box, outline } });
}

writeFileSync('demo/shapes.json', `${JSON.stringify({ items, holdings: [] })}\n`);
console.log(`${items.length} shapes`);
