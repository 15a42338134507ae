import { cleanup, render, screen } from '@testing-library/react';
import { renderToString } from 'react-dom/server';
import { afterEach, describe, expect, it } from 'vitest';
import { lateView } from './lateView';

afterEach(cleanup);

const Part = ({ name }: { readonly name: string }) => <p>{name}</p>;

describe('a part that comes late', () => {
  it('is in the page from the start where it was loaded before', async () => {
    const part = lateView(() => Promise.resolve(Part), 'One moment…');
    expect(renderToString(<part.View name="fold" />)).toBe('One moment…');
    await part.preload();
    expect(renderToString(<part.View name="fold" />)).toBe('<p>fold</p>');
  });

  it('takes the place of what waits for it once its script is there', async () => {
    const part = lateView(() => Promise.resolve(Part), 'One moment…');
    const { container } = render(<part.View name="fold" />);
    expect(container.textContent).toBe('One moment…');
    expect(await screen.findByText('fold')).toBeDefined();
  });

  it('says so where its script does not come, and asks for it again when it is drawn again', async () => {
    let isThere = false;
    const part = lateView(() =>
      isThere ? Promise.resolve(Part) : Promise.reject(new Error('no answer')),
    );
    render(<part.View name="fold" />);
    expect((await screen.findByRole('alert')).textContent).toMatch(/could not be loaded/);
    cleanup();
    isThere = true;
    render(<part.View name="fold" />);
    expect(await screen.findByText('fold')).toBeDefined();
  });
});
