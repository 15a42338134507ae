import type { Insisted } from './applyOverrides';
import type { Arrow } from './arrow';
import { arrowsFrom, shortestWay, smallestCircle } from './circles';
import { arrowKey, type RuledArrow } from './ruledArrows';

/** What a designer insists on, against a rule. */
export interface Breach {
  readonly insisted: Insisted;
  readonly rule: RuledArrow;
}

/** What cannot stand together: the fewest steps and rules that go in a circle. */
export interface Contradiction {
  readonly circle: readonly (RuledArrow | Insisted)[];
}

export interface SettledOrder {
  /** In no circle: all that is insisted on and can be, and the rules that can stand beside it. */
  readonly arrows: readonly Arrow[];
  readonly breaches: readonly Breach[];
  readonly contradictions: readonly Contradiction[];
}

/**
 * Puts what the designer insists on before the rules: of each way of rules that leads back from a step to one it is to come
 * after, one is given up, the one that is only worth a look where there is such a one. What is insisted on against itself is
 * told, and the later of it given up; so are rules that contradict each other.
 */
export function settleOrder(
  ruled: readonly RuledArrow[],
  insisted: readonly Insisted[],
): SettledOrder {
  const contradictions: Contradiction[] = [];
  const breaches: Breach[] = [];
  let rules = ruled;
  for (let circle = smallestCircle(rules); circle !== undefined; circle = smallestCircle(rules)) {
    contradictions.push({ circle });
    const given = circle.find(({ weight }) => weight === 'look') ?? circle.at(-1);
    rules = rules.filter((each) => each !== given);
  }
  let kept: readonly Insisted[] = [];
  for (const wish of insisted) {
    for (;;) {
      const way = shortestWay<RuledArrow | Insisted>(
        arrowsFrom<RuledArrow | Insisted>([...rules, ...kept]),
        wish.then,
        wish.before,
      );
      if (!way) {
        kept = [...kept, wish];
        break;
      }
      const own = way.filter((each): each is RuledArrow => 'rule' in each);
      const given = own.find(({ weight }) => weight === 'look') ?? own.at(-1);
      if (!given) {
        contradictions.push({ circle: [wish, ...way] });
        break;
      }
      // One that waits until all is dry keeps what is only worth a look.
      if (given.weight === 'stop' || wish.wait !== 'dry')
        breaches.push({ insisted: wish, rule: given });
      rules = rules.filter((each) => each !== given);
    }
  }
  const wished = new Set(kept.map(arrowKey));
  return {
    arrows: [...rules.filter((each) => !wished.has(arrowKey(each))), ...kept.map(longest)],
    breaches,
    contradictions,
  };

  /** Where a rule says the same, the longer wait counts. */
  function longest(wish: Insisted): Arrow {
    const same = rules.find((each) => arrowKey(each) === arrowKey(wish));
    return same && wish.wait === 'none' ? { ...same } : wish;
  }
}
