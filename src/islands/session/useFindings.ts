import { useEffect, useMemo, useState } from 'react';
import type { Finding, Rule, RuleInput } from '../../core/findings/finding';
import { byGravity, runRules } from '../../core/findings/runRules';
import { pieceOfSubject } from '../../core/findings/subject';
import { ruleGroupOf } from '../../core/plan/rules';
import { whenIdle } from '../parts/whenIdle';
import type { Station } from './station';

type ByStation<Value> = Readonly<Record<string, Value>>;

interface Input {
  readonly stations: readonly Station[];
  /** The station one is at; its rules are run with each change, the others when the page is idle. */
  readonly view: string;
  readonly input: RuleInput;
  /** As the server found them; undefined where it did not look. */
  readonly start: readonly Finding[] | undefined;
}

/** What the rules find, the gravest first; undefined while nothing was looked for yet. */
export function useFindings({ stations, view, input, start }: Input) {
  const rules = useRules(stations, view);
  const [found, setFound] = useState(() => start && byStation(stations, start));
  const own = rules[view];
  const now = useMemo(() => own && runRules(own, input), [own, input]);

  useEffect(() => {
    if (Object.keys(rules).length < stations.length) return;
    return whenIdle(() =>
      setFound(
        Object.fromEntries(
          Object.entries(rules).map(([id, each]) => [
            id,
            id === view && now ? now : runRules(each, input),
          ]),
        ),
      ),
    );
  }, [rules, stations, view, now, input]);

  return useMemo(() => {
    if (!found && !now) return undefined;
    const pieces = new Set<string>(input.plan.pieces.map(({ id }) => id));
    const isThere = ({ subject }: Finding) => {
      const piece = pieceOfSubject(subject);
      return piece === undefined || pieces.has(piece);
    };
    const others = Object.entries(found ?? {})
      .filter(([id]) => !now || id !== view)
      .flatMap(([, each]) => each.filter(isThere));
    return byGravity([...others, ...(now ?? [])]);
  }, [found, now, view, input]);
}

/** The rules of all stations: those of the one that is open first, the others when the page is idle. */
function useRules(stations: readonly Station[], view: string): ByStation<readonly Rule[]> {
  const [rules, setRules] = useState<ByStation<readonly Rule[]>>({});
  useEffect(() => {
    let isOver = false;
    const load = ({ id, loadRules }: Station) =>
      void loadRules().then((loaded) => {
        if (!isOver) setRules((before) => (before[id] ? before : { ...before, [id]: loaded }));
      });
    const first = stations.find(({ id }) => id === view);
    if (first) load(first);
    const stop = whenIdle(() => stations.forEach(load));
    return () => {
      isOver = true;
      stop();
    };
  }, [stations, view]);
  return rules;
}

/** Findings by the station that mends them. */
export function byStation(
  stations: readonly Station[],
  findings: readonly Finding[],
): ByStation<readonly Finding[]> {
  return Object.fromEntries(
    stations.map(({ id, mends }) => [
      id,
      findings.filter(({ data }) => mends.includes(ruleGroupOf[data.rule])),
    ]),
  );
}
