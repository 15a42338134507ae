import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { svgPathBbox } from 'svg-path-bbox';
import svgpath from 'svgpath';
import { TICKS_PER_INCH, TICKS_PER_MILLIMETRE, type Size, lengthFromTicks } from '../length/length';
import type { DieSet } from '../plan/libraryItem';
import { flattenPath, pathIssue } from '../geometry/flattenPath';

export type SvgIssue =
  | { readonly code: 'too-large' }
  | { readonly code: 'no-svg' }
  /** Broken, with what the reader says and the line. */
  | { readonly code: 'broken'; readonly reason: string; readonly line: number }
  | { readonly code: 'entities' }
  | { readonly code: 'script' }
  | { readonly code: 'external' }
  | { readonly code: 'bad-path'; readonly reason: string }
  | { readonly code: 'no-outline' }
  | { readonly code: 'too-detailed' };

export type ReadSvgOutline =
  | {
      readonly ok: true;
      readonly shape: NonNullable<DieSet['shape']>;
      /** The true size of the outline, where the file says in what unit it is drawn. */
      readonly size: Size | undefined;
      /** How many paths were open and have been closed. */
      readonly closed: number;
    }
  | { readonly ok: false; readonly issue: SvgIssue };

/** Characters; an outline of a die has a few thousand. */
const mostCharacters = 1_000_000;
/** Of path data that is kept. */
const mostPath = 60_000;
/** Elements inside one another. */
const deepest = 60;

/**
 * Reads the outline of an SVG drawing: paths and basic shapes, with the transforms of the groups they are in,
 * cleaned to closed paths and moved to the corner of a box of their own. What is not drawn (definitions, clip
 * paths, masks, text) is passed over; scripts, references to elsewhere, pictures and entities are refused.
 */
export function readSvgOutline(text: string): ReadSvgOutline {
  const issue = issueOf(text);
  if (issue) return { ok: false, issue };
  const root = (parser.parse(text) as Node[]).find((node) => tagOf(node) === 'svg');
  if (!root) return fail({ code: 'no-svg' });
  const found: Found = { paths: [], length: 0, issue: undefined };
  collect(root, [], 0, found);
  if (found.issue) return fail(found.issue);
  const { path, closed } = cleaned(found.paths);
  if (path === '') return fail({ code: 'no-outline' });
  const [x0, y0, x1, y1] = svgPathBbox(path);
  const [width, height] = [x1 - x0, y1 - y0];
  if (!(width > 0 && height > 0)) return fail({ code: 'no-outline' });
  // A thousand units to the longer side keep a tenth of a unit finer than any die is cut.
  const scale = 1000 / Math.max(width, height);
  const outline = svgpath(path).translate(-x0, -y0).scale(scale).round(2).toString();
  if (outline.length > mostPath) return fail({ code: 'too-detailed' });
  const ticks = ticksPerUnit(root);
  const size =
    ticks === undefined
      ? undefined
      : {
          width: lengthFromTicks(Math.round(width * ticks)),
          height: lengthFromTicks(Math.round(height * ticks)),
        };
  const box = { width: round(width * scale), height: round(height * scale) };
  return { ok: true, shape: { box, outline }, size, closed };
}

/** An element as the reader gives it: one key names it and holds its children, `:@` its attributes. */
type Node = Readonly<Record<string, unknown>>;

const parser = new XMLParser({
  preserveOrder: true,
  ignoreAttributes: false,
  attributeNamePrefix: '',
  processEntities: false,
  parseTagValue: false,
  parseAttributeValue: false,
});

const round = (value: number) => Math.round(value * 100) / 100;
const fail = (issue: SvgIssue): ReadSvgOutline => ({ ok: false, issue });

function issueOf(text: string): SvgIssue | undefined {
  if (text.length > mostCharacters) return { code: 'too-large' };
  if (/<!(DOCTYPE|ENTITY)/i.test(text)) return { code: 'entities' };
  if (!/<svg[\s>]/i.test(text)) return { code: 'no-svg' };
  const valid = XMLValidator.validate(text);
  return valid === true
    ? undefined
    : { code: 'broken', reason: valid.err.msg, line: valid.err.line };
}

interface Found {
  readonly paths: string[];
  /** Of the path data so far, in characters. */
  length: number;
  issue: SvgIssue | undefined;
}

const notDrawn = new Set([
  'defs',
  'symbol',
  'clippath',
  'mask',
  'pattern',
  'marker',
  'text',
  'style',
]);

