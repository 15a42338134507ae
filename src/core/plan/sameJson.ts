/** Whether two parts of plans are alike: they are JSON made by one schema, so that is the same text. */
export function sameJson(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
