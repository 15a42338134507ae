import { labOf, type Lab } from '../colour/lab';
import { seenOn } from '../kinds/coat';
import type { ColourPart } from './colourParts';
import { plainSources, type PlainSource } from './plainSources';

/** A colour of a card: one thing it comes out of, or a wish. */
export interface PaletteColour extends PlainSource {
  readonly lab: Lab;
  /** As it is seen where it is first used. */
  readonly seen: string;
  /** So many parts of the card have it. */
  readonly parts: number;
}

/** Colours that are used together, from the first to the last: a line among the dots. */
export interface PaletteLine {
  readonly key: string;
  readonly name: string;
  readonly colours: readonly string[];
}

export interface Palette {
  readonly colours: readonly PaletteColour[];
  readonly lines: readonly PaletteLine[];
  /** How many things they come out of, and how many are wishes. */
  readonly items: number;
  readonly wishes: number;
}

/** Every colour of a card once, in the order it is first used, and which of them are used together. */
export function paletteOf(parts: readonly ColourPart[]): Palette {
  const colours = new Map<string, PaletteColour>();
  const lines = new Map<string, PaletteLine>();
  for (const { paint, key, of, ground } of parts) {
    const sources = plainSources(paint.from, paint.colour);
    for (const source of sources) {
      const before = colours.get(source.key);
      colours.set(source.key, {
        ...(before ?? {
          ...source,
          lab: labOf(source.colour),
          seen: source.item ? seenOn(source.item, ground.colour) : source.colour,
          parts: 0,
        }),
        parts: (before?.parts ?? 0) + 1,
      });
    }
    const combination = paint.from.kind === 'several' ? paint.from.combination : undefined;
    // What lies under the others is not one of their steps.
    const steps = combination?.undercoat ? sources.slice(1) : sources;
    if (steps.length < 2) continue;
    const lineKey = combination?.id ?? key;
    lines.set(lineKey, {
      key: lineKey,
      name: combination?.name ?? of,
      colours: steps.map((source) => source.key),
    });
  }
  const all = [...colours.values()];
  return {
    colours: all,
    lines: [...lines.values()],
    items: all.filter(({ item }) => item).length,
    wishes: all.filter(({ item }) => !item).length,
  };
}
