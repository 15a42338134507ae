import type { LibraryRef, Stock, DieSet, Stamp, Stencil, LibraryItem } from './libraryItem';

/** The library as resolve needs it. */
export type Library = readonly LibraryItem[];

/** What is asked of a library again and again, worked out once for each, since none ever changes. */
interface LibraryIndex {
  /** By id, every version of an item, in the order they come. */
  readonly versions: ReadonlyMap<string, readonly LibraryItem[]>;
  readonly newest: Library;
}

const indices = new WeakMap<Library, LibraryIndex>();

function indexOf(library: Library): LibraryIndex {
  const known = indices.get(library);
  if (known) return known;
  const versions = new Map<string, LibraryItem[]>();
  for (const item of library) {
    const own = versions.get(item.id);
    if (own) own.push(item);
    else versions.set(item.id, [item]);
  }
  const newest = [...versions.values()].flatMap((own) => lastVersion(own) ?? []);
  const index = { versions, newest };
  indices.set(library, index);
  return index;
}

/** The item a plan refers to; undefined when the library does not hold that version. */
export function findItem(library: Library, ref: LibraryRef): LibraryItem | undefined {
  return versionsOf(library, ref.id).find(({ version }) => version === ref.version);
}

/** The versions of an item that a library holds, in the order they come. */
function versionsOf(library: Library, id: string): readonly LibraryItem[] {
  return indexOf(library).versions.get(id) ?? [];
}

/** The stock a plan refers to; undefined when there is none, or the reference is to something else. */
export function findStock(library: Library, ref: LibraryRef): Stock | undefined {
  const item = findItem(library, ref);
  return item?.kind === 'stock' ? item : undefined;
}

/** The die set a plan refers to; undefined when there is none, or the reference is to something else. */
export function findDieSet(library: Library, ref: LibraryRef): DieSet | undefined {
  const item = findItem(library, ref);
  return item?.kind === 'die-set' ? item : undefined;
}

/** The stamp a plan refers to; undefined when there is none, or the reference is to something else. */
export function findStamp(library: Library, ref: LibraryRef): Stamp | undefined {
  const item = findItem(library, ref);
  return item?.kind === 'stamp' ? item : undefined;
}

/** The stencil a plan refers to; undefined when there is none, or the reference is to something else. */
export function findStencil(library: Library, ref: LibraryRef): Stencil | undefined {
  const item = findItem(library, ref);
  return item?.kind === 'stencil' ? item : undefined;
}

/** The newest version of each item, in the order the items first come. */
export function newestOf(library: Library): Library {
  return indexOf(library).newest;
}

/** The newest version of one item; undefined where there is none. */
export function newestVersion(library: Library, id: string): LibraryItem | undefined {
  return lastVersion(versionsOf(library, id));
}

function lastVersion(versions: readonly LibraryItem[]): LibraryItem | undefined {
  return versions.reduce<LibraryItem | undefined>(
    (last, item) => (last && last.version > item.version ? last : item),
    undefined,
  );
}

/** The newest version of each stock: what one chooses from. */
export function stocksOf(library: Library): readonly Stock[] {
  return newestOf(library).filter((item) => item.kind === 'stock');
}

/** The newest version of each die set. */
export function dieSetsOf(library: Library): readonly DieSet[] {
  return newestOf(library).filter((item) => item.kind === 'die-set');
}

/** One library over another: items of `over` go before those of the same id and version. */
export function overlayLibrary(over: Library, under: Library): Library {
  return [...over, ...under.filter((item) => !findItem(over, item))];
}

/** The newest version of each stamp. */
export function stampsOf(library: Library): readonly Stamp[] {
  return newestOf(library).filter((item) => item.kind === 'stamp');
}

/** The newest version of each stencil. */
export function stencilsOf(library: Library): readonly Stencil[] {
  return newestOf(library).filter((item) => item.kind === 'stencil');
}