function collect(node: Node, transforms: readonly string[], depth: number, found: Found): void {
  const tag = tagOf(node).toLowerCase();
  if (found.issue || tag.startsWith('#') || tag.startsWith('?') || notDrawn.has(tag)) return;
  if (depth > deepest) {
    found.issue = { code: 'too-detailed' };
    return;
  }
  const attributes = attributesOf(node);
  found.issue = forbidden(tag, attributes);
  if (found.issue || isHidden(attributes)) return;
  const { transform } = attributes;
  const own = transform === undefined ? transforms : [transform, ...transforms];
  const path = pathOf(tag, attributes);
  if (path !== undefined) {
    found.length += path.length;
    // Told before it is drawn, since drawing so much takes long.
    if (found.length > mostPath * 4) {
      found.issue = { code: 'too-detailed' };
      return;
    }
    const reason = pathIssue(path);
    if (reason !== undefined) {
      found.issue = { code: 'bad-path', reason };
      return;
    }
    // The innermost transform is done first.
    found.paths.push(own.reduce((drawn, each) => drawn.transform(each), svgpath(path)).toString());
  }
  const children = node[tagOf(node)];
  if (Array.isArray(children))
    for (const child of children as Node[]) collect(child, own, depth + 1, found);
}

function forbidden(tag: string, attributes: Attributes): SvgIssue | undefined {
  if (tag === 'script' || Object.keys(attributes).some((key) => /^on/i.test(key)))
    return { code: 'script' };
  const reference = attributes['href'] ?? attributes['xlink:href'];
  const isElsewhere = reference !== undefined && !reference.startsWith('#');
  if (isElsewhere || tag === 'image' || tag === 'foreignobject' || tag === 'use')
    return { code: 'external' };
  return undefined;
}

const isHidden = ({ display, visibility, style = '' }: Attributes) =>
  display === 'none' || visibility === 'hidden' || /display\s*:\s*none/.test(style);

/** A path, or a basic shape as one; undefined for what draws nothing itself. */
function pathOf(tag: string, attributes: Attributes): string | undefined {
  const at = (key: string) => Number.parseFloat(attributes[key] ?? '0') || 0;
  switch (tag) {
    case 'path':
      return attributes['d']?.trim() || undefined;
    case 'rect': {
      const [x, y, width, height] = [at('x'), at('y'), at('width'), at('height')];
      const given = attributes['rx'] ?? attributes['ry'];
      const r = Math.min(Number.parseFloat(given ?? '0') || 0, width / 2, height / 2);
      if (!(width > 0 && height > 0)) return undefined;
      if (r <= 0) return `M${x} ${y}h${width}v${height}h${-width}Z`;
      const [across, down] = [width - 2 * r, height - 2 * r];
      const arc = (dx: number, dy: number) => `a${r} ${r} 0 0 1 ${dx} ${dy}`;
      return `M${x + r} ${y}h${across}${arc(r, r)}v${down}${arc(-r, r)}h${-across}${arc(-r, -r)}v${-down}${arc(r, -r)}Z`;
    }
    case 'circle':
    case 'ellipse': {
      const rx = tag === 'circle' ? at('r') : at('rx');
      const ry = tag === 'circle' ? at('r') : at('ry');
      if (!(rx > 0 && ry > 0)) return undefined;
      const [cx, cy] = [at('cx'), at('cy')];
      return `M${cx - rx} ${cy}a${rx} ${ry} 0 1 1 ${2 * rx} 0a${rx} ${ry} 0 1 1 ${-2 * rx} 0Z`;
    }
    case 'polygon':
    case 'polyline': {
      const points = attributes['points']?.trim();
      return points ? `M${points}${tag === 'polygon' ? 'Z' : ''}` : undefined;
    }
    default:
      return undefined;
  }
}

/** Each part that encloses something, closed; lines that enclose nothing are left out. */
function cleaned(paths: readonly string[]): { readonly path: string; readonly closed: number } {
  let closed = 0;
  const parts = paths
    .flatMap((path) => svgpath(path).abs().unarc().unshort().toString().split(/(?=M)/))
    .flatMap((part) => {
      if (part.trim() === '' || flattenPath(part).length === 0) return [];
      const isOpen = !/z\s*$/i.test(part);
      if (isOpen) closed += 1;
      return [isOpen ? `${part}Z` : part];
    });
  return { path: parts.join(''), closed };
}

/** CSS: 96 px to the inch, 72 pt. */
const ticksOf: Readonly<Record<string, number>> = {
  in: TICKS_PER_INCH,
  cm: TICKS_PER_MILLIMETRE * 10,
  mm: TICKS_PER_MILLIMETRE,
  pt: TICKS_PER_INCH / 72,
  pc: TICKS_PER_INCH / 6,
};

/** How large a unit of the drawing is, where its width is given in a unit of length. */
function ticksPerUnit(root: Node): number | undefined {
  const { width = '', viewBox } = attributesOf(root);
  const given = /^\s*([\d.]+)\s*(in|cm|mm|pt|pc)\s*$/.exec(width);
  const ticks = ticksOf[given?.[2] ?? ''];
  if (!given || ticks === undefined) return undefined;
  const across = viewBox === undefined ? undefined : Number(viewBox.trim().split(/[\s,]+/)[2]);
  const units = across !== undefined && across > 0 ? across : Number(given[1]);
  return (Number(given[1]) * ticks) / units;
}

type Attributes = Readonly<Record<string, string | undefined>>;

const attributesOf = (node: Node): Attributes => (node[':@'] ?? {}) as Attributes;

function tagOf(node: Node): string {
  return Object.keys(node).find((key) => key !== ':@') ?? '#';
}
