import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { libraryItemSchema } from '../plan/libraryItem';
import { planSchema } from '../plan/plan';
import { firstIssue, schemaSentence } from './schemaSentence';

const reasonOf = (schema: z.ZodType, value: unknown) => {
  const parsed = schema.safeParse(value, { error: schemaSentence });
  return parsed.success ? undefined : firstIssue(parsed.error);
};

describe('what is wrong with a document', () => {
  it.each([
    [z.string(), 7, 'it is a number where a text belongs'],
    [z.number().int(), 1.5, 'it is a broken number where a whole number belongs'],
    [z.array(z.string()), 'a', 'it is a text where a list belongs'],
    [z.object({}), null, 'it is nothing where a record belongs'],
    [z.enum(['side', 'tent', 'flat']), 'x', 'it is not one of “side”, “tent” or “flat”'],
    [z.literal(2), 3, 'it is not “2”'],
    [z.string().min(1), '', 'it is empty'],
    [z.string().max(3), 'abcd', 'it has more than 3 characters'],
    [z.array(z.number()).max(1), [1, 2], 'it has more than 1 entries'],
    [z.number().min(0), -1, 'it is less than 0'],
    [z.strictObject({}), { tilt: 1 }, 'it has what does not belong there: “tilt”'],
    [
      z.discriminatedUnion('by', [z.object({ by: z.literal('die') })]),
      { by: 'x' },
      'it is of no kind that is known',
    ],
    [z.string().regex(/^a/), 'b', 'it is not written as it should be'],
  ])('%#: is said in words of our own', (schema, value, words) => {
    expect(reasonOf(schema, value)?.reason).toBe(words);
  });

  it('names where', () => {
    const schema = z.object({ pieces: z.array(z.object({ name: z.string() })) });
    expect(reasonOf(schema, { pieces: [{ name: 'a' }, {}] })).toEqual({
      path: 'pieces.1.name',
      reason: 'it is missing',
    });
  });

  it('leaves what the schema says itself', () => {
    expect(reasonOf(z.string().max(3, 'At most 3 letters'), 'abcd')?.reason).toBe(
      'At most 3 letters',
    );
  });

  it('says nothing of inputs, options and types, whatever is in the place of a plan or an item', () => {
    const others = [7, 'x', null, [], {}, { kind: 'stock' }, { kind: 'image' }, { schema: 5 }];
    const reasons = [planSchema, libraryItemSchema].flatMap((schema) =>
      others.map((other) => reasonOf(schema, other)?.reason),
    );
    expect(reasons).toHaveLength(16);
    for (const reason of reasons) expect(reason).not.toMatch(/input|option|received|expected/i);
  });
});
