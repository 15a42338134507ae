import { childrenOf, tagOf, textOf, type Attributes, type SvgNode } from './svgNode';

/** What paints a shape, as it is handed down from the groups it is in. */
export interface SvgStyle {
  /** Hex, or undefined where it is not filled. */
  readonly fill: string | undefined;
  readonly stroke: string | undefined;
  /** In the units of the shape. */
  readonly strokeWidth: number;
}

/** As a drawing begins, by SVG 2. */
export const plainStyle: SvgStyle = { fill: '#000000', stroke: undefined, strokeWidth: 1 };

type Declarations = Readonly<Record<string, string | undefined>>;
/** Rules of one class each, which is what drawing programs write. */
export type ClassRules = ReadonlyMap<string, Declarations>;

/** The rules of the style sheets in a drawing. */
export function classRules(node: SvgNode): ClassRules {
  const rules = new Map<string, Declarations>();
  const sheets = (each: SvgNode): readonly string[] =>
    tagOf(each).toLowerCase() === 'style' ? [textOf(each)] : childrenOf(each).flatMap(sheets);
  for (const [, names = '', body = ''] of sheets(node)
    .join('\n')
    .matchAll(/([^{}]+)\{([^}]*)\}/g))
    for (const [, name = ''] of names.matchAll(/(?:^|,)\s*\.([\w-]+)\s*(?=,|$)/g))
      rules.set(name, { ...rules.get(name), ...declarationsOf(body) });
  return rules;
}

function declarationsOf(text: string): Declarations {
  return Object.fromEntries(
    text.split(';').flatMap((each) => {
      const [name, value] = each.split(':');
      return name !== undefined && value !== undefined
        ? [[name.trim().toLowerCase(), value.replace('!important', '').trim()]]
        : [];
    }),
  );
}

/** What is said of an element itself: attributes, over them its classes, over them its own style. */
export function declared(attributes: Attributes, rules: ClassRules): Declarations {
  const classes = (attributes['class'] ?? '').split(/\s+/).map((name) => rules.get(name) ?? {});
  return Object.assign({}, attributes, ...classes, declarationsOf(attributes['style'] ?? ''));
}

/** The style of an element in a group of such a style. */
export function styleOf(said: Declarations, outer: SvgStyle): SvgStyle {
  const width = Number.parseFloat(said['stroke-width'] ?? '');
  return {
    fill: paintOf(said['fill'], outer.fill),
    stroke: paintOf(said['stroke'], outer.stroke),
    strokeWidth: Number.isFinite(width) && width >= 0 ? width : outer.strokeWidth,
  };
}

/** A gradient or pattern is shown in a grey, as is a colour by a name not known. */
const otherPaint = '#7a8286';

/** The names of colours drawing programs still write; CSS Color 4. */
const named: Readonly<Record<string, string>> = {
  black: '#000000',
  white: '#ffffff',
  red: '#ff0000',
  lime: '#00ff00',
  green: '#008000',
  blue: '#0000ff',
  yellow: '#ffff00',
  cyan: '#00ffff',
  magenta: '#ff00ff',
  gray: '#808080',
  grey: '#808080',
  orange: '#ffa500',
  brown: '#a52a2a',
  pink: '#ffc0cb',
  purple: '#800080',
};

function paintOf(said: string | undefined, outer: string | undefined): string | undefined {
  const paint = said?.trim().toLowerCase();
  if (paint === undefined || paint === '' || paint === 'inherit') return outer;
  if (paint === 'none' || paint === 'transparent') return undefined;
  const short = /^#([\da-f])([\da-f])([\da-f])$/.exec(paint);
  if (short)
    return `#${short
      .slice(1)
      .map((digit) => digit + digit)
      .join('')}`;
  if (/^#[\da-f]{6}$/.test(paint)) return paint;
  const rgb = /^rgb\(\s*(\d+)[\s,]+(\d+)[\s,]+(\d+)\s*\)$/.exec(paint);
  if (rgb)
    return `#${rgb
      .slice(1)
      .map((part) => Math.min(255, Number(part)).toString(16).padStart(2, '0'))
      .join('')}`;
  return named[paint] ?? otherPaint;
}
