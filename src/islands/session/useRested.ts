import { useEffect, useState } from 'react';

/** A value as it was when it last stood still for so long; at first, as it is. */
export function useRested<Value>(value: Value, milliseconds: number): Value {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), milliseconds);
    return () => clearTimeout(timer);
  }, [value, milliseconds]);
  return rested;
}
