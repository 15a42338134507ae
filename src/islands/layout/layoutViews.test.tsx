import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import {
  dotOn,
  library,
  measure,
  pieceOn,
  planOf,
  stampedOn,
  wordsOn,
  wren,
} from '../../../test/support/plans';
import { resolvePlan } from '../../core/resolve/resolvePlan';
import { LengthField } from '../parts/LengthField';
import { LinesField } from './LinesField';
import { PlacesPanel } from './PlacesPanel';
import { ThingRows, thingsInOrder } from './ThingRows';

afterEach(cleanup);

const plan = planOf([
  pieceOn('front', 'panel', measure('4', '5')),
  stampedOn('panel', 'bird', wren),
  wordsOn('panel', 'words', ['hello']),
  ...Array.from({ length: 6 }, (_, index) => ({
    ...dotOn('panel', `dot-${index}`),
    group: 'snow',
  })),
]);
const card = resolvePlan(plan, library);

describe('the rows of what lies on a face', () => {
  it('tell each paper with its marks beneath, a scatter folded into one', () => {
    const onSelect = vi.fn();
    render(
      <ThingRows
        card={card}
        face="front"
        unit="in"
        selected={new Set()}
        onSelect={onSelect}
        ticket={null}
      />,
    );
    const rows = screen.getAllByRole('button').map(({ textContent }) => textContent);
    expect(rows).toHaveLength(4);
    expect(rows[0]).toContain('panel');
    expect(rows[1]).toContain('snow 6 pieces');
    fireEvent.click(screen.getByRole('button', { name: /snow/ }), { shiftKey: true });
    expect(onSelect.mock.calls[0]?.[0]).toHaveLength(6);
    expect(onSelect.mock.calls[0]?.[1]).toBe(true);
    expect(thingsInOrder(card, 'front')[0]?.id).toBe('panel');
  });

  it('teach where there is nothing', () => {
    render(
      <ThingRows
        card={card}
        face="back"
        unit="in"
        selected={new Set()}
        onSelect={vi.fn()}
        ticket={null}
      />,
    );
    expect(screen.getByText(/Nothing lies on this face yet/)).toBeTruthy();
  });
});

describe('words that are typed', () => {
  const show = () => {
    const [onPreview, onCommit] = [vi.fn(), vi.fn()];
    render(<LinesField lines={['hello']} onPreview={onPreview} onCommit={onCommit} />);
    return { field: screen.getByLabelText('Words, a line each'), onPreview, onCommit };
  };

  it('are drawn as they are typed, a line each, and kept when one leaves', () => {
    const { field, onPreview, onCommit } = show();
    fireEvent.change(field, { target: { value: 'happy \n\n birthday' } });
    expect(onPreview).toHaveBeenLastCalledWith(['happy', 'birthday']);
    expect(onCommit).not.toHaveBeenCalled();
    fireEvent.blur(field);
    expect(onCommit).toHaveBeenCalledWith(['happy', 'birthday']);
  });

  it('without a letter are refused and not kept; Escape takes them back', () => {
    const { field, onCommit } = show();
    fireEvent.change(field, { target: { value: '  ' } });
    expect(screen.getByRole('alert').textContent).toContain('at least one letter');
    fireEvent.blur(field);
    expect(onCommit).not.toHaveBeenCalled();
    fireEvent.keyDown(field, { key: 'Escape' });
    expect((field as HTMLTextAreaElement).value).toBe('hello');
  });
});

describe('a distance that may be negative', () => {
  it('is read with its sign, and steps across zero', () => {
    const onCommit = vi.fn();
    render(
      <LengthField
        label="from the left"
        value={{ ticks: 0 as never }}
        unit="in"
        isSigned
        onPreview={vi.fn()}
        onCommit={onCommit}
      />,
    );
    const field = screen.getByLabelText('from the left');
    fireEvent.keyDown(field, { key: 'ArrowDown' });
    expect((field as HTMLInputElement).value).toBe('-1/16');
    fireEvent.change(field, { target: { value: '-1/4' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    expect(onCommit).toHaveBeenCalledWith({ ticks: -101_600, typed: '-1/4' });
  });
});

describe('the free places in words', () => {
  it('say what helps where there is none', () => {
    render(
      <PlacesPanel
        name="words"
        found={{
          places: [],
          advice: [
            { kind: 'shrink', percent: 80 },
            { kind: 'move', id: 'bird' as never, name: 'bird' },
          ],
        }}
        unit="in"
        onTake={vi.fn()}
        onClose={vi.fn()}
      />,
    );
    expect(screen.getByText(/No place is free for words/)).toBeTruthy();
    expect(screen.getByText(/80 per cent/)).toBeTruthy();
    expect(screen.getByText(/Without bird there would be room/)).toBeTruthy();
  });
});

describe('a field that goes away', () => {
  it('takes back what was typed in it, and leaves the preview of another alone', () => {
    const onPreview = vi.fn();
    const field = () => (
      <LengthField
        label="from the left"
        value={{ ticks: 0 as never }}
        unit="in"
        onPreview={onPreview}
        onCommit={vi.fn()}
      />
    );
    render(field()).unmount();
    expect(onPreview).not.toHaveBeenCalled();
    const typing = render(field());
    fireEvent.change(screen.getByLabelText('from the left'), { target: { value: '1/4' } });
    typing.unmount();
    expect(onPreview).toHaveBeenLastCalledWith(undefined);
  });
});
