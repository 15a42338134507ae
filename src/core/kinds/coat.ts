import { seenOver, type Coat } from '../colour/seenOver';
import { newestOf, type Library } from '../plan/library';
import type { Ink, LibraryItem, Medium, Powder } from '../plan/libraryItem';
import type { Strength } from '../plan/pieces/looks';

/** What a colour can come out of. */
export type ColourItem = Exclude<
  Extract<LibraryItem, { readonly colour: string }>,
  { readonly kind: 'envelope' }
>;

export function isColourItem(item: LibraryItem | undefined): item is ColourItem {
  return item !== undefined && 'colour' in item && item.kind !== 'envelope';
}

/** How much each sort hides, where an item does not say it itself. From memory; editable in the stash. */
const inkOpacity: Readonly<Record<Ink['ink'], number>> = {
  dye: 0,
  reactive: 0,
  sticky: 0,
  solvent: 0.1,
  chalk: 0.35,
  pigment: 0.7,
};
const mediumOpacity: Readonly<Record<Medium['medium'], number>> = {
  'alcohol marker': 0.05,
  'water marker': 0,
  watercolour: 0.05,
  pencil: 0.35,
  'gel pen': 0.95,
  'paint pen': 0.95,
  'glitter glue': 0.4,
  spray: 0.35,
};
const powderOpacity: Readonly<Record<Powder['powder'], number>> = {
  clear: 0,
  opaque: 1,
  metallic: 1,
  glitter: 0.6,
};

/** How much an item hides what is under it: 0 for transparent, 1 where it covers, as paper and gems do. */
export function opacityOf(item: ColourItem): number {
  switch (item.kind) {
    case 'ink':
      return item.opacity ?? inkOpacity[item.ink];
    case 'medium':
      return item.opacity ?? mediumOpacity[item.medium];
    case 'powder':
      return item.opacity ?? powderOpacity[item.powder];
    case 'embellishment':
    case 'stock':
      return 1;
    default:
      throw new TypeError(`opacityOf: unknown ${JSON.stringify(item satisfies never)}`);
  }
}

/** Laid evenly and once it is as named; from memory. */
const strengthThickness: Readonly<Record<Strength, number>> = { light: 0.5, even: 1, heavy: 1.6 };
/** Each time it is gone over again; from memory. */
const nextPass = 0.4;
/** Stamped off once, the second print; from memory. */
const secondOffPad = 0.5;

/** How thick a medium lies that is put on so strongly, and gone over so often. */
export function thicknessOf(strength: Strength, passes = 1): number {
  return strengthThickness[strength] * (1 + nextPass * (passes - 1));
}

/** How thick the ink of a print lies. */
export function printThickness(offPad: 'first' | 'second'): number {
  return offPad === 'first' ? 1 : secondOffPad;
}

/** An item as a layer on paper. */
export function coatOf(item: ColourItem, thickness = 1): Coat {
  return { colour: item.colour, opacity: opacityOf(item), thickness };
}

/** What an item is seen in where it lies evenly on a ground, `#rrggbb`. */
export function seenOn(item: ColourItem, ground: string): string {
  return seenOver(ground, [coatOf(item)]);
}

/** Whether no screen and no print shows its colour: what shines or glitters. */
export function isNotShowable(item: ColourItem): boolean {
  switch (item.kind) {
    case 'powder':
      return item.powder === 'metallic' || item.powder === 'glitter';
    case 'medium':
      return item.medium === 'glitter glue';
    case 'stock':
      return item.paper === 'foil';
    case 'ink':
    case 'embellishment':
      return false;
    default:
      throw new TypeError(`isNotShowable: unknown ${JSON.stringify(item satisfies never)}`);
  }
}

/** What hides less than this lets its ground through; from memory. */
const coversFrom = 0.5;

/** Whether what is under an item is hardly seen through it. */
export function covers(item: ColourItem): boolean {
  return opacityOf(item) >= coversFrom;
}

/** Inks in the newest version of each. */
export function inksOf(library: Library): readonly Ink[] {
  return newestOf(library).filter((item): item is Ink => item.kind === 'ink');
}

/** What colours can come out of, in the newest version of each: inks first, then what pictures are coloured with. */
export function coloursOf(library: Library): readonly (Ink | Medium)[] {
  const media = newestOf(library).filter((item): item is Medium => item.kind === 'medium');
  return [...inksOf(library), ...media];
}
