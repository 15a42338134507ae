import { colouringOf } from '../kinds/colouring';
import { findItem, newestOf, type Library } from '../plan/library';
import type { LibraryItem } from '../plan/libraryItem';
import type { Applicator } from '../plan/pieces/looks';
import { capitalise } from '../words/phrases';
import { unownedRow, usedRow, type SupplyInput, type SupplyRow } from './supplyRow';

/**
 * The inks, powders and media everything on a card is printed and coloured with, and what puts them on, each once, in the
 * order they are first used. What is sold in a set names it.
 */
export function colourRows({ card, plan, library, holdings }: SupplyInput): readonly SupplyRow[] {
  const combinations = new Map(plan.combinations.map((each) => [each.id as string, each]));
  const rows = new Map<string, SupplyRow>();
  const tools = new Set<Applicator>();
  for (const { piece } of card.marks) {
    const colouring = colouringOf(piece, combinations);
    for (const ref of colouring.items) {
      const item = findItem(library, ref);
      if (item && isColour(item) && !rows.has(item.id))
        rows.set(item.id, usedRow(item, holdings, item.set === '' ? [] : [`of ${item.set}`]));
    }
    for (const tool of colouring.tools) tools.add(tool);
  }
  return [
    ...rows.values(),
    ...[...tools].flatMap((tool) => toolRow(tool, library, holdings) ?? []),
  ];
}

type Colour = Extract<LibraryItem, { readonly set: string }>;

function isColour(item: LibraryItem): item is Colour {
  return item.kind === 'ink' || item.kind === 'powder' || item.kind === 'medium';
}

/** What puts colour on: one of the stash, or any; a pen is what it is filled with. */
function toolRow(
  tool: Applicator,
  library: Library,
  holdings: SupplyInput['holdings'],
): SupplyRow | undefined {
  if (tool === 'pen') return undefined;
  const owned = newestOf(library).find((item) => item.kind === 'tool' && item.tool === tool);
  return owned ? usedRow(owned, holdings, []) : unownedRow(tool, capitalise(tool), 'tools', 'use');
}

/** Rows of one thing as one: what is noted beside goes with what the card is found to take. */
export function mergeUses(rows: readonly SupplyRow[]): readonly SupplyRow[] {
  const merged = new Map<string, SupplyRow>();
  for (const row of rows) {
    const before = merged.get(row.key);
    merged.set(
      row.key,
      before
        ? {
            ...(before.unit === 'use' ? row : before),
            letters: [...new Set([...before.letters, ...row.letters])],
            notes: [...new Set([...before.notes, ...row.notes])],
          }
        : row,
    );
  }
  return [...merged.values()];
}
