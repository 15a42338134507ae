import { readdirSync, readFileSync } from 'node:fs';
import Ajv from 'ajv/dist/2020';
import { describe, expect, it } from 'vitest';
import { openApiDocument } from './openApi';
import { serviceExamples } from './serviceExamples';
import { services } from './services';

const names = readdirSync('demo/cards');
const demo = (name: string): unknown => JSON.parse(readFileSync(`demo/cards/${name}`, 'utf8'));
const document = openApiDocument();
const published = JSON.parse(readFileSync('docs/card-file.schema.json', 'utf8')) as object;

/** A validator that knows nothing of zod; formats are left to it as notes. */
const ajv = new Ajv({ strict: false, validateFormats: false });
ajv.addSchema({ $id: 'openapi', components: document.components });
const byComponent = (name: string) => ajv.compile({ $ref: `openapi#/components/schemas/${name}` });

describe('the OpenAPI document', () => {
  it('describes each computing service with body, examples, answer and refusals', () => {
    expect(Object.keys(document.paths)).toEqual(
      [
        'resolve',
        'lengths',
        'cutting',
        'supplies',
        'composition',
        'places',
        'colour',
        'masking',
        'post',
        'steps',
        'schedule',
      ].map((subject) => `/api/compute/${subject}`),
    );
    for (const [path, { post }] of Object.entries(document.paths)) {
      expect(path).toContain(post.operationId);
      expect(Object.keys(post.responses)).toEqual(['200', '400', '413', '415', '422', '503']);
      expect(
        Object.keys(post.requestBody.content['application/json'].examples).length,
      ).toBeGreaterThan(0);
    }
    expect(document.servers[0]?.url).toContain('127.0.0.1');
  });

  it('refers only to schemas that are there', () => {
    const text = JSON.stringify(document);
    const wanted = new Set(
      [...text.matchAll(/#\/components\/schemas\/(\w+)/g)].map(([, name]) => name),
    );
    expect(wanted.size).toBeGreaterThan(10);
    for (const name of wanted) expect(document.components.schemas).toHaveProperty(name ?? '');
    expect(text).not.toContain('#/$defs');
  });

  it.each(names)('takes what the demo holds, and so does the published schema: %s', (name) => {
    const check = byComponent('CardFile');
    expect([check(demo(name)), check.errors]).toEqual([true, null]);
    const own = new Ajv({ strict: false, validateFormats: false }).compile(published);
    expect([own(demo(name)), own.errors]).toEqual([true, null]);
  });

  it('refuses what is no card file', () => {
    const check = byComponent('CardFile');
    expect(check({ ...(demo(names[0] ?? '') as object), version: 'one' })).toBe(false);
  });
});

describe('the examples', () => {
  it('fit the documented bodies, and their answers the documented answers', () => {
    const means = {
      solver: { whole: unused, simplest: unused },
      isOver: () => false,
      secondsLeft: () => Infinity,
    };
    let tried = 0;
    for (const { subject, schemaFor, answer, solve } of services)
      for (const example of Object.values(serviceExamples[subject] ?? {})) {
        if (!('value' in example)) continue;
        const problem: unknown = schemaFor(example.value).parse(example.value);
        tried++;
        // Those that need the solver are tried over HTTP.
        if (subject === 'cutting') continue;
        expect(answer.safeParse(solve(problem, means).next().value).success).toBe(true);
      }
    expect(tried).toBe(11);
  });
});

function unused(): never {
  throw new Error('no solver here');
}
