import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { PlacesPanel } from './PlacesPanel';

afterEach(cleanup);

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
