import type { PartAt } from '../inking/colourParts';
import { nearestColours } from '../inking/nearestColours';
import { recolour } from '../inking/recolour';
import { inksOf } from '../kinds/coat';
import type { Library } from '../plan/library';
import type { Ink } from '../plan/libraryItem';
import { outOf } from '../plan/plainColours';
import type { RuleInput } from './finding';
import type { Remedy } from './remedy';

/** The ink nearest to a colour among those that do. @param ground what each is seen on, `#rrggbb` as is the colour */
export function nearestInk(
  library: Library,
  wanted: string,
  ground: string,
  does: (ink: Ink) => boolean,
): Ink | undefined {
  return nearestColours(wanted, inksOf(library).filter(does), 1, ground)[0]?.item;
}

/** Parts printed in another ink of the stash; nothing where there is none. */
export function takeInk(
  { plan }: Pick<RuleInput, 'plan'>,
  at: readonly PartAt[],
  ink: Ink | undefined,
): readonly Remedy[] {
  if (!ink) return [];
  const edit = recolour(plan, at, { kind: 'source', source: outOf(ink) });
  return [{ id: 'take-ink', name: ink.name, edit }];
}
