import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { processOf } from '../../../test/support/process';
import { tipWords } from '../prose/tipWords';
import { resolvePlan } from '../resolve/resolvePlan';
import { beforeGluing } from './beforeGluing';
import { tips, tipsOf } from './tipsOf';

const { plan, library } = must(demoCards.find(({ id }) => id === 'mooring-by-lamplight'));
const card = resolvePlan(plan, library);
const process = processOf(plan, library);
const tipsAt = (kind: string) =>
  tipsOf(must(process.steps.find((step) => step.kind === kind)), card);

describe('what is worth knowing at a step', () => {
  it('is told where it is done', () => {
    expect(tipsAt('heat')).toEqual(['from-beneath']);
    expect(tipsAt('blend')).toEqual(['fix-panel', 'from-the-edge', 'judge-dry']);
    const panel = must(process.steps.find(({ id }) => id === 'glue:water-panel:liquid'));
    expect(tipsOf(panel, card)).toEqual(['glue-all-round', 'seconds-to-shift']);
    expect(tipsAt('cut')).toEqual([]);
  });

  it('has a sentence each', () => {
    for (const tip of tips) expect(tipWords[tip]).toMatch(/^[A-Z].*\.$/);
  });
});

describe('what can be forgotten before gluing', () => {
  it('is what is hard to do afterwards', () => {
    expect(beforeGluing(process).map(({ kind }) => kind)).toEqual(['sign', 'wipe']);
  });

  it('has what is put inside', () => {
    const poles = must(demoCards.find(({ id }) => id === 'bean-poles'));
    const kinds = beforeGluing(processOf(poles.plan, poles.library)).map(({ id }) => id);
    expect(kinds.some((id) => id.startsWith('glue:liner'))).toBe(true);
    expect(kinds).toContain('sign:card');
  });

  it('is nothing where nothing is glued', () => {
    expect(beforeGluing({ steps: [], arrows: [] })).toEqual([]);
  });
});
