import type { TestProject } from 'vitest/node';
import { startPostgres } from './postgres';

/** Starts the server that the server tests run against, and removes it afterwards. */
export default async function setup(project: TestProject): Promise<() => Promise<void>> {
  const server = await startPostgres();
  project.provide('postgresUrl', server.url);
  return server.remove;
}
