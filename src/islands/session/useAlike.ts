import { useState } from 'react';
import { sameJson } from '../../core/plan/sameJson';

/** What says the same as before stays the same object. */
export function useAlike<Thing>(now: Thing): Thing {
  const [kept, setKept] = useState(now);
  if (now === kept) return kept;
  const isAlike = sameJson(now, kept);
  if (!isAlike) setKept(now);
  return isAlike ? kept : now;
}
