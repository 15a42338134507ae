import { z } from 'zod';
import { cardIdSchema, designerIdSchema, releaseIdSchema, type Immutable } from './ids';
import { readJson } from '../text/readJson';
import { firstIssue, schemaSentence } from '../text/schemaSentence';
import { libraryItemSchema } from './libraryItem';
import { dealKeys, withoutKey } from './orderKeys';
import { writtenPlanSchema } from './plan';
import { isObject } from './upgrades/document';
import { withKeys } from './upgrades/upgradePlan4';
import { upgradePlan, type PlanIssue } from './upgradePlan';

export const cardFileVersion = 1;

export const designerSchema = z
  .strictObject({ id: designerIdSchema, name: z.string().trim().min(1).max(60) })
  .meta({ id: 'Designer' });

export const releaseSchema = z
  .strictObject({
    id: releaseIdSchema,
    name: z.string().trim().min(1).max(60),
    onSale: z.iso.date().nullable(),
  })
  .meta({ id: 'Release' });

/** A card that opens anywhere, as it is written: its plan with the library versions and names it refers to. */
export const writtenFileSchema = z
  .strictObject({
    format: z.literal('nibwright-card'),
    version: z.literal(cardFileVersion),
    id: cardIdSchema,
    plan: writtenPlanSchema,
    library: z.array(libraryItemSchema).max(2000),
    designer: designerSchema.nullable(),
    release: releaseSchema.nullable(),
  })
  .meta({ id: 'CardFile', title: 'Nibwright card file' });

/** The same as it is read: its pieces are dealt keys in the order they come in. */
export const cardFileSchema = writtenFileSchema.transform((file) => ({
  ...file,
  plan: { ...file.plan, pieces: [...dealKeys(file.plan.pieces)] },
}));

export type CardFile = Immutable<z.output<typeof cardFileSchema>>;
export type Designer = Immutable<z.output<typeof designerSchema>>;
export type Release = Immutable<z.output<typeof releaseSchema>>;

export type ReadCardFile =
  | { readonly ok: true; readonly file: CardFile }
  | {
      readonly ok: false;
      readonly issue: PlanIssue | { readonly code: 'not-json' | 'too-deep' | 'no-card-file' };
    };

/**
 * Writes a card file: keys in the order of the schema, two spaces, LF, a line end at the end.
 * The same card always gives the same bytes.
 */
export function writeCardFile(file: CardFile): string {
  return `${JSON.stringify(writtenFileSchema.parse(asWritten(file)), undefined, 2)}\n`;
}

/** A card as its file holds it: what `cardFileSchema` reads. */
export function asWritten(file: CardFile) {
  return { ...file, plan: { ...file.plan, pieces: file.plan.pieces.map(withoutKey) } };
}

const envelopeSchema = z.looseObject({
  format: z.literal('nibwright-card'),
  version: z.number().int().min(1),
  plan: z.unknown(),
});

/** Reads a card file of this or an older version; a wrong one gives the reason, with its path. */
export function readCardFile(text: string): ReadCardFile {
  const document = readJson(text);
  if (!document.ok) return { ok: false, issue: { code: document.code } };
  return parseCardFile(document.value);
}

/** The same of JSON that was parsed and cleaned before. */
export function parseCardFile(document: unknown): ReadCardFile {
  const envelope = envelopeSchema.safeParse(document);
  if (!envelope.success) return { ok: false, issue: { code: 'no-card-file' } };
  if (envelope.data.version > cardFileVersion)
    return { ok: false, issue: { code: 'newer', schema: envelope.data.version } };
  const { plan } = envelope.data;
  const upgraded = upgradePlan(
    isObject(plan) ? { ...plan, pieces: withKeys(plan['pieces']) } : plan,
  );
  if (!upgraded.ok) return { ok: false, issue: under('plan', upgraded.issue) };
  const file = { ...envelope.data, plan: upgraded.plan } as CardFile;
  const parsed = cardFileSchema.safeParse(asWritten(file), { error: schemaSentence });
  if (parsed.success) return { ok: true, file: parsed.data };
  return { ok: false, issue: { code: 'invalid', ...firstIssue(parsed.error) } };
}

function under(prefix: string, issue: PlanIssue): PlanIssue {
  return issue.code === 'newer'
    ? issue
    : { ...issue, path: [prefix, issue.path].filter(Boolean).join('.') };
}
