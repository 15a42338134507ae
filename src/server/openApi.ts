import { z } from 'zod';
import { serviceExamples } from './serviceExamples';
import { services, type ComputeService } from './services';

const problemSchema = z
  .strictObject({
    error: z.strictObject({
      message: z.string().meta({ description: 'What is wrong, in a sentence.' }),
      hint: z.string().optional().meta({ description: 'How to mend it.' }),
      path: z.string().optional().meta({ description: 'Where in the body, as in pieces.0.w.' }),
    }),
  })
  .meta({ id: 'Refusal' });

/** Refusals every service may answer with, by status. */
const refusals: Readonly<Record<number, string>> = {
  400: 'What is wrong with the body, and where',
  413: 'The body is larger than 1 MB',
  415: 'The body is not said to be JSON',
  422: 'More is asked for than the limits allow, or nothing was found in time',
  503: 'Too much waits already; Retry-After tells when to ask again',
};

interface JsonSchema {
  readonly [keyword: string]: unknown;
}

/**
 * The OpenAPI 3.1 document of the computing service. Its schemas come from where the JSON Schema of the card file does:
 * from zod, as bodies are read and answers are written.
 */
export function openApiDocument() {
  const components = new Components();
  const json = (schema: z.ZodType, io: 'input' | 'output') => ({
    'application/json': { schema: components.add(schema, io) },
  });
  const responseOf = (description: string, schema: z.ZodType) => ({
    description,
    content: json(schema, 'output'),
  });
  const pathOf = ({ subject, summary, body, answer }: ComputeService) => ({
    post: {
      operationId: subject,
      summary,
      requestBody: {
        required: true,
        content: {
          'application/json': {
            schema: components.add(body, 'input'),
            examples: serviceExamples[subject] ?? {},
          },
        },
      },
      responses: {
        200: responseOf('The answer', answer),
        ...Object.fromEntries(
          Object.entries(refusals).map(([status, description]) => [
            status,
            responseOf(description, problemSchema),
          ]),
        ),
      },
    },
  });
  const paths = Object.fromEntries(
    services.map((service) => [`/api/compute/${service.subject}`, pathOf(service)]),
  );
  return {
    openapi: '3.1.0',
    info: {
      title: 'Nibwright computing service',
      version: '1',
      description: 'The core of Nibwright over HTTP. Stateless: nothing sent is kept.',
      license: { name: 'MIT', identifier: 'MIT' },
    },
    servers: [
      {
        url: 'http://127.0.0.1:{port}',
        description: 'The Nibwright on this machine',
        variables: { port: { default: '4180' } },
      },
    ],
    paths,
    components: { schemas: components.all },
  };
}

/** The named schemas of a document, each once; where a body and an answer differ in one, the answer's has a name of its own. */
class Components {
  readonly #schemas = new Map<string, JsonSchema>();

  get all(): Readonly<Record<string, JsonSchema>> {
    return Object.fromEntries([...this.#schemas].sort(([a], [b]) => (a < b ? -1 : 1)));
  }

  /** Takes a schema in with all it refers to, and gives back how to refer to it. */
  add(schema: z.ZodType, io: 'input' | 'output'): JsonSchema {
    const { $defs = {}, ...root } = z.toJSONSchema(schema, {
      io,
      target: 'draft-2020-12',
    }) as JsonSchema & { readonly $defs?: Readonly<Record<string, JsonSchema>> };
    const renamed = new Map(
      Object.entries($defs).map(([name, found]) => [name, this.#nameFor(name, found)]),
    );
    for (const [name, found] of Object.entries($defs)) {
      this.#schemas.set(renamed.get(name) ?? name, without(referring(found, renamed), 'id'));
    }
    return without(referring(root, renamed), '$schema');
  }

  #nameFor(name: string, found: JsonSchema): string {
    const before = this.#seen.get(name);
    const text = JSON.stringify(found);
    if (before === undefined) this.#seen.set(name, text);
    return before === undefined || before === text ? name : `${name}Written`;
  }

  readonly #seen = new Map<string, string>();
}

/** A schema without a keyword that says where it stood before. */
function without(schema: unknown, keyword: string): JsonSchema {
  return Object.fromEntries(
    Object.entries(schema as JsonSchema).filter(([key]) => key !== keyword),
  );
}

/** The same schema, its references into the components of the document. */
function referring(value: unknown, renamed: ReadonlyMap<string, string>): unknown {
  if (Array.isArray(value)) return value.map((each) => referring(each, renamed));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, each]) => {
      const name = key === '$ref' ? String(each).replace('#/$defs/', '') : undefined;
      return name === undefined
        ? [key, referring(each, renamed)]
        : [key, `#/components/schemas/${renamed.get(name) ?? name}`];
    }),
  );
}
