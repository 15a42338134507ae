import { XMLParser, XMLValidator } from 'fast-xml-parser';
import type { SvgIssue } from './svgIssue';

/** An element as the reader gives it: one key names it and holds its children, `:@` its attributes. */
export type SvgNode = Readonly<Record<string, unknown>>;
export type Attributes = Readonly<Record<string, string | undefined>>;

export const attributesOf = (node: SvgNode): Attributes => (node[':@'] ?? {}) as Attributes;

export function tagOf(node: SvgNode): string {
  return Object.keys(node).find((key) => key !== ':@') ?? '#';
}

export function childrenOf(node: SvgNode): readonly SvgNode[] {
  const children = node[tagOf(node)];
  return Array.isArray(children) ? (children as SvgNode[]) : [];
}

/** What is written between its tags. */
export function textOf(node: SvgNode): string {
  return childrenOf(node)
    .map((child) => String(child['#text'] ?? child['__cdata'] ?? ''))
    .join('');
}

/** Characters; an outline of a die has a few thousand. */
const mostCharacters = 1_000_000;

const parser = new XMLParser({
  preserveOrder: true,
  ignoreAttributes: false,
  attributeNamePrefix: '',
  processEntities: false,
  parseTagValue: false,
  parseAttributeValue: false,
  cdataPropName: '__cdata',
});

export type SvgRoot =
  { readonly ok: true; readonly root: SvgNode } | { readonly ok: false; readonly issue: SvgIssue };

/** The drawing of a file. A plain document type, as old drawing programs write it, is passed over; one that defines entities is refused. */
export function parseSvg(text: string): SvgRoot {
  if (text.length > mostCharacters) return { ok: false, issue: { code: 'too-large' } };
  const plain = text.replace(/<!DOCTYPE\s+svg\b[^[<>]*>/i, '');
  if (/<!(DOCTYPE|ENTITY)/i.test(plain)) return { ok: false, issue: { code: 'entities' } };
  if (!/<svg[\s>]/i.test(plain)) return { ok: false, issue: { code: 'no-svg' } };
  const valid = XMLValidator.validate(plain);
  if (valid !== true) return { ok: false, issue: { code: 'broken', line: valid.err.line } };
  const root = (parser.parse(plain) as SvgNode[]).find((node) => tagOf(node) === 'svg');
  return root ? { ok: true, root } : { ok: false, issue: { code: 'no-svg' } };
}
