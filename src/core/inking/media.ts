import { labOf } from '../colour/lab';
import { seenOn } from '../kinds/coat';
import { onGround, paintOfUndercoat, paintOfUse, type Paint } from '../kinds/paint';
import type { Combination } from '../plan/combination';
import type { PieceId } from '../plan/ids';
import { findItem, type Library } from '../plan/library';
import type { CombinationItem, LibraryRef, Medium } from '../plan/libraryItem';
import type { ColourSource } from '../plan/pieces/colourSource';
import { outOf } from '../plan/plainColours';
import { sameJson } from '../plan/sameJson';
import { capitalise } from '../words/phrases';
import { bestFamily } from './bestFamily';
import type { ColourPart } from './colourParts';

export type MediumUse = Combination['media'][number];

/** A colour put on as a pen does it, evenly and once. */
export function evenUse(from: ColourSource): MediumUse {
  return { from, tool: 'pen', strength: 'even', passes: 1 };
}

/** The same of a medium of the stash. */
export function plainUse(item: LibraryRef): MediumUse {
  return evenUse(outOf(item));
}

/** What media of a combination lie on: its undercoat, or the paper. */
export function groundOf(
  combination: Pick<Combination, 'undercoat'> | undefined,
  paper: Paint,
  library: Library,
): Paint {
  const under = combination && paintOfUndercoat(combination, onGround(library, paper));
  return under ?? paper;
}

/** What a medium is seen in as it is used on a ground, `#rrggbb`. */
export function seenUse(use: MediumUse, ground: Paint, library: Library): string {
  return paintOfUse(use, onGround(library, ground)).colour;
}

/** Media in the order of use: from the light end or the dark one; those as light as each other stay as they are. */
export function sortMedia(
  media: readonly MediumUse[],
  begins: Combination['begins'],
  ground: Paint,
  library: Library,
): readonly MediumUse[] {
  const sign = begins === 'light' ? -1 : 1;
  return media
    .map((use) => ({ use, l: labOf(seenUse(use, ground, library)).l }))
    .toSorted((a, b) => sign * (a.l - b.l))
    .map(({ use }) => use);
}

/** So many markers that shade a colour best on a ground, from light to dark; undefined where there are not so many. */
export function bestMedia(
  markers: readonly Medium[],
  wanted: string,
  count: number,
  ground: Paint,
): readonly MediumUse[] | undefined {
  const seen = markers.map((item) => ({ id: item.id, item, colour: seenOn(item, ground.colour) }));
  return bestFamily(seen, wanted, count)?.colours.map(({ item }) => plainUse(item));
}

/** A combination for a part, called by what it colours. */
export function newCombination(
  { of, name }: ColourPart,
  media: readonly MediumUse[],
  id: PieceId,
): Combination {
  const called = capitalise([of, name].filter(Boolean).join(', ')).slice(0, 60);
  return { id, name: called, media, begins: 'light', undercoat: null, note: '', kept: null };
}

/** A kept combination as one of a card. */
export function fromKept(item: CombinationItem, id: PieceId): Combination {
  const { name, media, begins, undercoat, note } = item;
  return { id, name, media, begins, undercoat, note, kept: { id: item.id, version: item.version } };
}

/** A combination of a card as it is to be kept in the stash. */
export function toKeep({
  name,
  media,
  begins,
  undercoat,
  note,
}: Combination): Omit<CombinationItem, 'kind' | 'id' | 'version'> {
  return { name, media, begins, undercoat, note, sale: { from: null, until: null } };
}

/** Whether a combination of a card still is as it was kept. */
export function isAsKept(combination: Combination, library: Library): boolean {
  const item = combination.kept && findItem(library, combination.kept);
  if (item?.kind !== 'combination') return false;
  const kept: Record<string, unknown> = { ...item };
  return asKept.every((key) => sameJson(combination[key], kept[key]));
}

/** What a combination of a card and a kept one have in common. */
const asKept = ['name', 'media', 'begins', 'undercoat', 'note'] as const;
