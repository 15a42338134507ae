import svgpath from 'svgpath';
import { pathIssue } from '../geometry/flattenPath';
import { pathOf } from './basicShape';
import type { SvgIssue } from './svgIssue';
import { attributesOf, childrenOf, tagOf, type Attributes, type SvgNode } from './svgNode';
import {
  classRules,
  declared,
  plainStyle,
  styleOf,
  type ClassRules,
  type SvgStyle,
} from './svgStyle';

/** A shape of a drawing where it is drawn, in units of the drawing. */
export interface SvgShape extends SvgStyle {
  readonly path: string;
  /** What the outermost named group it is in is called. */
  readonly group: string | undefined;
}

export type CollectedShapes =
  | { readonly ok: true; readonly shapes: readonly SvgShape[] }
  | { readonly ok: false; readonly issue: SvgIssue };

/** Of path data that is drawn, in characters. */
const mostPath = 240_000;
/** Elements inside one another. */
const deepest = 60;
/** Shapes one can be shown again by. */
const mostUses = 2000;

interface Outer {
  /** The innermost first. */
  readonly transforms: readonly string[];
  readonly style: SvgStyle;
  readonly group: string | undefined;
  readonly depth: number;
  /** Inside what is shown by a reference, definitions are drawn. */
  readonly isUsed: boolean;
}

/**
 * Paths and basic shapes of a drawing, with the transforms and styles of the groups they are in and what is shown by a
 * reference within the file. What is not drawn (definitions, clip paths, masks, text) is passed over; scripts,
 * references to elsewhere and pictures are refused.
 */
export function collectShapes(root: SvgNode): CollectedShapes {
  const found: Found = {
    shapes: [],
    length: 0,
    uses: 0,
    issue: undefined,
    rules: classRules(root),
    byId: new Map(namedIn(root)),
  };
  collect(
    root,
    { transforms: [], style: plainStyle, group: undefined, depth: 0, isUsed: false },
    found,
  );
  return found.issue ? { ok: false, issue: found.issue } : { ok: true, shapes: found.shapes };
}

interface Found {
  readonly shapes: SvgShape[];
  length: number;
  uses: number;
  issue: SvgIssue | undefined;
  readonly rules: ClassRules;
  readonly byId: ReadonlyMap<string, SvgNode>;
}

function namedIn(node: SvgNode): readonly (readonly [string, SvgNode])[] {
  const { id } = attributesOf(node);
  const inside = childrenOf(node).flatMap(namedIn);
  return id === undefined ? inside : [[id, node], ...inside];
}

const notDrawn = new Set(
  'defs clippath mask pattern marker text style title desc metadata'.split(' '),
);

function collect(node: SvgNode, outer: Outer, found: Found): void {
  const tag = tagOf(node).toLowerCase();
  if (found.issue || tag.startsWith('#') || tag.startsWith('?') || notDrawn.has(tag)) return;
  if (tag === 'symbol' && !outer.isUsed) return;
  if (outer.depth > deepest) {
    found.issue = { code: 'too-detailed' };
    return;
  }
  const attributes = attributesOf(node);
  found.issue = forbidden(tag, attributes);
  const said = declared(attributes, found.rules);
  if (found.issue || said['display'] === 'none' || said['visibility'] === 'hidden') return;
  const { transform } = attributes;
  const inner: Outer = {
    transforms: transform === undefined ? outer.transforms : [transform, ...outer.transforms],
    style: styleOf(said, outer.style),
    group: outer.group ?? (tag === 'g' ? nameOf(attributes) : undefined),
    depth: outer.depth + 1,
    isUsed: outer.isUsed,
  };
  if (tag === 'use') use(attributes, inner, found);
  const path = pathOf(tag, attributes);
  if (path !== undefined) take(path, inner, found);
  for (const child of childrenOf(node)) collect(child, inner, found);
}

function take(path: string, { transforms, style, group }: Outer, found: Found): void {
  found.length += path.length;
  // Told before it is drawn, since drawing so much takes long.
  if (found.length > mostPath) {
    found.issue = { code: 'too-detailed' };
    return;
  }
  const reason = pathIssue(path);
  if (reason !== undefined) {
    const at = Number(/at pos (\d+)/.exec(reason)?.[1] ?? 0) + 1;
    found.issue = { code: 'bad-path', beginning: path.slice(0, 24), at };
    return;
  }
  const drawn = transforms.reduce((done, each) => done.transform(each), svgpath(path)).toString();
  found.shapes.push({
    ...style,
    path: drawn,
    group,
    strokeWidth: style.strokeWidth * widening(transforms),
  });
}

/** Shows what is named elsewhere in the file once more. */
function use(attributes: Attributes, outer: Outer, found: Found): void {
  const target = found.byId.get(referenceOf(attributes)?.slice(1) ?? '');
  found.uses += 1;
  if (found.uses > mostUses) found.issue = { code: 'too-detailed' };
  if (!target || found.issue) return;
  const move = `translate(${Number.parseFloat(attributes['x'] ?? '0') || 0} ${Number.parseFloat(attributes['y'] ?? '0') || 0})`;
  collect(target, { ...outer, transforms: [move, ...outer.transforms], isUsed: true }, found);
}

/** How much wider lines are drawn: the square root of how much an area grows. */
function widening(transforms: readonly string[]): number {
  const unit = transforms.reduce((done, each) => done.transform(each), svgpath('M0 0L1 0L0 1'));
  const [[x0 = 0, y0 = 0] = [], [x1 = 0, y1 = 0] = [], [x2 = 0, y2 = 0] = []] = points(unit);
  return Math.sqrt(Math.abs((x1 - x0) * (y2 - y0) - (x2 - x0) * (y1 - y0)));
}

function points(path: ReturnType<typeof svgpath>): readonly (readonly number[])[] {
  const found: (readonly number[])[] = [];
  path.abs().iterate(([command, x, y], _index, beforeX, beforeY) => {
    found.push([
      command === 'V' ? beforeX : Number(x),
      command === 'H' ? beforeY : Number(command === 'V' ? x : y),
    ]);
  });
  return found;
}

const referenceOf = (attributes: Attributes) => attributes['href'] ?? attributes['xlink:href'];

/** Drawing programs keep the name of a layer beside its id. */
const nameOf = (attributes: Attributes) =>
  attributes['inkscape:label'] ?? attributes['data-name'] ?? attributes['id'];

function forbidden(tag: string, attributes: Attributes): SvgIssue | undefined {
  if (tag === 'script' || Object.keys(attributes).some((key) => /^on/i.test(key)))
    return { code: 'script' };
  const reference = referenceOf(attributes);
  const isElsewhere = reference !== undefined && !reference.startsWith('#');
  if (isElsewhere || tag === 'image' || tag === 'foreignobject') return { code: 'external' };
  return undefined;
}
