import { must } from './must';
import { loadHighs } from './highs';
import { fiveLayers, library, moss } from './plans';
import { highsCoverSolver } from '../../src/core/cutting/coverSolver';
import { cutJob } from '../../src/core/cutting/cutJob';
import { planCuts, usualBudget } from '../../src/core/cutting/planCuts';
import { lastOf } from '../../src/core/cutting/planSheets';
import { plainMaking } from '../../src/core/plan/plainPlan';
import { resolvePlan } from '../../src/core/resolve/resolvePlan';

export const plan = { ...fiveLayers(), making: { ...plainMaking, copies: 10 } };

export const job = cutJob(plan, resolvePlan(plan, library), []);

export const solver = highsCoverSolver(await loadHighs());

export const cuts = lastOf(planCuts(job, solver, { ...usualBudget, isOver: () => false }));

export const mossCuts = must(cuts.stocks.find(({ stock }) => stock.id === moss.id));

export const mossJob = must(job.stocks.find(({ stock }) => stock.id === moss.id));

export const layout = must(mossCuts.layouts[0]);
