import { describe, expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { schemeOf } from '../../../test/support/mail';
import { must } from '../../../test/support/must';
import { inches, millimetres, zeroLength } from '../length/length';
import { judgeMail, type MailPiece } from '../post/mail/judge';
import { postPlan } from '../post/postPlan';
import { resolvePlan } from '../resolve/resolvePlan';
import { classWords, postSentences, unknownWords, writeGrams } from './postWords';

const piece: MailPiece = {
  ...{ width: millimetres(162), height: millimetres(114), thickness: millimetres(5.4), grams: 28 },
  ...{ uneven: millimetres(2.4), unevenBy: millimetres(1.6) },
};
const classes = (scheme: 'us' | 'uk' | 'germany', of: MailPiece) =>
  judgeMail(schemeOf(scheme), of).classes;

describe('how a piece stands to a class', () => {
  it('is what is left of thickness and weight, or all it is beyond of', () => {
    const [letter, large] = classes('uk', piece);
    expect(classWords(must(letter), 'mm')).toBe('too thick by 0.4 mm');
    expect(classWords(must(large), 'mm')).toBe('19.6 mm under, 722 g under');
    expect(classWords(must(classes('us', piece)[0]), 'in')).toBe(
      'uneven: its highest point is 2.4 mm above half of it',
    );
    const small = { ...piece, width: inches(4), height: inches(4), uneven: zeroLength };
    expect(classWords(must(classes('us', small)[0]), 'in')).toBe(
      'too short by 1 in and too square: 1.00 to 1, not at least 1.3',
    );
    expect(classWords(must(classes('germany', { ...piece, grams: 24 })[0]), 'mm')).toBe(
      'too thick by 0.4 mm and 4 g over',
    );
  });

  it('says what is not known of it', () => {
    const [letter] = classes('us', piece);
    expect(unknownWords(must(letter), 'in')).toBe(
      'whether it bends as far as it has to is not known',
    );
  });
});

describe('grams', () => {
  it('are whole, below ten to the tenth', () => {
    expect([0.04, 2.26, 9.96, 27.5].map(writeGrams)).toEqual(['0', '2.3', '10', '28']);
  });
});

describe('what the sheet tells of the post', () => {
  it.each(demoCards.map(({ id }) => id))(
    'is height, weight, envelope and a class of each authority with its month: %s',
    (id) => {
      const { plan, library } = must(demoCards.find((each) => each.id === id));
      const post = postPlan(plan, resolvePlan(plan, library), library, []);
      const [height, weight, envelope, ...schemes] = postSentences(post, 'in');
      expect(height).toMatch(/^Height of the closed card: .+ mm = .+\.$/);
      expect(weight).toMatch(/^Weight \d+ g, ± [\d.]+ g, with its envelope\.$/);
      expect(envelope).toMatch(/^Envelope: .+ × .+\.$/);
      expect(schemes).toHaveLength(4);
      for (const scheme of schemes)
        expect(scheme).toMatch(
          /: .+ \(rules as of \w+ \d{4}, from memory; check with your post office\)\.$/,
        );
    },
  );
});
