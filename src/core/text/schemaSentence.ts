import type { z } from 'zod';

/** Where a document is wrong first, and how; the path is as in `pieces.2.name`. */
export interface SchemaIssue {
  readonly path: string;
  readonly reason: string;
}

export function firstIssue({ issues: [first] }: z.ZodError): SchemaIssue {
  return { path: first?.path.join('.') ?? '', reason: first?.message ?? 'it does not fit' };
}

/**
 * What is wrong with a value that a schema does not take; the `error` of a parse whose reasons a person reads, so that
 * none of the schema library's own words reach one. What a schema itself says goes before it.
 * @example schemaSentence({ code: 'invalid_type', expected: 'string', input: 7 }) // 'it is a number where a text belongs'
 */
export function schemaSentence(issue: z.core.$ZodRawIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      return issue.input === undefined
        ? 'it is missing'
        : `it is ${valueName(issue.input)} where ${typeName(issue.expected)} belongs`;
    case 'invalid_value':
      return `it is not ${oneOf(issue.values)}`;
    case 'too_big':
      return `it ${verbOf(issue.origin)} more than ${amount(issue.maximum, issue.origin)}`;
    case 'too_small':
      return Number(issue.minimum) === 1 && issue.origin in counted
        ? 'it is empty'
        : `it ${verbOf(issue.origin)} less than ${amount(issue.minimum, issue.origin)}`;
    case 'unrecognized_keys':
      return `it has what does not belong there: ${issue.keys.map(quoted).join(', ')}`;
    case 'not_multiple_of':
      return `it is no multiple of ${issue.divisor}`;
    case 'invalid_union':
      return 'it is of no kind that is known';
    case 'invalid_format':
      return 'it is not written as it should be';
    default:
      return 'it does not fit there';
  }
}

/** What a limit counts, by what is limited; a number is its own. */
const counted: Readonly<Record<string, string>> = {
  string: 'characters',
  array: 'entries',
  map: 'entries',
  record: 'entries',
};

const typeNames: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'a record',
  record: 'a record',
  null: 'nothing',
};

const typeName = (type: string) => typeNames[type] ?? 'something else';

function valueName(value: unknown): string {
  if (value === null) return 'nothing';
  if (Array.isArray(value)) return 'a list';
  if (typeof value === 'number' && !Number.isInteger(value)) return 'a broken number';
  return typeName(typeof value);
}

const verbOf = (origin: string) => (origin in counted ? 'has' : 'is');

function amount(limit: number | bigint, origin: string): string {
  const what = counted[origin];
  return what ? `${limit} ${what}` : `${limit}`;
}

const quoted = (text: unknown) => `“${String(text)}”`;

function oneOf(values: readonly unknown[]): string {
  const [last, ...others] = values.map(quoted).toReversed();
  return others.length > 0 ? `one of ${others.toReversed().join(', ')} or ${last}` : `${last}`;
}
