import { readColour } from '../colour/readColour';
import { isValid } from 'date-fns/isValid';
import { parseISO } from 'date-fns/parseISO';
import { parseLength, parseSize } from '../length/parseLength';
import type { Length, Unit } from '../length/length';
import { asTyped } from '../length/typedLength';
import { writeExact } from '../length/writeExact';
import type { LibraryItem } from '../plan/libraryItem';

/** What a text for a field means: what it changes of the item, or a sentence on what it may be. */
export type FieldWritten =
  | { readonly ok: true; readonly change: Readonly<Record<string, unknown>> }
  | { readonly ok: false; readonly issue: string };

/** One property of an item as a text: the same for the form, the table and a file. */
export interface ItemField {
  /** Its name in a file. */
  readonly key: string;
  readonly label: string;
  /** How it is entered; a file has text for all of them. */
  readonly entry: 'text' | 'choice' | 'colour' | 'day';
  readonly choices: readonly string[];
  /** Whether it may be empty. */
  readonly isOptional: boolean;
  readonly read: (item: LibraryItem) => string;
  /** A bare number is in the leading unit. */
  readonly write: (text: string, leading: Unit) => FieldWritten;
}

const plain = { entry: 'text', choices: [], isOptional: false } as const;

export const refuse = (issue: string): FieldWritten => ({ ok: false, issue });
export const change = (values: Readonly<Record<string, unknown>>): FieldWritten => ({
  ok: true,
  change: values,
});

/** The property of an item that holds that name, whatever its kind. */
export function propertyOf(item: LibraryItem, name: string): unknown {
  return (item as Readonly<Record<string, unknown>>)[name];
}

export const nameField: ItemField = {
  ...plain,
  key: 'name',
  label: 'Name',
  read: ({ name }) => name,
  write: (text) => {
    const name = text.trim();
    return name === '' || name.length > 60
      ? refuse('A name has 1 to 60 characters.')
      : change({ name });
  },
};

export function choiceField(key: string, label: string, choices: readonly string[]): ItemField {
  return {
    ...plain,
    key,
    label,
    entry: 'choice',
    choices,
    read: (item) => String(propertyOf(item, key) ?? ''),
    write: (text) => {
      const wanted = text.trim().toLowerCase();
      const found = choices.find((choice) => choice === wanted);
      return found === undefined
        ? refuse(`${label} is one of: ${choices.join(', ')}.`)
        : change({ [key]: found });
    },
  };
}

export function colourField(key: string, label: string, isOptional = false): ItemField {
  return {
    ...plain,
    key,
    label,
    entry: 'colour',
    isOptional,
    read: (item) => String(propertyOf(item, key) ?? ''),
    write: (text) => {
      if (isOptional && text.trim() === '') return change({ [key]: null });
      const read = readColour(text);
      return read === undefined
        ? refuse(`${label} is a colour such as #5c2e4b, a name such as teal, or L 52 a 30 b -12.`)
        : change({ [key]: read });
    },
  };
}

/** Lengths are written so that they read back the same. */
export function lengthField(key: string, label: string, isOptional = false): ItemField {
  return {
    ...plain,
    key,
    label,
    isOptional,
    read: (item) => {
      const value = propertyOf(item, key) as { readonly ticks: Length } | null | undefined;
      return value ? writeExact(value.ticks) : '';
    },
    write: (text, leading) => {
      if (isOptional && text.trim() === '') return change({ [key]: null });
      const parsed = parseLength(text, leading);
      return parsed.ok && parsed.length > 0
        ? change({ [key]: asTyped(parsed.length) })
        : refuse(`${label} is a length such as 12 in or 0.3 mm.`);
    },
  };
}

/** One end of the sale period. */
export function saleField(end: 'from' | 'until', label: string): ItemField {
  return {
    ...plain,
    key: `sold ${end}`,
    label,
    entry: 'day',
    isOptional: true,
    read: (item) => item.sale[end] ?? '',
    write: (text) => {
      const day = text.trim();
      return day === '' || isDay(day)
        ? change({ sale: { [end]: day === '' ? null : day } })
        : refuse(`${label} is a day such as 2027-03-12.`);
    },
  };
}

/** A day of the calendar as year-month-day: the 31st of February is none. */
function isDay(text: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && isValid(parseISO(text));
}

/** A size such as `4 x 5 1/4 in`; undefined for what is none, or has no extent. */
export function readSize(text: string, leading: Unit) {
  const parsed = parseSize(text, leading);
  if (!parsed.ok || parsed.width.length === 0 || parsed.height.length === 0) return undefined;
  return { width: asTyped(parsed.width.length), height: asTyped(parsed.height.length) };
}
