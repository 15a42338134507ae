import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { must } from '../../../../test/support/must';
import { renderIn, sessionOn } from '../../../../test/support/session';
import { maskChoices } from '../../../core/compute/maskChoices';
import { maskCard } from '../../../core/masking/maskCard';
import { applyEdit } from '../../../core/plan/applyEdit';
import type { Plan } from '../../../core/plan/plan';
import { emptyHolding } from '../../../core/stash/holdings';
import type { Masks } from '../../session/useMasks';
import { MasksStation } from './MasksStation';
import { masksFigure } from './masksFigure';

afterEach(cleanup);

const { plan, library } = must(demoCards.find(({ id }) => id === 'beans-before-the-shed'));

/** The session of a card whose masks are worked out. */
function masked(of: Plan) {
  const session = sessionOn(of, library);
  return { ...session, masks: { ...session.masks, plan: maskCard(of, session.card) } };
}
const rows = () => screen.getByRole('group', { name: 'Prints in the order they are made' });

describe('the Masks station', () => {
  it('says that it is looking, that it could not, and where there is nothing to order', () => {
    const session = sessionOn(plan, library);
    const { unmount } = renderIn(session, <MasksStation />);
    expect(screen.getByRole('status').textContent).toBe('Looking who meets whom…');
    unmount();
    const failed = { ...session.masks, hasFailed: true };
    renderIn({ ...session, masks: failed }, <MasksStation />).unmount();
    const bare = { ...plan, pieces: plan.pieces.filter(({ kind }) => kind === 'panel') };
    renderIn(masked(bare), <MasksStation />);
    expect(screen.getByRole('heading').textContent).toBe('Nothing to order here');
  });

  it('proves the fewest, and lists the prints as they are made with their masks', () => {
    renderIn(masked(plan), <MasksStation />);
    const [, proof] = screen.getAllByRole('heading', { level: 2 });
    expect(proof?.textContent).toBe('2 images to mask; fewer is impossible with these places');
    const told = within(rows())
      .getAllByRole('button')
      .map(({ textContent }) => textContent);
    expect(told).toEqual([
      '1Skylaid first',
      '2Bean rowoutlinemask A, 10 min',
      '3Barrow 2outlineover mask A',
      '4Potting shedoutlinemask B, 3 min; over mask A',
      '5Barrow 1outlineover masks A, B',
      '6What the garden saidwords',
    ]);
  });

  it('says what turning about and crossing do before it is done, and does it', () => {
    const { masks, ...session } = masked(plan);
    const choices = [...maskChoices(plan, session.card, must(masks.plan))];
    const selected = 'barrow-left' as Plan['pieces'][number]['id'];
    renderIn({ ...session, selected, masks: { ...masks, choices } }, <MasksStation />);
    const buttons = within(rows()).getAllByRole('button', {
      name: /Barrow 1 first|Let them cross/,
    });
    expect(buttons.map(({ textContent }) => textContent)).toEqual([
      'Barrow 1 first, 2 images to mask',
      'Let them cross, 2 images to mask',
      'Barrow 1 first, 1 image to mask',
      'Let them cross, 1 image to mask',
    ]);
    fireEvent.click(must(buttons[3]));
    expect(session.commit).toHaveBeenCalledWith({
      kind: 'put',
      in: 'overlaps',
      item: { between: ['barrow-left', 'shed'], first: null },
    });
    fireEvent.keyDown(document.body, { key: 't', code: 'KeyT' });
    expect(session.commit).toHaveBeenLastCalledWith({
      kind: 'put',
      in: 'overlaps',
      item: { between: ['barrow-left', 'beans'], first: 'barrow-left' },
    });
  });

  it('leaves out a paper that is gone since it was looked at', () => {
    const session = masked(plan);
    const gone = sessionOn({ ...plan, pieces: [] }, library);
    renderIn({ ...gone, masks: session.masks }, <MasksStation />);
    expect(screen.getByRole('heading').textContent).toBe('Nothing to order here');
  });
});

