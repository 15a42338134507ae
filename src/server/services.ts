import type { z } from 'zod';
import {
  colourAnswerSchema,
  colourProblemSchema,
  colourSchemaFor,
  solveColour,
} from '../core/compute/colourProblem';
import { composeCard, compositionAnswerSchema } from '../core/compute/compositionAnswer';
import { computeCard } from '../core/compute/computeCard';
import type { CoverSolver } from '../core/cutting/coverSolver';
import {
  cuttingAnswerSchema,
  cuttingProblemSchema,
  cuttingSchemaFor,
  mostOnSheet,
  mostPiecesOnSheet,
  piecesAsked,
  type CardProblem,
  type CuttingProblem,
} from '../core/compute/cuttingProblem';
import {
  lengthsAnswerSchema,
  lengthsProblemSchema,
  solveLengths,
} from '../core/compute/lengthsProblem';
import { cardFileSchema, type CardFile } from '../core/plan/cardFile';
import {
  placesAnswerSchema,
  placesProblemSchema,
  placesSchemaFor,
  solvePlaces,
} from '../core/compute/placesProblem';
import { resolveAnswer, resolveAnswerSchema } from '../core/compute/resolveAnswer';
import { solveCutting, type SearchTime } from '../core/compute/solveCutting';
import { solveSupplies } from '../core/compute/solveSupplies';
import { suppliesAnswerSchema, suppliesProblemSchema } from '../core/compute/suppliesProblem';
import {
  maskingAnswerSchema,
  maskingProblemSchema,
  maskingSchemaFor,
  solveMasking,
  type MaskingProblem,
} from '../core/compute/maskingProblem';
import {
  postAnswerSchema,
  postProblemSchema,
  postSchemaFor,
  solvePost,
  type PostProblem,
} from '../core/compute/postProblem';
import {
  answerSchedule,
  scheduleAnswerSchema,
  scheduleProblemSchema,
} from '../core/compute/scheduleProblem';
import {
  solveSteps,
  stepsAnswerSchema,
  stepsProblemSchema,
  stepsSchemaFor,
} from '../core/compute/stepsProblem';
import { RefusalError } from './respond';

/** What a service is given beside its problem: the solver, and how long it may take. */
export interface Means extends SearchTime {
  readonly solver: CoverSolver;
}

/** One service of the core: what it takes, what it answers, what it is for. */
export interface ComputeService {
  readonly subject: string;
  readonly summary: string;
  readonly body: z.ZodType;
  /** The schema a body is meant for, so that what is wrong is told of that one. */
  readonly schemaFor: (body: unknown) => z.ZodType;
  readonly answer: z.ZodType;
  /** Whether a request says itself how long it may take. */
  readonly hasTimeLimit: boolean;
  /**
   * Solves a problem that fits the schema. Answers that may still get better are yielded, the last is returned.
   * @throws RefusalError where the problem fits the schema, but not itself
   */
  readonly solve: (problem: unknown, means: Means) => Generator<unknown, unknown>;
}

/** Fits a typed solver into the list: what is solved was parsed by the schema beside it. */
const solving = <Problem>(solve: (problem: Problem, means: Means) => unknown) =>
  // eslint-disable-next-line require-yield -- these have one answer only
  function* (problem: unknown, means: Means): Generator<unknown, unknown> {
    return solve(problem as Problem, means);
  };

