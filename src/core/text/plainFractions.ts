/**
 * Fractions with a plain stroke, as one types them and as every font has it.
 * @example plainFractions('4 1\u20444') // '4 1/4'
 */
export function plainFractions(text: string): string {
  return text.replaceAll('\u2044', '/');
}
