import { cleanText } from './cleanText';

/** JSON as it may be taken in, or why not. */
export type ReadJson =
  | { readonly ok: true; readonly value: unknown }
  | { readonly ok: false; readonly code: 'not-json' | 'too-deep' };

/** Lists and objects inside one another; our own documents have a dozen. */
export const deepestJson = 60;

/**
 * Parses JSON that comes from outside: every text in it is cleaned, and what is nested deeper than anything of ours is
 * refused, since reading it further would only exhaust the stack.
 */
export function readJson(text: string): ReadJson {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { ok: false, code: 'not-json' };
  }
  return isDeeper(value, deepestJson)
    ? { ok: false, code: 'too-deep' }
    : { ok: true, value: cleanJson(value) };
}

/** The same value with every text cleaned; what was clean already comes back as it is. */
export function cleanJson<Value>(value: Value): Value {
  return clean(value) as Value;
}

function clean(value: unknown): unknown {
  if (typeof value === 'string') return cleanText(value);
  if (Array.isArray(value)) {
    const items = value.map(clean);
    return items.every((item, at) => item === value[at]) ? value : items;
  }
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value);
  const cleaned = entries.map(([key, item]) => [cleanText(key), clean(item)] as const);
  const isSame = cleaned.every(
    ([key, item], at) => key === entries[at]?.[0] && item === entries[at]?.[1],
  );
  return isSame ? value : Object.fromEntries(cleaned);
}

/** Level by level rather than by recursion, so that depth itself costs no stack. */
function isDeeper(value: unknown, most: number): boolean {
  let level = [value].filter(isNested);
  for (let depth = 1; level.length > 0; depth++) {
    if (depth > most) return true;
    level = level.flatMap((each) => Object.values(each).filter(isNested));
  }
  return false;
}

const isNested = (value: unknown): value is object => typeof value === 'object' && value !== null;
