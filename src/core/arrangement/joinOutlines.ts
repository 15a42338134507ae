import type { Outline } from '../outline/outline';
import { arrange, outlineOfParts } from './arrange';

/** What outlines cover together; exact on whole ticks, where edges that two of them share fall away. */
export function joinOutlines(outlines: readonly Outline[]): Outline {
  return outlineOfParts(arrange(outlines).filter(({ covers }) => covers.length > 0));
}

/** What two outlines both cover, on whole ticks. */
export function sharedOutline(a: Outline, b: Outline): Outline {
  return outlineOfParts(arrange([a, b]).filter(({ covers }) => covers.length === 2));
}
