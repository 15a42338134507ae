import { libraryIdSchema } from '../core/plan/ids';
import {
  libraryItemSchema,
  type CombinationItem,
  type DieSet,
  type LibraryItem,
  type Stock,
} from '../core/plan/libraryItem';
import { database } from './database';
import { readableId } from './newId';
import { addToLibrary } from './repositories/library';

type Unnumbered<Item> = Omit<Item, 'id' | 'version'>;

/** Adds an item to the stash as its first version, under an id made from its name. */
export async function addNewItem(
  wanted: Unnumbered<Stock> | Unnumbered<DieSet> | Unnumbered<CombinationItem>,
): Promise<LibraryItem> {
  const id = libraryIdSchema.parse(readableId(wanted.name));
  const item = libraryItemSchema.parse({ ...wanted, id, version: 1 });
  await addToLibrary(await database(), [item]);
  return item;
}
