import { z } from 'zod';
import { StoreError } from '../StoreError';

/** The first line of a backup. */
export const headSchema = z.object({
  format: z.literal('nibwright-backup'),
  /** Backups of version 1 carry no digest. */
  version: z.union([z.literal(1), z.literal(2)]),
  at: z.string(),
});

/** A line for each row. */
export const lineSchema = z.object({
  table: z.string(),
  row: z.record(z.string(), z.unknown()),
});

/** The last line, by which a file cut short or changed is found out. */
export const endSchema = z.object({
  end: z.literal(true),
  rows: z.number().int(),
  /** SHA-256 of all lines before, each with its line end. */
  sha256: z.string().optional(),
});

/** A backup that cannot be made or restored; the message says why and what to do. */
export class BackupError extends StoreError {}

/** A backup as it is read, line by line without their ends; the same each time it is asked for. */
export type BackupLines = () => AsyncIterable<string>;

export function parseLine(line: string | undefined): unknown {
  try {
    return JSON.parse(line ?? '');
  } catch {
    return undefined;
  }
}

/** The lines of a text that comes in parts. */
export async function* splitLines(parts: AsyncIterable<string>): AsyncGenerator<string> {
  let rest = '';
  for await (const part of parts) {
    const lines = `${rest}${part}`.split('\n');
    rest = lines.pop() ?? '';
    yield* lines;
  }
  if (rest !== '') yield rest;
}
