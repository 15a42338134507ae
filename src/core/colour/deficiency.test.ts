import { filterDeficiencyDeuter, filterDeficiencyProt, filterDeficiencyTrit } from 'culori/fn';
import { describe, expect, it } from 'vitest';
import { deficiencies, deficiencyMatrices, svgMatrix } from './deficiency';

// The general-purpose library has the same published tables.
const others = {
  protan: filterDeficiencyProt(1),
  deutan: filterDeficiencyDeuter(1),
  tritan: filterDeficiencyTrit(1),
};

describe('eyes that lack a kind of cone', () => {
  it.each(deficiencies)('see a colour as the published table has it: %s', (deficiency) => {
    const m = deficiencyMatrices[deficiency];
    const [r, g, b] = [0.3, 0.45, 0.4];
    const row = (at: number) => (m[at] ?? 0) * r + (m[at + 1] ?? 0) * g + (m[at + 2] ?? 0) * b;
    const theirs = others[deficiency]({ mode: 'rgb', r, g, b });
    expect(row(0)).toBeCloseTo(theirs.r, 9);
    expect(row(3)).toBeCloseTo(theirs.g, 9);
    expect(row(6)).toBeCloseTo(theirs.b, 9);
  });

  it.each(deficiencies)('see white as white: %s', (deficiency) => {
    const m = deficiencyMatrices[deficiency];
    for (const at of [0, 3, 6]) {
      const sum = m.slice(at, at + 3).reduce((total, each) => total + each, 0);
      expect(sum).toBeCloseTo(1, 4);
    }
    expect(svgMatrix(deficiency).split(' ')).toHaveLength(20);
  });
});
