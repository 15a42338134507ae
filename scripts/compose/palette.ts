import type { Combination } from '../../src/core/plan/combination';
import { newestOf } from '../../src/core/plan/library';
import type { CombinationItem, LibraryRef, Stamp } from '../../src/core/plan/libraryItem';
import type { PieceOf } from '../../src/core/plan/piece';
import type { ColourSource } from '../../src/core/plan/pieces/colourSource';
import { library } from './library';
import { readableId } from './readableId';
import { outOf, printedIn } from '../../src/core/plan/plainColours';

type Layer = PieceOf<'image'>['layers'][number];

/** What parts are coloured with in the demo, by name: markers from light to dark. */
const media: Readonly<Record<string, readonly string[]>> = {
  'wren wings': ['Bark 3', 'Bark 4'],
  'wren body': ['Bark 1', 'Bark 2', 'Bark 3'],
  'wren breast': ['Oat 1', 'Oat 2'],
  beak: ['Honey 3'],
  'leaf green': ['Leaf 1', 'Leaf 2', 'Leaf 3'],
  'deep green': ['Leaf 2', 'Leaf 3', 'Leaf 4'],
  'young green': ['Leaf 1', 'Leaf 2'],
  'shed walls': ['Stone 2', 'Leaf 2'],
  wood: ['Bark 2', 'Bark 3', 'Bark 4'],
  slate: ['Stone 3', 'Stone 4'],
  'lit window': ['Honey 1', 'Honey 2'],
  brass: ['Honey 2', 'Honey 3'],
  carrot: ['Honey 3', 'Brick 2', 'Brick 3'],
  petals: ['Honey 1', 'Honey 2', 'Honey 3'],
  'flower red': ['Rust 2', 'Rust 3'],
  'tram red': ['Rust 2', 'Rust 3', 'Rust 4'],
  night: ['Night 2', 'Night 3', 'Night 4'],
  cream: ['Oat 1', 'Oat 2'],
  iron: ['Stone 4', 'Night 4'],
  hubs: ['Stone 2'],
  rock: ['Stone 2', 'Stone 3', 'Stone 4'],
  'tower bands': ['Rust 2', 'Rust 3'],
  'gull wings': ['Stone 1', 'Stone 2'],
  'gull body': ['White gel pen'],
  'gull tips': ['Stone 3', 'Stone 4'],
  sail: ['Oat 1', 'Oat 2'],
  'clay jib': ['Brick 1', 'Brick 2'],
  hull: ['Lagoon 3', 'Lagoon 4'],
  shell: ['Brick 1', 'Brick 2'],
  herring: ['Lagoon 1', 'Lagoon 2', 'Lagoon 3'],
  belly: ['Lagoon 1'],
  glass: ['Sky 1'],
  'clay button': ['Brick 2', 'Brick 3'],
  'clay dish': ['Brick 3', 'Brick 4'],
  'honey button': ['Honey 2', 'Honey 3'],
  'honey dish': ['Honey 3', 'Honey 4'],
  'lagoon button': ['Lagoon 3', 'Lagoon 4'],
  'pale wood': ['Bark 1', 'Bark 2'],
  'marrow skin': ['Leaf 2', 'Leaf 3', 'Leaf 4'],
};

/** Lines are stamped before markers go over them. */
const outline = 'in Lamp black';

/**
 * What each layer of the demo's stamps is printed in (`in …`) or coloured with, from the lowest; `-` leaves a part as it
 * is.
 */
