import { expect, it } from 'vitest';
import { inTurn } from './inTurn';

it('does one thing after the other, lets what waits come between, and goes on after a failure', async () => {
  const order: string[] = [];
  const first = inTurn(async () => {
    await Promise.resolve();
    order.push('first');
  });
  const failing = inTurn(() => {
    order.push('failing');
    throw new Error('cannot be drawn');
  });
  const last = inTurn(() => order.push('last'));
  setImmediate(() => order.push('a save'));
  await expect(failing).rejects.toThrow('cannot be drawn');
  await Promise.all([first, last]);
  expect(order.filter((each) => each !== 'a save')).toEqual(['first', 'failing', 'last']);
  expect(order.indexOf('a save')).toBeLessThan(order.indexOf('last'));
});
