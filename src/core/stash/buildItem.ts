import type { Unit } from '../length/length';
import { libraryItemSchema, type ItemKind, type LibraryItem } from '../plan/libraryItem';
import { itemFields } from './itemFields';
import { schemaSentence } from '../text/schemaSentence';

export type ItemBuilt =
  | { readonly ok: true; readonly item: LibraryItem }
  | { readonly ok: false; readonly issues: readonly string[] };

/**
 * An item from the texts of its fields, over what it was or over nothing. Fields without a text keep
 * what they were; of a new item those that may be empty are empty.
 */
export function buildItem(
  kind: ItemKind,
  before: LibraryItem | { readonly id: string; readonly version: 1 },
  texts: ReadonlyMap<string, string>,
  leading: Unit,
): ItemBuilt {
  const issues: string[] = [];
  let draft: Record<string, unknown> = { ...before, kind };
  for (const field of itemFields[kind]) {
    const text = texts.get(field.key);
    // What reads as it was stays as it was typed.
    if ('kind' in before && (text === undefined || text === field.read(before))) continue;
    if (text === undefined && !field.isOptional && field.entry !== 'choice') {
      issues.push(`${field.label} is missing.`);
      continue;
    }
    const given = text ?? (field.isOptional ? '' : (field.choices[0] ?? ''));
    const written = field.write(given, leading);
    if (written.ok) draft = mergeChange(draft, written.change);
    else issues.push(written.issue);
  }
  if (issues.length > 0) return { ok: false, issues };
  const parsed = libraryItemSchema.safeParse(draft, { error: schemaSentence });
  return parsed.success
    ? { ok: true, item: parsed.data }
    : {
        ok: false,
        issues: parsed.error.issues.map(({ path, message }) => `${path.join(' ')}: ${message}`),
      };
}

/** The sale period has two ends that are written apart; words keep the letters they are in. */
function mergeChange(
  draft: Record<string, unknown>,
  { sale: period, words, ...rest }: Readonly<Record<string, unknown>>,
) {
  const base = { from: null, until: null, ...(draft['sale'] as object | undefined) };
  const setIn = { lettering: usualLettering, ...(draft['words'] as object | null | undefined) };
  return {
    ...draft,
    ...rest,
    ...(period === undefined ? {} : { sale: { ...base, ...(period as object) } }),
    ...(words === undefined ? {} : { words: words && { ...setIn, ...(words as object) } }),
  };
}

const usualLettering = 'clarendon';
