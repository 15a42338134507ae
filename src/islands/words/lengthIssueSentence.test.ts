import { describe, expect, it } from 'vitest';
import { lengthIssueCodes } from '../../core/length/lengthIssue';
import { lengthIssueSentence } from './lengthIssueSentence';

describe('a refused figure', () => {
  it.each(lengthIssueCodes)('has a sentence of what is wrong and how to mend it: %s', (code) => {
    const sentence = lengthIssueSentence({ code, at: 0, to: 3 }, '4 q');
    expect(sentence).toMatch(/^.{20,}\.$/);
    expect(sentence).not.toContain('undefined');
  });
});
