import Drawing from 'dxf-writer';
import { flattenPath, type Point } from '../geometry/flattenPath';
import { plainFractions } from '../text/plainFractions';
import { TICKS_PER_MILLIMETRE } from '../length/length';
import { chordError } from '../tolerances';
import { placedPath } from './placedPath';
import type { Area, Page, Shape, Turn } from './shape';

/** How the lines of a layer look, by the index of a colour of the format. */
const looks = [
  Drawing.ACI.RED,
  Drawing.ACI.GREEN,
  Drawing.ACI.CYAN,
  Drawing.ACI.MAGENTA,
  Drawing.ACI.YELLOW,
  Drawing.ACI.BLUE,
];

/**
 * The lines of a drawing as DXF at 1:1, in millimetres, each layer on one of its own in its order; y runs upward from the
 * bottom left corner. Circles are circles, other curves chords that keep within a fiftieth of a millimetre. Fills,
 * clips and what shows through are left to formats that know them.
 */
export function writeDxf({ height, layers }: Page): string {
  const drawing = new Drawing();
  drawing.setUnits('Millimeters');
  layers.forEach(({ id, shapes }, index) => {
    const isDashed = shapes.some((shape) => 'line' in shape && shape.line?.dash !== undefined);
    const colour = id === 'text' ? Drawing.ACI.WHITE : (looks[index % looks.length] ?? 7);
    drawing.addLayer(id, colour, isDashed ? 'DASHED' : 'CONTINUOUS');
  });
  const place = ({ x, y }: Point): readonly [number, number] => [
    x / TICKS_PER_MILLIMETRE,
    (height - y) / TICKS_PER_MILLIMETRE,
  ];
  for (const { id, shapes } of layers) {
    drawing.setActiveLayer(id);
    for (const shape of shapes) draw(shape, [], drawing, place);
  }
  return drawing.toDxfString();
}

type Place = (point: Point) => readonly [number, number];

/** @param turns of the groups it is in, the innermost first */
function draw(shape: Shape, turns: readonly Turn[], drawing: Drawing, place: Place): void {
  const all = shape.kind !== 'text' && shape.turn ? [shape.turn, ...turns] : turns;
  const laid = (point: Point) => place(all.reduce(turned, point));
  switch (shape.kind) {
    case 'group':
      for (const each of shape.shapes) draw(each, all, drawing, place);
      return;
    case 'text': {
      const [x, y] = laid(shape);
      const [across, up] =
        shape.align === 'centre'
          ? (['center', 'middle'] as const)
          : (['left', 'baseline'] as const);
      const height = shape.height / TICKS_PER_MILLIMETRE;
      // The format's own letters know no fraction slash.
      const words = plainFractions(shape.words);
      drawing.drawText(x, y, height, 0, words, across, up);
      return;
    }
    case 'line':
      drawing.drawPolyline(
        shape.points.map((point) => [...laid(point)]),
        false,
      );
      return;
    case 'circle':
      drawing.drawCircle(...laid(shape), shape.radius / TICKS_PER_MILLIMETRE);
      return;
    default:
      for (const polygon of linesOf(shape))
        drawing.drawPolyline(
          polygon.map((point) => [...laid(point)]),
          true,
        );
  }
}

function linesOf(area: Exclude<Area, { kind: 'circle' }>) {
  if (area.kind === 'outline') return area.outline;
  return flattenPath(placedPath(area, 1).toString(), chordError);
}

function turned({ x, y }: Point, turn: Turn): Point {
  const angle = (turn.degrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const [dx, dy] = [x - turn.x, y - turn.y];
  return { x: turn.x + dx * cos - dy * sin, y: turn.y + dx * sin + dy * cos };
}
