import { writeLength } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { StripTurns } from '../../core/masking/stripTurns';
import type { ScenePoint } from '../../core/plan/scene';
import { countWords } from '../../core/words/countWords';
import { stripWords } from '../../core/words/stripWords';

/** How a point of a line is told. @param line its line's place from the top, from 0 */
export function pointWords({ x, y }: ScenePoint, index: number, line: number, unit: Unit): string {
  const write = (ticks: ScenePoint['x']) => `${writeLength(ticks.ticks, unit)} ${unit}`;
  return `Point ${index + 1} of line ${line + 1}: ${write(x)} from the left, ${write(y)} from the top`;
}

/** How often a strip is laid back, and whether less would do. */
export function turnsWords({ turns, laidBack, fewest, isProven, isSet }: StripTurns): string {
  if (turns.length === 0) return 'Nothing is inked in a strip yet: tick below what goes where.';
  const open = `${countWords(turns.length, 'turn')}${isSet ? ' as set by hand' : ''}`;
  if (laidBack.length === 0) return `${open}, and no strip has to be laid back.`;
  if (laidBack.length > fewest)
    return `${open}; ${stripWords(laidBack)} laid back on dry ink, where ${fewest} would do.`;
  return `${open}; ${stripWords(laidBack)} laid back on dry ink${isProven ? ', fewer is impossible' : ''}.`;
}
