import type { Override } from '../plan/override';
import type { StepKind } from '../plan/workFacts';
import type { StepReason } from '../process/arrow';

/** What is found of the order of work, as figures. */
export type StepFinding =
  /** Done after another that the rules want after it. */
  | { readonly rule: 'order-broken'; readonly after: string; readonly because: StepReason }
  /** Steps that each have to come before the next, and the last before the first. */
  | { readonly rule: 'orders-contradict'; readonly steps: readonly string[] }
  | { readonly rule: 'step-left-out'; readonly step: StepKind }
  | {
      readonly rule: 'override-lost';
      readonly decided: Override['kind'];
      /** The id of the step that is gone. */
      readonly step: string;
    }
  /** In minutes: without a break, and the longest evening there is. */
  | { readonly rule: 'evening-short'; readonly minutes: number; readonly longest: number }
  | {
      readonly rule: 'date-missed';
      readonly what: 'film' | 'publish';
      /** Year-month-day. */
      readonly day: string;
      /** Minutes of work that are left then. */
      readonly short: number;
    };
