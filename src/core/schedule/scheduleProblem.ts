/** From the end of one activity to the start of another; all in the unit of the problem. */
export interface Lag {
  /** The id of the activity that comes before. */
  readonly after: string;
  /** At least so long after its end; negative where the two may run together for so long. */
  readonly least: number;
  /** At the most so long after its end; undefined for any time. Equal to `least` for no wait at all. */
  readonly most?: number | undefined;
}

/** How much of a resource an activity takes from its start to its end. */
export interface Need {
  readonly resource: string;
  readonly amount: number;
}

/** From a moment to another, which no longer belongs to it. */
export interface Window {
  readonly from: number;
  readonly to: number;
}

/** What is to be done: whole units of time, without a break unless it may pause where its resources do. */
export interface Activity {
  readonly id: string;
  readonly duration: number;
  readonly needs: readonly Need[];
  readonly after: readonly Lag[];
  /** It starts no earlier than this; 0 where left out. */
  readonly notBefore?: number | undefined;
  /** It goes on in the next window of its resources where one ends. */
  readonly mayPause?: boolean | undefined;
  /** The job it is a part of, where machines take the jobs in one order. */
  readonly job?: string | undefined;
}

/** A person, a tool, a machine. */
export interface Resource {
  readonly id: string;
  /** So much of it may be taken at once. */
  readonly capacity: number;
  /** When it is there, in order and apart from each other; undefined for always. */
  readonly open?: readonly Window[] | undefined;
}

/**
 * Activities with least and most lags, resources with capacities and calendars, and machines that all take the jobs in one
 * order. Wanted are starts so that the last end comes as early as it can.
 *
 * An activity that may pause is followed by no most lag: its end would not follow from its start.
 */
export interface ScheduleProblem {
  readonly activities: readonly Activity[];
  readonly resources: readonly Resource[];
  /** Each a list of resources that take their jobs in the same order. */
  readonly sameOrder?: readonly (readonly string[])[] | undefined;
}

/** When one activity is done. */
export interface Placed {
  readonly start: number;
  readonly end: number;
}

/** Why there is no schedule: these wait for each other, or this one fits no window. */
export type ScheduleIssue =
  | { readonly code: 'circle'; readonly activities: readonly string[] }
  | { readonly code: 'no-window'; readonly activity: string }
  | { readonly code: 'too-much'; readonly activity: string; readonly resource: string }
  /** Its most lags cannot be kept with what the resources hold; found by trying all. */
  | { readonly code: 'none' }
  /** None was found in the time there was. */
  | { readonly code: 'not-found' };

export type ScheduleOutcome =
  | {
      readonly ok: true;
      /** By the id of the activity. */
      readonly placed: ReadonlyMap<string, Placed>;
      /** The last end; 0 where there is nothing to do. */
      readonly makespan: number;
      /** No schedule ends earlier than this. */
      readonly bound: number;
      readonly isProven: boolean;
    }
  | { readonly ok: false; readonly issue: ScheduleIssue };
