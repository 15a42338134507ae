import { expect, it } from 'vitest';
import { hashText } from './hashText';

// The test vectors of IETF draft-eastlake-fnv, appendix C.
it.each([
  ['', 'cbf29ce484222325'],
  ['a', 'af63dc4c8601ec8c'],
  ['foobar', '85944171f73967e8'],
])('hashes %j as the draft does', (text, hash) => {
  expect(hashText(text)).toBe(hash);
});
