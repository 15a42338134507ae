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

  const add = (name: string) => {
    fireEvent.change(screen.getByLabelText('It takes'), { target: { value: name } });
    fireEvent.click(screen.getByRole('button', { name: 'Add' }));
  };

  it('is found by its name or the part of one that only it has', () => {
    const onCommit = show();
    add('rose');
    expect(onCommit.mock.calls[0]?.[0]).toMatchObject({
      kind: 'put',
      in: 'uses',
      item: { item: { id: 'rose', version: 1 }, amount: 1, pieceId: null },
    });
  });

  it.each(['gem', 'unicorn', 'Moss 216 g'])('is refused as %j, with what to do instead', (name) => {
    const onCommit = show();
    add(name);
    expect(screen.getByRole('alert').textContent).toContain('no single thing called');
    expect(onCommit).not.toHaveBeenCalled();
  });
});
