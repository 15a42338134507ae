import { z } from 'zod';
import { firstIssue, schemaSentence } from '../text/schemaSentence';
import { planSchema, type Plan } from './plan';
import { currentPlanSchema } from './planFacts';
import type { Document } from './upgrades/document';
import { upgradePlan1 } from './upgrades/upgradePlan1';
import { upgradePlan10 } from './upgrades/upgradePlan10';
import { upgradePlan11 } from './upgrades/upgradePlan11';
import { upgradePlan12 } from './upgrades/upgradePlan12';
import { upgradePlan2 } from './upgrades/upgradePlan2';
import { upgradePlan3 } from './upgrades/upgradePlan3';
import { upgradePlan4 } from './upgrades/upgradePlan4';
import { upgradePlan5 } from './upgrades/upgradePlan5';
import { upgradePlan6 } from './upgrades/upgradePlan6';
import { upgradePlan7 } from './upgrades/upgradePlan7';
import { upgradePlan8 } from './upgrades/upgradePlan8';
import { upgradePlan9 } from './upgrades/upgradePlan9';

export type UpgradedPlan =
  { readonly ok: true; readonly plan: Plan } | { readonly ok: false; readonly issue: PlanIssue };

/** `newer`: written by a later Nibwright. `invalid`: path and reason of the first thing wrong. */
export type PlanIssue =
  | { readonly code: 'newer'; readonly schema: number }
  | { readonly code: 'invalid'; readonly path: string; readonly reason: string };

/** One upgrade per old version, taking the document from its number to the next. */
const upgrades: Readonly<Record<number, (document: Document) => unknown>> = {
  1: upgradePlan1,
  2: upgradePlan2,
  3: upgradePlan3,
  4: upgradePlan4,
  5: upgradePlan5,
  6: upgradePlan6,
  7: upgradePlan7,
  8: upgradePlan8,
  9: upgradePlan9,
  10: upgradePlan10,
  11: upgradePlan11,
  12: upgradePlan12,
};

const versionedSchema = z.looseObject({ schema: z.number().int().min(1) });

/**
 * Reads a plan document of any known version and brings it up to the current one.
 * The issue names the path as in `pieces.2.size.all.ticks`.
 */
export function upgradePlan(document: unknown): UpgradedPlan {
  const versioned = versionedSchema.safeParse(document, { error: schemaSentence });
  if (!versioned.success) return invalid(versioned.error);
  if (versioned.data.schema > currentPlanSchema)
    return { ok: false, issue: { code: 'newer', schema: versioned.data.schema } };
  const current = broughtUp(document as Document, currentPlanSchema);
  const parsed = planSchema.safeParse(current, { error: schemaSentence });
  return parsed.success ? { ok: true, plan: parsed.data } : invalid(parsed.error);
}

/** A plan document brought up to a version, unchecked; one that is newer, or tells no version, stays as it is. */
export function broughtUp(document: Document, to: number): Document {
  const from = Number(document['schema']);
  let current: unknown = document;
  for (let version = from; version < to; version++)
    current = upgrades[version]?.(current as Document);
  return current as Document;
}

function invalid(error: z.ZodError): UpgradedPlan {
  return { ok: false, issue: { code: 'invalid', ...firstIssue(error) } };
}
