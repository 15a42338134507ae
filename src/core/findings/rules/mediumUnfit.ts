import { labOf } from '../../colour/lab';
import { chalkUnder } from '../../inking/chalkUnder';
import { plainSources } from '../../inking/plainSources';
import { covers, type ColourItem } from '../../kinds/coat';
import { layerAt } from '../../kinds/layerAt';
import type { Paint } from '../../kinds/paint';
import { outOf } from '../../plan/plainColours';
import { newestOf } from '../../plan/library';
import type { Medium } from '../../plan/libraryItem';
import type { ResolvedMark } from '../../resolve/resolvedMark';
import { findOn, type Finding, type Rule, type RuleInput } from '../finding';
import { nearestInk, takeInk } from '../inkRemedy';
import type { Remedy } from '../remedy';

/** Inks and media that do not do on what they lie on: their paper, the ground under them, or one another. */
export const mediumUnfit: Rule = {
  id: 'medium-unfit',
  find: (input) => {
    // What is coloured alike is told once.
    const told = new Set<string>();
    return input.card.marks.flatMap((mark): readonly Finding[] => [
      ...mark.paints.flatMap((paint, layer) =>
        paint
          ? [
              ...onSurface(input, mark, paint, layer),
              ...lightOnDark(input, mark, paint, layer),
              ...withoutUndercoat(input, mark, paint, told),
              ...penOnChalk(input, mark, paint),
            ]
          : [],
      ),
      ...shimmerOnPen(mark),
    ]);
  },
};

/**
 * On foil and acetate only ink that dries by its solvent dries at all, or one that powder is melted over; on toner what is
 * water and dye beads.
 */
function onSurface(
  input: RuleInput,
  mark: ResolvedMark,
  { from }: Paint,
  layer: number,
): readonly Finding[] {
  const ground = mark.ground.from;
  const paper = ground.kind === 'stock' ? ground.stock.paper : undefined;
  if (paper !== 'foil' && paper !== 'acetate' && paper !== 'toner') return [];
  if (from.kind !== 'item' || from.item.kind !== 'ink' || from.powder) return [];
  const { item } = from;
  const isFit =
    paper === 'toner' ? item.ink !== 'dye' && item.ink !== 'reactive' : item.ink === 'solvent';
  if (isFit) return [];
  const data = { rule: 'medium-unfit', why: 'surface', name: item.name, on: paper } as const;
  return [
    findOn(mark, 'look', data, () =>
      takeInk(
        input,
        [{ pieceId: mark.id, layer }],
        nearestInk(input.library, item.colour, mark.ground.colour, ({ ink }) => ink === 'solvent'),
      ),
    ),
  ];
}

/** How much lighter than its paper an ink is in the bottle, and darker than that on the paper, to be told; from memory. */
const lighterThanPaper = 10;
const sinksBy = 15;

/** Transparent light ink on dark paper, which is hardly seen. */
function lightOnDark(
  input: RuleInput,
  mark: ResolvedMark,
  { from, colour }: Paint,
  layer: number,
): readonly Finding[] {
  if (from.kind !== 'item' || from.item.kind !== 'ink' || from.powder) return [];
  const { item } = from;
  if (covers(item) || item.ink === 'sticky') return [];
  const [named, paper] = [labOf(item.colour).l, labOf(mark.ground.colour).l];
  if (named - paper < lighterThanPaper || named - labOf(colour).l < sinksBy) return [];
  const data = { rule: 'medium-unfit', why: 'light-on-dark', name: item.name } as const;
  return [
    findOn(mark, 'look', data, () =>
      takeInk(
        input,
        [{ pieceId: mark.id, layer }],
        nearestInk(input.library, item.colour, mark.ground.colour, covers),
      ),
    ),
  ];
}

/** Transparent markers on tinted paper with nothing opaque under them. */
function withoutUndercoat(
  { library }: RuleInput,
  mark: ResolvedMark,
  { from, colour }: Paint,
  told: Set<string>,
): readonly Finding[] {
  const combination = from.kind === 'several' ? from.combination : undefined;
  if (!combination || combination.undercoat || told.has(combination.id)) return [];
  const items = plainSources(from, colour).flatMap(({ item }) => item ?? []);
  const lightest = items.toSorted((a, b) => labOf(b.colour).l - labOf(a.colour).l)[0];
  if (!lightest || covers(lightest)) return [];
  const sunk = labOf(lightest.colour).l - labOf(mark.ground.colour).l;
  if (sunk < sinksBy) return [];
  told.add(combination.id);
  const data = { rule: 'medium-unfit', why: 'no-undercoat', name: combination.name } as const;
  return [
    findOn(mark, 'look', data, (): readonly Remedy[] => {
      const under = newestOf(library)
        .filter((item): item is Medium => item.kind === 'medium' && item.medium === 'pencil')
        .toSorted((a, b) => labOf(b.colour).l - labOf(a.colour).l)[0];
      if (!under) return [];
      const change = { undercoat: outOf(under) };
      const edit = { kind: 'change', in: 'combinations', id: combination.id, change } as const;
      return [{ id: 'undercoat', name: under.name, edit }];
    }),
  ];
}

/** White gel pens clog on chalky ink. */
function penOnChalk({ card }: RuleInput, mark: ResolvedMark, paint: Paint): readonly Finding[] {
  const pen = plainSources(paint.from, paint.colour).find(({ item }) => isWhitePen(item))?.item;
  const chalk = pen && chalkUnder(card, mark);
  if (!pen || !chalk) return [];
  const { name: on } = chalk.ink;
  const data = { rule: 'medium-unfit', why: 'pen-on-chalk', name: pen.name, on } as const;
  return [findOn(mark, 'look', data)];
}

/** Shimmer over a white gel pen bleeds and greys. */
function shimmerOnPen(mark: ResolvedMark): readonly Finding[] {
  const { piece, paints, stamp } = mark;
  if (piece.kind !== 'image') return [];
  return piece.finishes.flatMap(({ kind, part }): readonly Finding[] => {
    if (kind !== 'shimmer') return [];
    const pen = paints.flatMap((paint, layer) => {
      const at = layerAt(piece, layer);
      const name = at.kind === 'part' ? at.part.name : stamp?.layers[layer]?.name;
      if (!paint || at.kind === 'finish' || (part !== null && part !== name)) return [];
      return plainSources(paint.from, paint.colour).filter(({ item }) => isWhitePen(item));
    })[0]?.item;
    if (!pen) return [];
    const data = { rule: 'medium-unfit', why: 'shimmer-on-pen', name: pen.name } as const;
    return [findOn(mark, 'look', data)];
  });
}

/** From this lightness on a pen is white; from memory. */
const white = 85;

function isWhitePen(item: ColourItem | undefined): boolean {
  return item?.kind === 'medium' && item.medium === 'gel pen' && labOf(item.colour).l > white;
}
