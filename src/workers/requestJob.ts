import { cutJob, type CutJob } from '../core/cutting/cutJob';
import { joinJobs } from '../core/cutting/joinJobs';
import { resolvePlan } from '../core/resolve/resolvePlan';
import type { CuttingRequest } from './cuttingMessages';

/** The job of a request: one card's, or that of several joined. */
export function requestJob({ cards, holdings, already }: CuttingRequest): CutJob {
  const jobs = cards.map(({ prefix, plan, library }, at) => ({
    prefix,
    job: cutJob(plan, resolvePlan(plan, library), holdings, at === 0 ? already : []),
  }));
  const [only] = jobs;
  return jobs.length === 1 && only ? only.job : joinJobs(jobs);
}
