import { groupBy } from '../groupBy';
import { colourParts, type ColourPart, type PartKind } from '../inking/colourParts';
import { printOf, stopsOf } from '../inking/given';
import { isColourItem } from '../kinds/coat';
import { unknownColour } from '../kinds/paint';
import type { Combination } from '../plan/combination';
import type { FaceId } from '../plan/faces';
import { findItem, type Library } from '../plan/library';
import type { Mark } from '../plan/piece';
import { isPaper } from '../plan/pieces';
import type { ColourSource } from '../plan/pieces/colourSource';
import type { BlendStop } from '../plan/pieces/stops';
import type { Plan } from '../plan/plan';
import type { ResolvedCard } from '../resolve/resolvedCard';
import { joinWords } from '../words/phrases';

/** One thing used on a part, and how. */
export interface ColourStep {
  readonly name: string;
  /** `#rrggbb`, as it is in the bottle. */
  readonly colour: string;
  /** Empty where it is plain: a pen used evenly and once, a print, a drop. */
  readonly how: string;
}

/** What a part of a card is printed or coloured with, in the order of use. */
export interface ColourRow {
  readonly face: FaceId;
  readonly kind: PartKind;
  readonly of: string;
  /** Empty where all of the thing is meant. */
  readonly part: string;
  /** None where it is left as it is, or not coloured yet. */
  readonly steps: readonly ColourStep[];
  readonly isOpen: boolean;
  readonly note: string;
}

/** What everything on a card comes out of, thing by thing; each is printed before it is coloured, and finished last. */
export function colourRows(plan: Plan, card: ResolvedCard, library: Library): readonly ColourRow[] {
  const pieces = new Map(plan.pieces.map((piece) => [piece.id, piece]));
  return workOrder(colourParts(card)).flatMap((part): readonly ColourRow[] => {
    const { face, kind, of, name, paint, at } = part;
    const [first] = at;
    const piece = first && pieces.get(first.pieceId);
    if (!first || !piece || isPaper(piece)) return [];
    const combination = combinationOf(part, plan);
    return [
      {
        ...{ face, kind, of, part: name },
        steps: combination
          ? combinationSteps(combination, library)
          : plainSteps(piece, first.layer, part, library),
        isOpen: paint.from.kind === 'open',
        note: combination?.note ?? '',
      },
    ];
  });
}

/** When parts of one thing get their turn. */
const turnOf: Readonly<Record<PartKind, number>> = {
  ground: 0,
  printed: 1,
  drawn: 1,
  coloured: 2,
  stuck: 3,
  finish: 4,
};

/** Things in their order, the parts of each by their turn. */
function workOrder(parts: readonly ColourPart[]): readonly ColourPart[] {
  const things = groupBy(parts, ({ at }) => at[0]?.pieceId);
  return [...things.values()].flatMap((own) =>
    own.toSorted((a, b) => turnOf[a.kind] - turnOf[b.kind]),
  );
}

/** What a part comes out of, on one line. @example 'White pencil (undercoat), Oat 1 and Bark 2' */
export function colourWords({ steps, isOpen }: ColourRow): string {
  if (steps.length === 0) return isOpen ? 'not coloured yet' : 'left as it is';
  return joinWords(steps.map(stepWords));
}

/** A thing and how it is used. @example 'White pencil (undercoat)' */
export function stepWords({ name, how }: ColourStep): string {
  return how === '' ? name : `${name} (${how})`;
}

function combinationOf({ paint }: ColourPart, plan: Plan): Combination | undefined {
  const id = paint.from.kind === 'several' ? paint.from.combination?.id : undefined;
  return plan.combinations.find((each) => each.id === id);
}

function combinationSteps(
  { media, undercoat }: Combination,
  library: Library,
): readonly ColourStep[] {
  return [
    ...(undercoat ? [step(undercoat, 'undercoat', library)] : []),
    ...media.map(({ from, tool, strength, passes }) => {
      const how = [
        tool === 'pen' ? '' : tool,
        strength === 'even' ? '' : strength,
        passes > 1 ? `${passes} times` : '',
      ];
      return step(from, how.filter(Boolean).join(', '), library);
    }),
  ];
}

function plainSteps(
  piece: Mark,
  layer: number,
  { paint }: ColourPart,
  library: Library,
): readonly ColourStep[] {
  const stops = stopsOf(piece, layer);
  if (stops) return stops.map((stop) => step(stop.ink, stopWords(stop, stops), library));
  const print = printOf(piece, layer);
  if (!print) return paint.from.kind === 'item' ? [named(paint.from.item, '')] : wished(paint);
  return [
    step(print.ink, print.offPad === 'second' ? 'second off the pad' : '', library),
    ...(print.powder ? [step({ item: print.powder }, 'melted over it', library)] : []),
  ];
}

/** What puts an ink on, how strongly, and of several where it reaches. */
function stopWords({ tool, strength, from, to }: BlendStop, stops: readonly BlendStop[]): string {
  const percent = (share: number) => Math.round(share * 100);
  return [
    tool,
    strength === 'even' ? '' : strength,
    stops.length > 1 || from > 0 || to < 1 ? `from ${percent(from)} to ${percent(to)} %` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

function step(source: ColourSource, how: string, library: Library): ColourStep {
  if ('wish' in source) return { name: 'a wish', colour: source.wish, how };
  const item = findItem(library, source.item);
  return isColourItem(item)
    ? named(item, how)
    : { name: 'not in the stash', colour: unknownColour, how };
}

const named = (item: { readonly name: string; readonly colour: string }, how: string) => ({
  name: item.name,
  colour: item.colour,
  how,
});

const wished = ({ from, colour }: ColourPart['paint']): readonly ColourStep[] =>
  from.kind === 'wish' ? [{ name: 'a wish', colour, how: '' }] : [];