export const services: readonly ComputeService[] = [
  {
    subject: 'resolve',
    summary: 'Every figure of a card file, and its findings',
    body: cardFileSchema,
    schemaFor: () => cardFileSchema,
    answer: resolveAnswerSchema,
    hasTimeLimit: false,
    solve: solving(({ plan, library }: CardFile) => resolveAnswer(computeCard(plan, library))),
  },
  {
    subject: 'lengths',
    summary: 'Typed lengths, read, in both units, aloud, and against the marks',
    body: lengthsProblemSchema,
    schemaFor: () => lengthsProblemSchema,
    answer: lengthsAnswerSchema,
    hasTimeLimit: false,
    solve: solving(solveLengths),
  },
  {
    subject: 'cutting',
    summary: 'How a card’s batch, a bare batch, or one sheet of the most value is cut',
    body: cuttingProblemSchema,
    schemaFor: cuttingSchemaFor,
    answer: cuttingAnswerSchema,
    hasTimeLimit: true,
    solve: function* (problem, { solver, ...time }) {
      const cutting = problem as CuttingProblem;
      refuseTooMany(cutting);
      return yield* solveCutting(cutting, solver, time);
    },
  },
  {
    subject: 'supplies',
    summary: 'What a card’s batch takes, with the cut plan its sheets come from',
    body: suppliesProblemSchema,
    schemaFor: () => suppliesProblemSchema,
    answer: suppliesAnswerSchema,
    hasTimeLimit: true,
    solve: solving((problem: CardProblem, { solver, ...time }) => {
      refuseTooMany(problem);
      return solveSupplies(problem, solver, time);
    }),
  },
  {
    subject: 'composition',
    summary: 'Where everything on a card lies: outlines, ruler distances, what is near',
    body: cardFileSchema,
    schemaFor: () => cardFileSchema,
    answer: compositionAnswerSchema,
    hasTimeLimit: false,
    solve: solving(composeCard),
  },
  {
    subject: 'places',
    summary: 'The free places of a sheet among obstacles, or of a card’s panel for given words',
    body: placesProblemSchema,
    schemaFor: placesSchemaFor,
    answer: placesAnswerSchema,
    hasTimeLimit: false,
    solve: solving((problem: Parameters<typeof solvePlaces>[0]) => {
      const answer = solvePlaces(problem);
      if (answer) return answer;
      throw new RefusalError(400, {
        message: 'The card has no panel of that id with figures.',
        path: 'on',
        hint: 'Leave it out for the base, or name a piece of paper.',
      });
    }),
  },
  {
    subject: 'colour',
    summary: 'What inks give on a stock and where they meet, the best markers, or a card’s palette',
    body: colourProblemSchema,
    schemaFor: colourSchemaFor,
    answer: colourAnswerSchema,
    hasTimeLimit: false,
    solve: solving(solveColour),
  },
  {
    subject: 'masking',
    summary: 'What is stamped first and which masks to cut, of a card or of bare shapes',
    body: maskingProblemSchema,
    schemaFor: maskingSchemaFor,
    answer: maskingAnswerSchema,
    hasTimeLimit: false,
    solve: (problem) => solveMasking(problem as MaskingProblem),
  },
  {
    subject: 'post',
    summary: 'How high and heavy, which envelope and class of mail, of a card or of a bare stack',
    body: postProblemSchema,
    schemaFor: postSchemaFor,
    answer: postAnswerSchema,
    hasTimeLimit: false,
    solve: solving((problem: PostProblem) => solvePost(problem)),
  },
  {
    subject: 'steps',
    summary: 'The steps of a card in order, what is found of it, and the evenings they take',
    body: stepsProblemSchema,
    schemaFor: stepsSchemaFor,
    answer: stepsAnswerSchema,
    hasTimeLimit: true,
    solve: solving(solveSteps),
  },
  {
    subject: 'schedule',
    summary: 'When activities start: lags, resources with calendars, machines of one order',
    body: scheduleProblemSchema,
    schemaFor: () => scheduleProblemSchema,
    answer: scheduleAnswerSchema,
    hasTimeLimit: true,
    solve: solving(answerSchedule),
  },
];

function refuseTooMany(problem: CuttingProblem): void {
  const asked = piecesAsked(problem);
  if (asked > problem.mostPieces)
    throw new RefusalError(422, {
      message: `The problem asks for ${asked} pieces; at most ${problem.mostPieces} are allowed.`,
      hint: 'Ask for fewer, or raise mostPieces where that is below 50000.',
    });
  const together = mostOnSheet(problem);
  if (together > mostPiecesOnSheet)
    throw new RefusalError(422, {
      message: `One sheet could hold ${together} of the pieces; at most ${mostPiecesOnSheet} can be planned.`,
      hint: 'Ask for fewer copies, or give larger pieces.',
    });
}
