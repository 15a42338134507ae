import { it } from 'vitest';

// Stands for the server tests where there is no PostgreSQL server to run them on, so that they are counted as left out.
it.skip('the server tests on PostgreSQL: install the package postgresql to run them', () =>
  undefined);
