/** A plan, or a part of one, as some older version wrote it. */
export type Document = Readonly<Record<string, unknown>>;

export function isObject(value: unknown): value is Document {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** The objects of a list; none where it is no list. */
export function objectsIn(value: unknown): readonly Document[] {
  return Array.isArray(value) ? value.filter(isObject) : [];
}
