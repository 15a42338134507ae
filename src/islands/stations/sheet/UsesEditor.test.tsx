import { cleanup, fireEvent, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { renderIn, sessionOn } from '../../../../test/support/session';
import { UsesEditor } from './UsesEditor';
import { library, plan } from '../../../../test/support/listed';

afterEach(cleanup);

describe('what a card takes beside its panels', () => {
  const show = () => {
    const session = sessionOn(plan, library);
    renderIn(session, <UsesEditor />);
    return session.commit;
  };
  const [use] = plan.uses;
  if (!use) throw new Error('no use');
  const { id } = use;

  it('changes in amount, purpose and note, each an edit of its own, and is taken out', () => {
    const onCommit = show();
    const amount = screen.getByLabelText('Amount of Ruby gem');
    fireEvent.change(amount, { target: { value: '5' } });
    fireEvent.keyDown(amount, { key: 'Enter' });
    fireEvent.change(screen.getByLabelText('What Ruby gem is for'), { target: { value: '' } });
    const note = screen.getByLabelText('Note on Ruby gem');
    fireEvent.change(note, { target: { value: '' } });
    fireEvent.blur(note);
    fireEvent.click(screen.getByRole('button', { name: 'Take Ruby gem out' }));
    expect(onCommit.mock.calls.map(([edit]) => edit)).toEqual([
      { kind: 'change', in: 'uses', id, change: { amount: 5 } },
      { kind: 'change', in: 'uses', id, change: { pieceId: null } },
      { kind: 'change', in: 'uses', id, change: { note: '' } },
      { kind: 'remove', in: 'uses', id },
    ]);
  });

  it('is found by what is typed on it, and is there at once', () => {
    const onCommit = show();
    fireEvent.keyDown(screen.getByRole('combobox', { name: 'It takes' }), { key: 'r' });
    const [first] = screen.getAllByRole('option', { name: /^Rose|^Ruby/ });
    if (first) fireEvent.click(first);
    expect(onCommit.mock.calls[0]?.[0]).toMatchObject({
      kind: 'put',
      in: 'uses',
      item: { amount: 1, pieceId: null },
    });
  });
});
