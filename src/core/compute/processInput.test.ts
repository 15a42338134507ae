import { expect, it } from 'vitest';
import { demoCards } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import { processOf } from '../../../test/support/process';

it('a blend alone on its paper is taped as one among prints is', () => {
  const { plan, library } = must(demoCards.find(({ id }) => id === 'beans-before-the-shed'));
  const alone = {
    ...plan,
    pieces: plan.pieces.filter(({ kind }) => kind !== 'image' && kind !== 'words'),
  };
  expect(alone.pieces.map(({ kind }) => kind)).toEqual(['panel', 'blend']);
  const kinds = processOf(alone, library).steps.map(({ kind }) => kind);
  expect(kinds.filter((kind) => ['tape', 'blend', 'untape'].includes(kind))).toEqual([
    'tape',
    'blend',
    'untape',
  ]);
});
