import { isPrintedLayer } from '../../kinds/image/isPrintedLayer';
import { layerAt } from '../../kinds/layerAt';
import type { Paint, PaintSource } from '../../kinds/paint';
import type { Powder } from '../../plan/libraryItem';
import type { ResolvedMark } from '../../resolve/resolvedMark';
import { noTime, type Spread } from '../step';
import { absorbedDrying, inkDrying, longerSpread, mediumDrying, wishDrying } from '../stepTimes';

type ColourItem = Extract<PaintSource, { kind: 'item' }>['item'];

/** The paints of a mark that its stamp prints. */
export function printedOf(mark: ResolvedMark): readonly Paint[] {
  const { piece, stamp, paints } = mark;
  return paints.flatMap((paint, layer) => {
    if (!paint) return [];
    if (piece.kind !== 'image') return [paint];
    const isPrinted = layerAt(piece, layer).kind === 'layer' && isPrintedLayer(stamp, layer);
    return isPrinted && paint.from.kind !== 'several' ? [paint] : [];
  });
}

/** The paints of an image that are put on by hand: parts and layers that are coloured, without its finishes. */
export function colouredOf({ piece, paints }: ResolvedMark): readonly Paint[] {
  if (piece.kind !== 'image') return [];
  return paints.flatMap((paint, layer) =>
    paint?.from.kind === 'several' && layerAt(piece, layer).kind !== 'finish' ? [paint] : [],
  );
}

/** What paints come out of, each once, in the order they are used. */
export function itemsOfPaints(paints: readonly Paint[]): readonly ColourItem[] {
  const items = paints.flatMap(({ from }) => itemsFrom(from));
  return items.filter((item, at) => items.findIndex(({ id }) => id === item.id) === at);
}

function itemsFrom(from: PaintSource): readonly ColourItem[] {
  if (from.kind === 'item') return [from.item];
  return from.kind === 'several' ? from.parts.flatMap(itemsFrom) : [];
}

/** The powders melted over a print, each once. */
export function powdersOf(paints: readonly Paint[]): readonly Powder[] {
  const powders = paints.flatMap(({ from }) =>
    from.kind === 'item' && from.powder ? [from.powder] : [],
  );
  return powders.filter((each, at) => powders.findIndex(({ id }) => id === each.id) === at);
}

/** Until all of these are dry on what is under them. */
export function dryingOf(paints: readonly Paint[], ground: Paint): Spread {
  return itemsOfPaints(paints).reduce(
    (longest, item) => longerSpread(longest, dryingOfItem(item, ground)),
    paints.some(({ from }) => from.kind === 'wish') ? wishDrying : noTime,
  );
}

/** Paper that takes no ink up. */
const coated: readonly string[] = ['vellum', 'foil', 'acetate', 'toner'];

export function dryingOfItem(item: ColourItem, { from }: Pick<Paint, 'from'>): Spread {
  switch (item.kind) {
    case 'ink': {
      const isCoated = from.kind === 'stock' && coated.includes(from.stock.paper);
      return item.ink === 'pigment' && !isCoated ? absorbedDrying : inkDrying[item.ink];
    }
    case 'medium':
      return mediumDrying[item.medium];
    case 'powder':
      return noTime;
    default:
      return wishDrying;
  }
}

/** What a thing is, as steps that use it are told apart: the sort of ink or medium. */
export function sortOfItem(item: ColourItem): string {
  switch (item.kind) {
    case 'ink':
      return item.ink;
    case 'medium':
      return item.medium;
    default:
      return item.kind;
  }
}
