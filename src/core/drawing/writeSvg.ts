import { TICKS_PER_MILLIMETRE } from '../length/length';
import { escapeXml } from './escapeXml';
import { fontFamilies, letteringWeight } from './fontFamilies';
import { placedPath } from './placedPath';
import { hair, type Area, type Fill, type Line, type Page, type Shape, type Turn } from './shape';

/**
 * A drawing as an SVG that prints at 1:1, in millimetres, a group for each of its layers; those of no shapes are left
 * out. Curves stay curves. Words are text: without the style that brings their fonts, a reader takes its own.
 */
export function writeSvg({ title, width, height, layers }: Page, style = ''): string {
  const definitions: string[] = [];
  const define: Define = (write) => {
    const id = `d${definitions.length + 1}`;
    // The place is kept before what it holds takes one.
    const at = definitions.push('') - 1;
    definitions[at] = write(id);
    return `url(#${id})`;
  };
  const drawn = layers
    .filter(({ shapes }) => shapes.length > 0)
    .flatMap(({ id, shapes }) => [
      `<g id="${escapeXml(id)}">`,
      ...shapes.map((shape) => writeShape(shape, define)),
      '</g>',
    ]);
  const [wide, high] = [mm(width), mm(height)];
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${wide}mm" height="${high}mm" viewBox="0 0 ${wide} ${high}" fill="none" font-family="sans-serif">`,
    `<title>${escapeXml(title)}</title>`,
    ...(style === '' ? [] : [`<style>${style}</style>`]),
    ...(definitions.length > 0 ? ['<defs>', ...definitions, '</defs>'] : []),
    ...drawn,
    '</svg>',
    '',
  ].join('\n');
}

/** Keeps what is referred to, and gives the reference. */
type Define = (write: (id: string) => string) => string;

/** Millimetres of ticks, to a tenth of a micrometre. */
const mm = (ticks: number) => String(Number((ticks / TICKS_PER_MILLIMETRE).toFixed(4)));

function writeShape(shape: Shape, define: Define): string {
  switch (shape.kind) {
    case 'group': {
      const inside = shape.shapes.map((each) => writeShape(each, define)).join('\n');
      const clipped = (shape.clips ?? []).reduce(
        (inner, clip) => `<g clip-path="${define(clipPath(clip))}">\n${inner}\n</g>`,
        inside,
      );
      return shape.turn ? `<g${turnOf(shape.turn)}>\n${clipped}\n</g>` : clipped;
    }
    case 'text': {
      const at = `x="${mm(shape.x)}" y="${mm(shape.y)}" font-size="${mm(shape.height)}" fill="${shape.colour}"`;
      const how =
        shape.align === 'centre'
          ? 'text-anchor="middle" dominant-baseline="central"'
          : `font-family="${fontFamilies[shape.lettering]}" font-weight="${letteringWeight}"${shape.advance === undefined ? '' : ` textLength="${mm(shape.advance)}"`}`;
      return `<text ${at} ${how}>${escapeXml(shape.words)}</text>`;
    }
    case 'line': {
      const points = shape.points.map(({ x, y }) => `${mm(x)} ${mm(y)}`);
      return `<path d="M${points.join('L')}"${lookOf(shape, define)}${turnOf(shape.turn)}/>`;
    }
    default:
      return writeArea(shape, lookOf(shape, define));
  }
}

const clipPath = (clip: Area) => (id: string) =>
  `<clipPath id="${id}">${writeArea(clip, ' clip-rule="evenodd"')}</clipPath>`;

function writeArea(area: Area, look: string): string {
  const turn = turnOf(area.turn);
  switch (area.kind) {
    case 'circle':
      return `<circle cx="${mm(area.x)}" cy="${mm(area.y)}" r="${mm(area.radius)}"${look}${turn}/>`;
    case 'outline':
      return `<path d="${area.outline
        .map((polygon) => `M${polygon.map(({ x, y }) => `${mm(x)} ${mm(y)}`).join('L')}Z`)
        .join('')}"${look}${turn}/>`;
    case 'path':
      return `<path d="${placedPath(area, 1 / TICKS_PER_MILLIMETRE)
        .round(4)
        .toString()}"${look}${turn}/>`;
    default:
      throw new TypeError(`writeSvg: unknown ${JSON.stringify(area satisfies never)}`);
  }
}

function lookOf(
  { fill, line }: { fill?: Fill | undefined; line?: Line | undefined },
  define: Define,
) {
  return `${fill ? fillOf(fill, define) : ''}${line ? lineOf(line) : ''}`;
}

function fillOf(fill: Fill, define: Define): string {
  if (fill.kind === 'plain')
    return ` fill="${fill.colour}" fill-rule="evenodd"${opacityOf('fill-opacity', fill.opacity)}`;
  const write = (id: string) =>
    fill.kind === 'tiles' ? tiles(id, fill, define) : gradient(id, fill);
  return ` fill="${define(write)}" fill-rule="evenodd"`;
}

function gradient(id: string, fill: Extract<Fill, { kind: 'gradient' | 'rings' }>): string {
  const each = fill.stops.map(
    ({ at, colour, opacity }) =>
      `<stop offset="${at}" stop-color="${colour}"${opacityOf('stop-opacity', opacity)}/>`,
  );
  if (fill.kind === 'rings')
    return `<radialGradient id="${id}" gradientUnits="userSpaceOnUse" cx="${mm(fill.at.x)}" cy="${mm(fill.at.y)}" r="${mm(fill.radius)}">${each.join('')}</radialGradient>`;
  const { from, to } = fill;
  return `<linearGradient id="${id}" gradientUnits="userSpaceOnUse" x1="${mm(from.x)}" y1="${mm(from.y)}" x2="${mm(to.x)}" y2="${mm(to.y)}">${each.join('')}</linearGradient>`;
}

function tiles(
  id: string,
  { width, height, shapes }: Extract<Fill, { kind: 'tiles' }>,
  define: Define,
): string {
  return `<pattern id="${id}" patternUnits="userSpaceOnUse" width="${mm(width)}" height="${mm(height)}">${shapes.map((shape) => writeShape(shape, define)).join('')}</pattern>`;
}

function lineOf({ colour, width, dash, opacity, isHairline, isRound }: Line): string {
  const unit = isHairline ? hair : 1;
  const dashes = dash ? ` stroke-dasharray="${dash.map((each) => mm(each * unit)).join(' ')}"` : '';
  return ` stroke="${colour}" stroke-width="${mm(width * unit)}"${dashes}${isRound ? ' stroke-linecap="round" stroke-linejoin="round"' : ''}${opacityOf('stroke-opacity', opacity)}`;
}

const opacityOf = (name: string, opacity: number | undefined) =>
  opacity === undefined ? '' : ` ${name}="${opacity}"`;

const turnOf = (turn: Turn | undefined) =>
  turn && turn.degrees !== 0
    ? ` transform="rotate(${turn.degrees} ${mm(turn.x)} ${mm(turn.y)})"`
    : '';
