import { OpenApiGeneratorV31, OpenAPIRegistry } from '@asteasolutions/zod-to-openapi';
import { z } from 'zod';
import { lengthsAnswerSchema, lengthsProblemSchema } from '../core/length/lengthsProblem';
import { cardFileSchema } from '../core/plan/cardFile';
import { resolveAnswerSchema } from '../core/resolveAnswer';

/** One service of the core: what it takes, what it answers, what it is for. */
interface ComputeService {
  readonly subject: string;
  readonly summary: string;
  readonly body: z.ZodType;
  readonly answer: z.ZodType;
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
  for (const { subject, summary, body, answer } of services)
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
