import { z } from 'zod';
import type { Immutable } from '../plan/ids';
import { solveSchedule } from '../schedule/solveSchedule';
import type { SearchTime } from './solveCutting';

const id = z.string().min(1).max(80);
const time = z.number().int().min(0).max(100_000_000);

const activitySchema = z
  .strictObject({
    id,
    duration: time.meta({ description: 'Whole units of time, of whatever unit.' }),
    needs: z
      .array(
        z.strictObject({
          resource: id,
          amount: z.number().int().min(0).max(1_000_000).default(1),
        }),
      )
      .max(50)
      .default([])
      .meta({ description: 'What it takes of each resource from its start to its end.' }),
    after: z
      .array(
        z.strictObject({
          activity: id,
          least: z.number().int().min(-100_000_000).max(100_000_000).default(0).meta({
            description:
              'From the end of the other to the start of this at the least; negative where they may overlap so long.',
          }),
          most: z
            .number()
            .int()
            .min(-100_000_000)
            .max(100_000_000)
            .optional()
            .meta({ description: 'At the most; left out, any time. Equal to `least`, no wait.' }),
        }),
      )
      .max(500)
      .default([]),
    notBefore: time.default(0),
    mayPause: z
      .boolean()
      .default(false)
      .meta({ description: 'It goes on in the next window of its resources where one ends.' }),
    job: id
      .optional()
      .meta({ description: 'The job it belongs to, where machines keep one order of jobs.' }),
  })
  .meta({ id: 'ScheduledActivity' });

const resourceSchema = z
  .strictObject({
    id,
    capacity: z.number().int().min(0).max(1_000_000).default(1),
    open: z
      .array(z.strictObject({ from: time, to: time }))
      .max(5000)
      .optional()
      .meta({ description: 'When it is there; left out, always.' }),
  })
  .meta({ id: 'ScheduledResource' });

const hasOwnIds = (things: readonly { readonly id: string }[]) =>
  new Set(things.map((each) => each.id)).size === things.length;
const ownIds = { message: 'every one needs an id of its own' };

export const scheduleProblemSchema = z
  .strictObject({
    activities: z.array(activitySchema).max(400).refine(hasOwnIds, ownIds),
    resources: z.array(resourceSchema).max(100).default([]).refine(hasOwnIds, ownIds),
    sameOrder: z
      .array(z.array(id).min(2).max(100))
      .max(20)
      .default([])
      .meta({ description: 'Lists of resources that take their jobs in the same order.' }),
    timeLimitSeconds: z.number().positive().max(60).default(10),
  })
  .superRefine(({ activities, resources, sameOrder }, context) => {
    const known = new Map(activities.map((each) => [each.id, each]));
    const there = new Set(resources.map((each) => each.id));
    activities.forEach(({ needs, after }, at) => {
      needs.forEach(({ resource }, need) => {
        if (!there.has(resource))
          context.addIssue({
            code: 'custom',
            path: ['activities', at, 'needs', need, 'resource'],
            message: `there is no resource ${resource}`,
          });
      });
      after.forEach(({ activity, least, most }, lag) => {
        const before = known.get(activity);
        const path = ['activities', at, 'after', lag];
        const issue = (message: string) => context.addIssue({ code: 'custom', path, message });
        if (!before) issue(`there is no activity ${activity}`);
        else if (most !== undefined && most < least) issue('most is less than least');
        else if (most !== undefined && before.mayPause)
          issue('an activity that may pause is followed by no most lag');
      });
    });
    sameOrder.forEach((ids, at) => {
      for (const each of ids)
        if (!there.has(each))
          context.addIssue({
            code: 'custom',
            path: ['sameOrder', at],
            message: `there is no resource ${each}`,
          });
    });
  })
  .meta({ id: 'ScheduleProblem' });
export type ScheduleQuestion = Immutable<z.output<typeof scheduleProblemSchema>>;

export const scheduleAnswerSchema = z
  .strictObject({
    starts: z
      .array(z.strictObject({ id: z.string(), start: z.number(), end: z.number() }))
      .nullable()
      .meta({ description: 'In the order of the activities; null where there is no schedule.' }),
    makespan: z.number().nullable().meta({ description: 'The last end.' }),
    bound: z.number().nullable().meta({ description: 'No schedule ends earlier.' }),
    isProven: z.boolean(),
    issue: z
      .strictObject({
        code: z.enum(['circle', 'no-window', 'too-much', 'none', 'not-found']),
        activities: z.array(z.string()),
        resource: z.string().nullable(),
        message: z.string(),
      })
      .nullable(),
  })
  .meta({ id: 'ScheduleAnswer' });
export type ScheduleAnswer = Immutable<z.output<typeof scheduleAnswerSchema>>;

/** When each activity starts so that the last ends as early as it can, of a project or a job shop. */
export function answerSchedule(
  { activities, resources, sameOrder }: ScheduleQuestion,
  { isOver }: Pick<SearchTime, 'isOver'>,
): ScheduleAnswer {
  const outcome = solveSchedule(
    {
      activities: activities.map(({ after, ...activity }) => ({
        ...activity,
        after: after.map(({ activity: before, least, most }) => ({ after: before, least, most })),
      })),
      resources,
      sameOrder,
    },
    isOver,
  );
  if (outcome.ok)
    return {
      starts: activities.map((each) => ({
        id: each.id,
        ...(outcome.placed.get(each.id) ?? { start: 0, end: 0 }),
      })),
      makespan: outcome.makespan,
      bound: outcome.bound,
      isProven: outcome.isProven,
      issue: null,
    };
  const { issue } = outcome;
  return {
    ...{ starts: null, makespan: null, bound: null, isProven: issue.code !== 'not-found' },
    issue: {
      code: issue.code,
      activities:
        'activities' in issue ? [...issue.activities] : 'activity' in issue ? [issue.activity] : [],
      resource: 'resource' in issue ? issue.resource : null,
      message: issueWords[issue.code],
    },
  };
}

const issueWords = {
  circle: 'These activities wait for each other in a circle. Take one of the lags out.',
  'no-window':
    'This activity fits no window of its resources. Make a window longer, or let it pause.',
  'too-much': 'This activity needs more of a resource than there is. Raise the capacity.',
  none: 'No schedule keeps all most lags with what the resources hold. Raise one of them.',
  'not-found': 'No schedule was found in time. Allow more of it.',
} as const;
