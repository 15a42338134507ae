import { blendColours, blendedAt } from '../colour/blend';
import { seenOver } from '../colour/seenOver';
import { colourAt, isEmbossed, type Paint, type Variation } from '../kinds/paint';
import type { Stroke } from '../kinds/stroke';
import { millimetres } from '../length/length';
import { corners } from '../outline/outline';
import { plain, type Area, type Place, type Shape, type Turn } from '../drawing/shape';
import { variedFill } from './paintFill';

const ink = '#1e2428';
const ribbonRim = { colour: ink, width: millimetres(0.15), opacity: 0.4 };

/** What a stroke looks like: one colour, or one that goes over an area. */
interface Look {
  readonly colour: string;
  readonly varies?: Variation | undefined;
  /** What a colour that varies goes over. */
  readonly over: Place;
}

/** A stroke of a mark that is drawn in a box. @param paper what it lies on, whose edge may be coloured */
export function strokeShapes(stroke: Stroke, whole: Place, paper: Area): readonly Shape[] {
  switch (stroke.kind) {
    case 'path':
      return pathShapes(stroke, whole, lookOf(stroke, whole));
    case 'words':
      return wordShapes(stroke, whole, stroke.paint.colour);
    case 'dot':
      return dotShapes(stroke, whole);
    case 'ribbon': {
      const { path, box, at, paint, lineWidth } = stroke;
      const { colour } = paint;
      if (lineWidth > 0)
        return [{ kind: 'path', path, box, at, line: { colour, width: lineWidth, isRound: true } }];
      return [{ kind: 'path', path, box, at, fill: plain(colour), line: ribbonRim }];
    }
    case 'edge':
      return edgeShapes(stroke, paper);
    default:
      throw new TypeError(`strokeShapes: unknown ${JSON.stringify(stroke satisfies never)}`);
  }
}

type PathStroke = Extract<Stroke, { kind: 'path' }>;
type WordStroke = Extract<Stroke, { kind: 'words' }>;

function lookOf(stroke: PathStroke, whole: Place): Look {
  const { paint, at = whole, over = at } = stroke;
  return { colour: paint.colour, varies: paint.varies, over };
}

function pathShapes(
  { path, box, lineWidth, at }: PathStroke,
  whole: Place,
  { colour, varies, over }: Look,
): readonly Shape[] {
  const area: Area = { kind: 'path', path, box, at: at ?? whole };
  if (lineWidth > 0) return [{ ...area, line: { colour, width: lineWidth, isRound: true } }];
  if (!varies) return [{ ...area, fill: plain(colour) }];
  // A fill that varies is told in the units of the face, a path in those of its box: so it shows through the path.
  return [
    {
      kind: 'group',
      clips: [area],
      shapes: [{ kind: 'outline', outline: [corners(over)], fill: variedFill(varies, over) }],
    },
  ];
}

function wordShapes(
  { lines, em, lettering }: WordStroke,
  whole: Place,
  colour: string,
): readonly Shape[] {
  return lines.map(({ text, x, baseline, advance }) => ({
    kind: 'text',
    align: 'left',
    words: text,
    lettering,
    colour,
    height: em,
    x: whole.x + x,
    y: whole.y + baseline,
    // A single letter has no room to be spread.
    ...(text.length > 1 ? { advance } : {}),
  }));
}

/** A disc with a rim; what stands up catches the light at its upper left. */
function dotShapes(
  { look, paint: { colour } }: Extract<Stroke, { kind: 'dot' }>,
  { x: left, y: top, width }: Place,
): readonly Shape[] {
  const radius = width / 2;
  const disc = { kind: 'circle', x: left + radius, y: top + radius, radius } as const;
  if (look === 'splatter') return [{ ...disc, fill: plain(colour) }];
  const rim = { colour: ink, width: Math.min(radius / 4, millimetres(0.2)), opacity: 0.35 };
  const light = {
    kind: 'circle',
    x: disc.x - radius * 0.3,
    y: disc.y - radius * 0.3,
    radius: radius * 0.25,
  } as const;
  return [
    { ...disc, fill: plain(colour), line: rim },
    { ...light, fill: plain('#ffffff', 0.75) },
  ];
}

/** Lines along the edge, the widest and palest first. */
const edgeSteps = 8;
/** Of each of them where what is printed is to be seen through: together they hide five sixths at the edge. */
const lateOpacity = 0.2;

function edgeShapes(
  { width, paint, ground, isLate }: Extract<Stroke, { kind: 'edge' }>,
  paper: Area,
): readonly Shape[] {
  return Array.from({ length: edgeSteps }, (_, index): Shape => {
    const strength = (index + 1) / edgeSteps;
    const reach = width * (1 - index / edgeSteps);
    if (isLate)
      return { ...paper, line: { colour: paint.colour, width: 2 * reach, opacity: lateOpacity } };
    const coats = coatsOf(paint).map((coat) => ({
      ...coat,
      thickness: coat.thickness * strength ** 2,
    }));
    return { ...paper, line: { colour: seenOver(ground, coats), width: 2 * reach } };
  });
}

/** A colour that hides what is under it is taken as one that nearly does, so that it can fade. */
function coatsOf({ coats, colour }: Paint) {
  return coats.length > 0 ? coats : [{ colour, opacity: 0.9, thickness: 1 }];
}

