import { flattenLines, flattenPath } from '../geometry/flattenPath';
import { fine, toFine, writeFine } from '../outline/finePath';
import { growLines, uniteOutlines } from '../outline/polygons';
import type { Outline } from '../outline/outline';
import type { Stamp } from '../plan/libraryItem';
import type { SvgDrawing } from '../svg/readSvgDrawing';
import type { SvgShape } from '../svg/collectShapes';
import { cutText } from '../text/cutText';

/** What tells the layers of a stamp apart: the groups of its drawing, or its colours. */
export type LayersBy = 'groups' | 'colours';

export interface DrawingLayer {
  readonly name: string;
  readonly colour: string;
  readonly isLines: boolean;
  /** How wide its lines are, in the units of the drawing. */
  readonly lineWidth: number;
  readonly shapes: readonly SvgShape[];
}

/** So many layers a stamp has. */
export const mostLayers = 12;
/** How wide lines are drawn where the drawing has none, in thousandths of its longer side; from memory of fine pens. */
const fineLine = 8;
const unknownColour = '#22282b';

/** The layers of a drawing, the lowest first; what is beyond the twelfth goes into it. */
export function drawingLayers({ shapes }: SvgDrawing, by: LayersBy): readonly DrawingLayer[] {
  const keys = shapes.map((shape) => keyOf(shape, by));
  const known = [...new Set(keys)];
  const together = known.slice(0, mostLayers);
  return together.map((key, index) => {
    const isLast = index === mostLayers - 1;
    const own = shapes.filter((_, at) => {
      const place = known.indexOf(keys[at] ?? '');
      return isLast ? place >= index : place === index;
    });
    const [first] = own;
    const isLines = own.every(({ fill }) => fill === undefined);
    return {
      name: cutText(by === 'groups' ? key : `${isLines ? 'lines' : 'colour'} ${index + 1}`, 40),
      colour: (isLines ? first?.stroke : first?.fill) ?? first?.stroke ?? unknownColour,
      isLines,
      lineWidth: Math.max(0, ...own.map(({ strokeWidth }) => strokeWidth)) || fineLine,
      shapes: own,
    };
  });
}

function keyOf({ group, fill, stroke }: SvgShape, by: LayersBy): string {
  return by === 'groups'
    ? (group ?? 'the rest')
    : fill === undefined
      ? `line ${stroke}`
      : `area ${fill}`;
}

/** What a stamp of these layers prints. */
export function printedLayers(layers: readonly DrawingLayer[]): Stamp['layers'] {
  return layers.map(({ name, colour, isLines, lineWidth, shapes }) => ({
    name,
    colour,
    path: shapes.map(({ path }) => path).join(''),
    lineWidth: isLines ? Math.min(1000, lineWidth) : 0,
  }));
}

/** What a print covers, what is inside its lines too: filled shapes as they are, of lines all that they close. */
export function silhouetteOf(layers: readonly DrawingLayer[]): string {
  const areas = layers.flatMap(({ isLines, lineWidth, shapes }) =>
    shapes.flatMap(({ path }): readonly Outline[] =>
      isLines
        ? [
            ...flattenPath(path).map((polygon) => [toFine(polygon)]),
            growLines(flattenLines(path).map(toFine), (lineWidth * fine) / 2),
          ]
        : [flattenPath(path).map(toFine)],
    ),
  );
  return writeFine(uniteOutlines(areas));
}
