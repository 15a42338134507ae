import type { NamedColour } from '../colour/gpl';
import { coloursOf, type ColourItem } from '../kinds/coat';
import type { PaintSource } from '../kinds/paint';
import type { Library } from '../plan/library';
import { outOf } from '../plan/plainColours';
import type { ColourSource } from '../plan/pieces/colourSource';

/** One thing a colour comes out of. */
export interface PlainSource {
  /** By what it comes out of, so the same from one edit to the next. */
  readonly key: string;
  /** Undefined for a wish. */
  readonly item: ColourItem | undefined;
  /** As it is in the bottle, `#rrggbb`. */
  readonly colour: string;
}

/** What a paint comes out of belongs to that paint, which never changes. */
const known = new WeakMap<PaintSource, readonly PlainSource[]>();

/** The single things a paint comes out of, in their order. @param colour as it is seen, for a wish */
export function plainSources(from: PaintSource, colour: string): readonly PlainSource[] {
  const before = known.get(from);
  if (before) return before;
  const sources = listSources(from, colour);
  known.set(from, sources);
  return sources;
}

function listSources(from: PaintSource, colour: string): readonly PlainSource[] {
  switch (from.kind) {
    case 'item': {
      const own: readonly ColourItem[] = from.powder ? [from.item, from.powder] : [from.item];
      return own.map((item) => ({ key: item.id, item, colour: item.colour }));
    }
    case 'wish':
      return [{ key: colour, item: undefined, colour }];
    case 'several':
      return from.parts.flatMap((part) => listSources(part, colour));
    case 'stock':
    case 'unknown':
    case 'nothing':
    case 'open':
      return [];
    default:
      throw new TypeError(`plainSources: unknown ${JSON.stringify(from satisfies never)}`);
  }
}

/** What of the stash a colour of a palette comes out of: what has its name and colour, else it is a wish. */
export function sourceNamed(library: Library, { name, colour }: NamedColour): ColourSource {
  const item = coloursOf(library).find((each) => each.name === name && each.colour === colour);
  return item ? outOf(item) : { wish: colour };
}
