/** What is there for certain. @throws Error where it is not */
export function must<Value>(value: Value | undefined): Value {
  if (value === undefined) throw new Error('must: expected a value');
  return value;
}
