import type { LengthIssue } from '../../core/length/lengthIssue';

/** What a field refuses beyond what the parser does. */
export interface FieldIssue {
  readonly code: 'zero';
  readonly at: number;
  readonly to: number;
}

/** What is wrong with a typed figure and how to mend it, quoting the place. */
export function lengthIssueSentence(
  { code, at, to }: LengthIssue | FieldIssue,
  typed: string,
): string {
  const place = typed.slice(at, to).trim();
  switch (code) {
    case 'empty':
      return 'Type a figure, such as 4 1/8 or 105 mm.';
    case 'unknown-character':
      return `“${place}” does not belong in a figure. Use digits, a fraction, in, mm or cm.`;
    case 'unexpected':
      return `“${place}” does not fit here. Take it out, or put + − x before it.`;
    case 'unfinished':
      return /[/⁄]\s*$/u.test(typed)
        ? 'This fraction is not finished. Type its lower figure, as in 4 1/8.'
        : 'Something is missing at the end. Finish the figure or the sum.';
    case 'zero-denominator':
      return 'Nothing can be divided by 0. Change the lower figure.';
    case 'improper-in-mixed':
      return `“${place}” is a whole or more. Carry it over to the figure before it.`;
    case 'decimal-with-fraction':
      return `“${place}” mixes a decimal with a fraction. Use one of them.`;
    case 'two-lengths':
      return 'Two lengths cannot be multiplied. One side of x must be a plain count.';
    case 'two-figures':
      return `One figure is wanted here; “${place}” begins a second.`;
    case 'one-figure':
      return 'Two figures are wanted here. Type width x height.';
    case 'negative':
      return 'The figure is less than nothing. Turn the sum round.';
    case 'zero':
      return 'Nothing at all will not do here. Type a figure above 0.';
    case 'too-long':
      return 'That is longer than ten metres. Check the unit.';
    case 'too-many-characters':
      return 'That is too much text for a figure. Use 80 characters at most.';
    default:
      throw new TypeError(`lengthIssueSentence: unknown code ${code satisfies never}`);
  }
}
