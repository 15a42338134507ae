import { OpenApiGeneratorV31, OpenAPIRegistry } from '@asteasolutions/zod-to-openapi';
import { z } from 'zod';
import { compositionAnswerSchema } from '../core/composition/compositionAnswer';
import { cuttingAnswerSchema, cuttingProblemSchema } from '../core/cuttingProblem';
import { lengthsAnswerSchema, lengthsProblemSchema } from '../core/length/lengthsProblem';
import { cardFileSchema } from '../core/plan/cardFile';
import { placesAnswerSchema, placesProblemSchema } from '../core/placesProblem';
import { resolveAnswerSchema } from '../core/resolveAnswer';
import { suppliesAnswerSchema, suppliesProblemSchema } from '../core/suppliesProblem';

/** One service of the core: what it takes, what it answers, what it is for. */
interface ComputeService {
  readonly subject: string;
  readonly summary: string;
  readonly body: z.ZodType;
  readonly answer: z.ZodType;
  /** Whether it keeps limits of size and time, which a request may ask too much of. */
  readonly isLimited?: boolean;
}

const services: readonly ComputeService[] = [
  {
    subject: 'resolve',
    summary: 'Every figure of a card file, and its findings',
    body: cardFileSchema,
    answer: resolveAnswerSchema,
  },
  {
    subject: 'lengths',
    summary: 'Typed lengths, read, in both units, aloud, and against the marks',
    body: lengthsProblemSchema,
    answer: lengthsAnswerSchema,
  },
  {
    subject: 'cutting',
    summary: 'How a card’s batch, a bare batch, or one sheet of the most value is cut',
    body: cuttingProblemSchema,
    answer: cuttingAnswerSchema,
    isLimited: true,
  },
  {
    subject: 'supplies',
    summary: 'What a card’s batch takes, with the cut plan its sheets come from',
    body: suppliesProblemSchema,
    answer: suppliesAnswerSchema,
    isLimited: true,
  },
  {
    subject: 'composition',
    summary: 'Where everything on a card lies: outlines, ruler distances, what is near',
    body: cardFileSchema,
    answer: compositionAnswerSchema,
  },
  {
    subject: 'places',
    summary: 'The free places of a sheet among obstacles, or of a card’s panel for given words',
    body: placesProblemSchema,
    answer: placesAnswerSchema,
  },
];

const problemSchema = z
  .strictObject({
    error: z.strictObject({
      message: z.string(),
      hint: z.string().optional(),
      path: z.string().optional(),
    }),
  })
  .meta({ id: 'Problem' });

/** The OpenAPI 3.1 document of the computing service, generated from the zod schemas. */
export function openApiDocument() {
  const registry = new OpenAPIRegistry();
  for (const { subject, summary, body, answer, isLimited } of services)
    registry.registerPath({
      method: 'post',
      path: `/api/compute/${subject}`,
      summary,
      request: { body: { required: true, content: { 'application/json': { schema: body } } } },
      responses: {
        200: { description: 'The answer', content: { 'application/json': { schema: answer } } },
        400: {
          description: 'What is wrong with the body, and where',
          content: { 'application/json': { schema: problemSchema } },
        },
        ...(isLimited && {
          422: {
            description: 'More is asked for than the limits allow, or nothing was found in time',
            content: { 'application/json': { schema: problemSchema } },
          },
        }),
        413: {
          description: 'The body is larger than 1 MB',
          content: { 'application/json': { schema: problemSchema } },
        },
      },
    });
  return new OpenApiGeneratorV31(registry.definitions).generateDocument({
    openapi: '3.1.0',
    info: {
      title: 'Nibwright computing service',
      version: '1',
      description: 'The core of Nibwright over HTTP. Stateless: nothing sent is kept.',
    },
  });
}
