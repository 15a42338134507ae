import { usualEvenings } from '../../src/core/plan/usualEvenings';
import { plainMail } from '../../src/core/stash/plainMail';
import { render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { vi } from 'vitest';
import { cutJob } from '../../src/core/cutting/cutJob';
import type { Edit } from '../../src/core/plan/edit';
import type { Library } from '../../src/core/plan/library';
import type { Plan } from '../../src/core/plan/plan';
import { resolvePlan } from '../../src/core/resolve/resolvePlan';
import { SessionContext, type CardSession } from '../../src/islands/session/CardSession';
import { library as usualLibrary } from './plans';

/** Nothing more is worked out of the steps. */
export const processAtRest = {
  ...{ isOld: false, hasFailed: false, isWorking: false, isStopped: false },
  ...{ stop: vi.fn(), resume: vi.fn() },
};

/** A session on a plan, of which nothing is saved; what is done to it is kept in mocks. */
export function sessionOn(plan: Plan, library: Library = usualLibrary) {
  const card = resolvePlan(plan, library);
  const session = {
    cardId: 'card',
    plan,
    card,
    library,
    mail: plainMail,
    holdings: [],
    addItem: vi.fn(),
    changeHoldings: vi.fn(),
    isStashWhole: true,
    bringStash: vi.fn(),
    needItems: vi.fn(),
    releases: [],
    unit: 'in',
    findings: [],
    revision: 1,
    isSaved: true,
    commit: vi.fn<(edit: Edit) => void>(),
    preview: vi.fn<(edit: Edit | undefined) => void>(),
    flush: () => Promise.resolve(),
    tell: vi.fn(),
    ask: vi.fn(),
    view: 'base',
    go: vi.fn(),
    face: 'front',
    turn: vi.fn(),
    selected: 'base',
    select: vi.fn(),
    batch: {
      batch: null,
      failure: undefined,
      isKeeping: false,
      keep: vi.fn(),
      take: vi.fn(),
    },
    cutting: {
      job: cutJob(plan, card, []),
      planning: { kind: 'waiting' },
      shown: undefined,
      found: undefined,
      unreached: [],
      isOutdated: false,
      one: undefined,
      changes: [],
      lastWhole: undefined,
      isWaiting: false,
      stop: vi.fn(),
      resume: vi.fn(),
    },
    masks: {
      plan: undefined,
      isOld: false,
      choices: [],
      moves: [],
      isLooking: false,
      hasFailed: false,
    },
    post: {
      plan: undefined,
      areas: [],
      isOld: false,
      remedies: [],
      isLooking: false,
      hasFailed: false,
    },
    work: { work: null, failure: undefined, keep: vi.fn() },
    ahead: { ahead: [], failure: undefined, keep: vi.fn() },
    process: {
      plan: undefined,
      time: { start: 0, evenings: usualEvenings('UTC'), done: [] },
      ...processAtRest,
    },
  } satisfies CardSession;
  return session;
}

/** Draws a part of the workbench as it stands within a session. */
export function renderIn(session: CardSession, part: ReactNode) {
  return render(<SessionContext value={session}>{part}</SessionContext>);
}
