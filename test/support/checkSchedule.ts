import type { Placed, ScheduleProblem } from '../../src/core/schedule/scheduleProblem';

/**
 * What is wrong with a schedule, in words; nothing where it is lawful. It shares no code with what makes schedules: it
 * counts unit by unit, so times have to be whole numbers.
 */
export function faultsOf(
  { activities, resources, sameOrder = [] }: ScheduleProblem,
  placed: ReadonlyMap<string, Placed>,
): readonly string[] {
  const faults: string[] = [];
  const at = (id: string) => placed.get(id) ?? { start: NaN, end: NaN };
  const isOpenAt = (resource: string, unit: number) => {
    const open = resources.find(({ id }) => id === resource)?.open;
    return !open || open.some(({ from, to }) => from <= unit && unit < to);
  };
  const last = Math.max(0, ...[...placed.values()].map(({ end }) => end));
  for (const { id, duration, after, needs, mayPause, notBefore = 0 } of activities) {
    const { start, end } = at(id);
    if (!(start >= notBefore)) faults.push(`${id} starts at ${start}`);
    let worked = 0;
    for (let unit = start; unit < end; unit += 1) {
      const isOpen = needs.every(({ resource }) => isOpenAt(resource, unit));
      if (isOpen) worked += 1;
      else if (!mayPause) faults.push(`${id} is done at ${unit}, which is closed`);
    }
    if (worked !== duration) faults.push(`${id} gets ${worked} of ${duration}`);
    for (const { after: before, least, most = Infinity } of after) {
      const lag = start - at(before).end;
      if (!(lag >= least && lag <= most)) faults.push(`${id} starts ${lag} after ${before}`);
    }
  }
  for (const { id, capacity } of resources)
    for (let unit = 0; unit < last; unit += 1) {
      const taken = activities
        .filter((each) => at(each.id).start <= unit && unit < at(each.id).end)
        .flatMap(({ needs }) => needs.filter(({ resource }) => resource === id))
        .reduce((sum, { amount }) => sum + amount, 0);
      if (taken > capacity) faults.push(`${id} holds ${taken} at ${unit}`);
    }
  for (const machines of sameOrder) {
    const orders = machines.map((machine) =>
      activities
        .filter(({ needs }) => needs.some(({ resource }) => resource === machine))
        .toSorted((a, b) => at(a.id).start - at(b.id).start)
        .map(({ job }) => job)
        .join(' '),
    );
    if (new Set(orders).size > 1) faults.push(`orders differ: ${orders.join(', ')}`);
  }
  return faults;
}