const usual: Readonly<Record<string, readonly string[]>> = {
  wren: [
    ...['wren wings', 'wren body', 'wren breast', 'wren body', 'beak', 'wren wings'],
    ...[outline, outline, outline],
  ],
  marrow: ['marrow skin', 'young green', 'young green', outline],
  carrot: ['leaf green', 'carrot', outline, outline],
  sunflower: [outline, 'deep green', 'petals', 'wood', 'pale wood', outline],
  shed: ['shed walls', 'slate', 'wood', 'lit window', outline, 'brass', outline],
  'bean-wigwam': [
    ...['in Umber row', 'in Olive row', 'leaf green', 'young green', 'flower red', outline],
  ],
  'bean-row': ['in Umber row', 'leaf green', 'young green', outline],
  scarecrow: ['in Umber row', 'in Barley', 'in Plum stone'],
  barrow: [outline, 'slate', 'shed walls', 'iron', 'brass', outline],
  tram: [
    ...[outline, 'night', 'tram red', 'cream', 'lit window', 'night', 'lit window', 'iron'],
    ...['hubs', outline],
  ],
  lamp: ['iron', 'lit window', 'iron', outline],
  houses: ['in Slate roof', 'in Lamplight'],
  moon: ['in Lamplight'],
  cloud: ['in Rain cloud'],
  lighthouse: ['rock', '-', 'tower bands', 'lit window', 'iron', 'tower bands', 'iron', outline],
  gull: ['gull wings over white', 'gull body', 'gull tips', 'beak over white', outline, outline],
  boat: [outline, 'sail', 'clay jib', 'hull', 'cream', outline],
  waves: ['in Kelp line'],
  shell: ['shell', outline, outline],
  fish: ['herring', 'herring', 'belly', outline, outline, outline],
  'button-four': ['clay button', 'clay dish', '-', outline],
  'button-two': ['honey button', 'honey dish', '-', outline],
  jar: ['glass', 'wood', 'glass', 'clay button', 'honey button', 'lagoon button', outline],
  spool: ['lagoon button', outline, 'pale wood', outline],
  'small-leaf': ['in Olive row', 'in Moss'],
};

/** The same on tinted stock: a white undercoat under everything coloured, so that it shows. */
export function overWhiteLayers(stamp: string): readonly string[] {
  return (usual[stamp] ?? []).map((name) => (name in media ? `${name}${overWhite}` : name));
}

/** What the layers of a stamp are printed or coloured with; words in the ink most words are in. */
export function usualLayers({ id, words }: Stamp): readonly Layer[] {
  const names = words ? ['in Soot'] : usual[id];
  if (!names) throw new Error(`palette: nothing says what ${id} is coloured with`);
  return names.map((name) => layerOf(name));
}

/** A layer from how it is told: `in Soot` is printed, anything else coloured; `over white` has a white undercoat. */
export function layerOf(name: string): Layer {
  if (name === '-') return { by: 'nothing' };
  return name.startsWith('in ')
    ? { by: 'print', ...printedIn(sourceOf(name.slice(3))) }
    : { by: 'combination', combination: readableId(name) as Combination['id'] };
}

/** A bare colour, or something of the stash by its name. */
export function sourceOf(text: string): ColourSource {
  return text.startsWith('#') ? { wish: text } : outOf(refOf(text));
}

export function refOf(name: string): LibraryRef {
  const item = newestOf(library).find((each) => each.name === name);
  if (!item) throw new Error(`palette: nothing is called ${name}`);
  return { id: item.id, version: item.version };
}

const overWhite = ' over white';

/** The combinations that images refer to, by their ids. */
export function combinationsOf(
  pieces: readonly { readonly kind: string }[],
): readonly Combination[] {
  const images = pieces.filter((piece): piece is PieceOf<'image'> => piece.kind === 'image');
  const wanted = new Set(
    images.flatMap(({ layers }) =>
      layers.flatMap((layer) => (layer?.by === 'combination' ? [layer.combination] : [])),
    ),
  );
  const known = Object.keys(media).flatMap((name) => [name, name + overWhite]);
  const found = known
    .filter((name) => wanted.has(readableId(name) as Combination['id']))
    .map(combination);
  if (found.length < wanted.size)
    throw new Error(`palette: not all of ${[...wanted].join(', ')} are colours of the demo`);
  return found;
}

function combination(name: string): Combination {
  const isOver = name.endsWith(overWhite);
  const plain = isOver ? name.slice(0, -overWhite.length) : name;
  const kept = keptAs(name);
  return {
    id: readableId(name) as Combination['id'],
    name: name.charAt(0).toUpperCase() + name.slice(1),
    media: (media[plain] ?? []).map((medium) => ({
      from: sourceOf(medium),
      tool: 'pen',
      strength: 'even',
      passes: 1,
    })),
    begins: 'light',
    undercoat: isOver ? sourceOf('White pencil') : null,
    note: kept?.note ?? '',
    kept: kept ? { id: kept.id, version: kept.version } : null,
  };
}

/** The one of the stash that is kept under the name. */
function keptAs(name: string): CombinationItem | undefined {
  return newestOf(library).find(
    (each): each is CombinationItem =>
      each.kind === 'combination' && each.name.toLowerCase() === name,
  );
}
