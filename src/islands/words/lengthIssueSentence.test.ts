import { describe, expect, it } from 'vitest';
import { lengthIssueCodes } from '../../core/length/lengthIssue';
import { parseLength } from '../../core/length/parseLength';
import { lengthIssueSentence } from './lengthIssueSentence';

describe('a refused figure', () => {
  it.each(lengthIssueCodes)('has a sentence of what is wrong and how to mend it: %s', (code) => {
    const sentence = lengthIssueSentence({ code, at: 0, to: 3 }, '4 q');
    expect(sentence).toMatch(/^.{20,}\.$/);
    expect(sentence).not.toContain('undefined');
  });

  it.each(['1/', '4 1/', '4-1/', '3 x 4 1/ '])(
    'says of %s that the fraction is not finished',
    (typed) => {
      const read = parseLength(typed, 'in');
      expect(!read.ok && lengthIssueSentence(read.issue, typed)).toMatch(
        /^This fraction is not finished/,
      );
    },
  );
});