describe('a mask that is kept, and what is open in a stamp', () => {
  const reply = vi.fn<(path: string, init: RequestInit) => Promise<Response>>();
  beforeEach(() => vi.stubGlobal('fetch', reply));
  afterEach(() => {
    vi.unstubAllGlobals();
    reply.mockReset();
  });
  const answer = (body: unknown) =>
    reply.mockImplementation(() => Promise.resolve(new Response(JSON.stringify(body))));
  const sent = () => JSON.parse(String(reply.mock.calls[0]?.[1].body)) as unknown;

  it('is kept with the uses that the batch leaves, and given up', async () => {
    const session = masked(plan);
    const beans = must(session.card.marks.find(({ id }) => id === 'beans'));
    const { stamp } = beans;
    const [mask] = must(session.masks.plan).masks;
    const kept = { covers: must(must(mask).covers[0].print.stamp) };
    const holding = {
      ...emptyHolding(must(stamp).id),
      masks: [{ ...kept, usesLeft: 3, cardId: session.cardId }],
    };
    answer({ items: [], holdings: [holding] });
    const { unmount } = renderIn(session, <MasksStation />);
    fireEvent.click(screen.getByRole('button', { name: 'Keep it with its stamp' }));
    await waitFor(() => expect(session.changeHoldings).toHaveBeenCalledWith([holding]));
    expect(sent()).toEqual({ changes: [{ itemId: holding.itemId, holding }] });
    unmount();
    reply.mockImplementation(() =>
      Promise.resolve(
        new Response(JSON.stringify({ error: { message: 'Not now.', hint: 'Try again.' } }), {
          status: 500,
        }),
      ),
    );
    renderIn({ ...session, holdings: [holding] }, <MasksStation />);
    expect(screen.getByText(/^Kept with its stamp/).textContent).toBe(
      'Kept with its stamp: after all copies it can be laid on 3 more times.',
    );
    fireEvent.click(screen.getByRole('button', { name: 'It is not there any more' }));
    expect((await screen.findByRole('alert')).textContent).toBe(
      'That is not kept. Not now. Try again.',
    );
  });

  it('is picked among the areas its lines enclose, kept as the next version, and taken for the card', async () => {
    const session = masked(plan);
    const selected = 'shed' as Plan['pieces'][number]['id'];
    const stamp = must(must(session.card.marks.find(({ id }) => id === selected)).stamp);
    const next = { ...stamp, version: stamp.version + 1 };
    answer({ items: [next], holdings: [] });
    renderIn({ ...session, selected }, <MasksStation />);
    fireEvent.keyDown(document.body, { key: 'p', code: 'KeyP' });
    const keep = screen.getByRole('button', { name: 'Keep what is open' });
    expect(keep.hasAttribute('disabled')).toBe(true);
    fireEvent.click(screen.getByRole('button', { name: 'Area 2' }));
    fireEvent.click(keep);
    await waitFor(() => expect(session.addItem).toHaveBeenCalledWith(next));
    const [change] = (sent() as { changes: { item: typeof stamp }[] }).changes;
    expect(must(change).item.openings).toMatch(/^M[\d.]+ [\d.]+L.*Z$/);
    const [edit] = must(session.commit.mock.lastCall);
    const after = applyEdit(plan, edit);
    const shed = after.ok && after.plan.pieces.find(({ id }) => id === selected);
    expect(shed).toMatchObject({ stamp: { id: stamp.id, version: next.version } });
  });
});

describe('the figure of the Masks tab', () => {
  const figure = (change: Partial<Masks>) =>
    masksFigure({ plan: undefined, isOld: false, hasFailed: false, ...change });
  it('tells the masks, the old ones while new ones are worked out', () => {
    const masks = masked(plan).masks.plan;
    expect(figure({})).toEqual({ text: 'looking…', isOld: false });
    expect(figure({ hasFailed: true })).toEqual({ text: 'not known', isOld: false });
    expect(figure({ plan: masks, isOld: true })).toEqual({ text: '2 masks', isOld: true });
    expect(figure({ plan: { ...must(masks), masks: [] } })).toEqual({
      text: 'no masks',
      isOld: false,
    });
  });
});
