/** Why a typed figure was refused; the sentence is chosen where it is shown. */
export const lengthIssueCodes = [
  'empty',
  'unknown-character',
  'unexpected',
  'unfinished',
  'zero-denominator',
  'improper-in-mixed',
  'decimal-with-fraction',
  'two-lengths',
  'two-figures',
  'one-figure',
  'negative',
  'too-long',
  'too-many-characters',
] as const;

export type LengthIssueCode = (typeof lengthIssueCodes)[number];

/** The reason and the place: `at` and `to` are offsets into the text as typed, end exclusive. */
export interface LengthIssue {
  readonly code: LengthIssueCode;
  readonly at: number;
  readonly to: number;
}

/** Thrown inside the parser only; the public functions return it as a value. */
export class LengthSyntaxError extends Error {
  constructor(readonly issue: LengthIssue) {
    super(`${issue.code} at ${issue.at}`);
  }
}

export function refuse(code: LengthIssueCode, at: number, to: number): never {
  throw new LengthSyntaxError({ code, at, to });
}