/** A stroke as it lies on its paper, in the box of its mark. */
export interface LaidStroke {
  readonly stroke: Stroke;
  readonly whole: Place;
  readonly turn: Turn | undefined;
  /** Its shapes turned and masked as its mark lies. */
  readonly inPlace: (shapes: readonly Shape[]) => Shape;
}

/**
 * What is seen where one stroke lies over an earlier one, drawn over both: the area where they meet, in the colour of the
 * later on that of the earlier. Nothing where the later hides what is under it.
 * ```
 *   under  ====blend====         a line or words over it: themselves, as far as the blend reaches
 *   over      ~~~~               an area over it: what is under, as far as the area reaches
 * ```
 */
export function meetingShapes(under: LaidStroke, over: LaidStroke): readonly Shape[] {
  const { coats } = over.stroke.paint;
  const isWet = coats.length > 0 || (over.stroke.paint.varies?.reaches.length ?? 0) > 0;
  if (!isWet || !isColour(under.stroke) || !isColour(over.stroke)) return [];
  const area = areaOf(over);
  if (area)
    return [{ kind: 'group', clips: [area], shapes: [under.inPlace(colouredUnder(under, over))] }];
  const ground = areaOf(under);
  return ground ? [{ kind: 'group', clips: [ground], shapes: linesOver(under, over) }] : [];
}

/** Whether a stroke is colour on paper, which another is seen through. */
function isColour({ kind }: Stroke): boolean {
  return kind === 'path' || kind === 'words';
}

/** The area a stroke fills; undefined for a line or words. */
function areaOf({ stroke, whole, turn }: LaidStroke): Area | undefined {
  if (stroke.kind !== 'path' || stroke.lineWidth > 0) return undefined;
  return { kind: 'path', path: stroke.path, box: stroke.box, at: stroke.at ?? whole, turn };
}

/** What is under an area of colour, coloured by it; lines that are embossed resist. */
function colouredUnder(under: LaidStroke, over: LaidStroke): readonly Shape[] {
  const { stroke, whole } = under;
  const { paint } = stroke;
  const resists = isEmbossed(paint);
  const seen = (colour: string) => (resists ? colour : onTop(colour, over.stroke.paint));
  if (stroke.kind === 'words') return wordShapes(stroke, whole, seen(paint.colour));
  if (stroke.kind !== 'path') return [];
  const own = lookOf(stroke, whole);
  const later = over.stroke.paint.varies;
  if (resists) return pathShapes(stroke, whole, own);
  if (later && later.reaches.length > 0 && over.stroke.kind === 'path') {
    const varies = variedOver(later, paint.colour);
    const { at = over.whole, over: field = at } = over.stroke;
    return pathShapes(stroke, whole, { colour: seen(paint.colour), varies, over: field });
  }
  return pathShapes(stroke, whole, {
    ...own,
    colour: seen(own.colour),
    varies: own.varies && {
      ...own.varies,
      stops: own.varies.stops.map(({ at, colour }) => ({ at, colour: seen(colour) })),
    },
  });
}

/** Strips of a blend, in each of which what lies over it is of one colour. */
const strips = 8;

/** Lines or words over an area, in the colour they have on it; over a blend strip by strip. */
function linesOver(under: LaidStroke, over: LaidStroke): readonly Shape[] {
  const { paint } = over.stroke;
  const drawn = (colour: string) =>
    over.inPlace(
      over.stroke.kind === 'words'
        ? wordShapes(over.stroke, over.whole, colour)
        : over.stroke.kind === 'path'
          ? pathShapes(over.stroke, over.whole, { colour, over: over.whole })
          : [],
    );
  const varies = under.stroke.paint.varies;
  if (!varies || under.stroke.kind !== 'path' || varies.direction.kind !== 'along')
    return [drawn(onTop(under.stroke.paint.colour, paint))];
  const { at = under.whole, over: field = at } = under.stroke;
  return Array.from({ length: strips }, (_, index): Shape => {
    const middle = (index + 0.5) / strips;
    const ground = colourAt(varies, middle);
    return {
      kind: 'group',
      clips: [
        {
          ...stripOf(varies.direction, field, index / strips, (index + 1) / strips),
          turn: under.turn,
        },
      ],
      shapes: [drawn(onTop(ground, paint))],
    };
  });
}

/** A band across the way of a blend, from one share of it to another, wider than the field. */
function stripOf(direction: Variation['direction'], field: Place, from: number, to: number): Area {
  const fill = variedFill({ direction, stops: [], reaches: [] }, field);
  if (fill.kind !== 'gradient') return { kind: 'outline', outline: [corners(field)] };
  const [dx, dy] = [fill.to.x - fill.from.x, fill.to.y - fill.from.y];
  const on = (share: number, side: number) => ({
    x: fill.from.x + dx * share - dy * side,
    y: fill.from.y + dy * share + dx * side,
  });
  // As wide to both sides as the way is long, or the field's other measure where that is more.
  const wide = Math.max(1, (field.width + field.height) / Math.max(1, Math.hypot(dx, dy)));
  return {
    kind: 'outline',
    outline: [[on(from, -wide), on(from, wide), on(to, wide), on(to, -wide)]],
  };
}

function variedOver(later: Variation, ground: string): Variation {
  return { ...later, stops: blendColours(ground, later.reaches) };
}

/** A colour as another lies on it; in the middle of one that varies. */
function onTop(ground: string, { coats, colour, varies }: Paint): string {
  if (varies && varies.reaches.length > 0) return blendedAt(ground, varies.reaches, 0.5);
  return coats.length > 0 ? seenOver(ground, coats) : colour;
}
