import { cleanup, fireEvent, screen, within } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { demoCards } from '../../../../test/support/demoCards';
import { must } from '../../../../test/support/must';
import { renderIn, sessionOn } from '../../../../test/support/session';
import { postRemedies } from '../../../core/compute/postRemedies';
import type { Plan } from '../../../core/plan/plan';
import { heightAreas } from '../../../core/post/heightAreas';
import { houseSchemes } from '../../../core/post/mail/houseSchemes';
import type { HouseMail } from '../../../core/stash/houseMail';
import { plainMail } from '../../../core/stash/plainMail';
import { postPlan } from '../../../core/post/postPlan';
import { PostStation } from './PostStation';
import { postFigure } from './postFigure';

const chart = { dispose: vi.fn(), resize: vi.fn(), setOption: vi.fn() };
vi.mock('./drawWeight', () => ({ drawWeight: () => chart.dispose }));

afterEach(cleanup);

const { plan, library } = must(demoCards.find(({ id }) => id === 'bean-poles'));

/** The session of a card of which all is worked out. */
function posted(of: Plan, mail: HouseMail = plainMail) {
  const session = sessionOn(of, library);
  const post = postPlan(of, session.card, library, [], houseSchemes(mail));
  const remedies = [...postRemedies({ plan: of, library, holdings: [] }, post)].flatMap(
    (each) => each ?? [],
  );
  const areas = heightAreas(post.map);
  return { ...session, post: { ...session.post, plan: post, areas, remedies } };
}

const classes = (name: string) => within(screen.getByRole('region', { name }));

describe('the Post station', () => {
  it('says that it is weighing, and that it could not', () => {
    const session = sessionOn(plan, library);
    const { unmount } = renderIn(session, <PostStation />);
    expect(screen.getByRole('status').textContent).toBe('Weighing…');
    unmount();
    renderIn({ ...session, post: { ...session.post, hasFailed: true } }, <PostStation />);
    expect(screen.getByRole('status').textContent).toMatch(/could not be worked out/);
  });

  it('tells the height with its sum, and the chart as a table', () => {
    renderIn(posted(plan), <PostStation />);
    const sum = screen.getByRole('table', { name: /^Highest 6.4 mm/ });
    const rows = within(sum)
      .getAllByRole('row')
      .map(({ textContent }) => textContent);
    expect(rows.slice(0, 3)).toEqual(['Gem 12', 'Top panel0.3', 'foam squares1.5']);
    expect(rows).toContain('base, 2 leaves0.8');
    expect(rows.filter((row) => row.startsWith('base'))).toHaveLength(1);
    expect(rows.at(-1)).toBe('in all6.4');
    expect(screen.getByText('How much of it is how high')).toBeTruthy();
  });

  it('tells of each class what is left, or by how much the card is beyond it', () => {
    renderIn(posted(plan), <PostStation />);
    const us = classes('United States');
    expect(us.getAllByText(/^too thick by/)[0]?.textContent).toContain('above half of it');
    expect(us.getByText(/check with your post office/)).toBeTruthy();
    expect(classes('Germany').getByText('Large letter').className).toContain('semibold');
  });

  it('tells what a class costs the team, and of which day a limit of it is', () => {
    const limits = { long: null, short: null, thickness: null, grams: 20, asOf: '2027-02-01' };
    const price = { hundredths: 119, asOf: '2027-01-15' };
    renderIn(
      posted(plan, { home: 'us', classes: { 'us-nonmachinable': { price, limits } } }),
      <PostStation />,
    );
    expect(
      classes('United States').getByText(
        /1\.19 each, told 15 January 2027; limits told 1 February 2027$/,
      ),
    ).toBeTruthy();
  });

  it('tells how deep a box for two of them is', () => {
    const envelope = { by: 'made', kind: 'box', stock: plan.base.stock } as const;
    renderIn(posted({ ...plan, post: { ...plan.post, envelope } }), <PostStation />);
    expect(
      screen.getByText(/^Two of them are 12\.8 mm back to back, 10\.8 mm front to front/),
    ).toBeTruthy();
  });

  it('takes a change that brings a cheaper class by its button and by its key', () => {
    const session = posted(plan);
    renderIn(session, <PostStation />);
    const us = classes('United States');
    const button = us.getByRole('button', { name: /^Sequins for gems/ });
    fireEvent.click(button);
    const [remedy] = session.post.remedies.filter(
      ({ deeds, cheaper }) => cheaper.us !== undefined && deeds[0]?.code === 'flatter',
    );
    expect(session.commit).toHaveBeenLastCalledWith(must(remedy).edit);
    fireEvent.keyDown(document.body, { key: 'c' });
    expect(session.commit).toHaveBeenCalledTimes(2);
  });

  it('is told which class is wanted, and that none is', () => {
    const session = posted(plan);
    renderIn(session, <PostStation />);
    fireEvent.click(classes('United Kingdom').getByRole('checkbox', { name: 'wanted: Letter' }));
    expect(session.commit).toHaveBeenLastCalledWith({
      kind: 'set-post',
      change: { wanted: { scheme: 'uk', class: 'uk-letter' } },
    });
    fireEvent.click(classes('United States').getByRole('checkbox', { name: 'wanted: Letter' }));
    expect(session.commit).toHaveBeenLastCalledWith({
      kind: 'set-post',
      change: { wanted: null },
    });
  });

  it('takes another envelope, and says where one is too small', () => {
    const session = posted(plan);
    const { unmount } = renderIn(session, <PostStation />);
    fireEvent.change(screen.getByRole('combobox', { name: 'The envelope' }), {
      target: { value: 'c6' },
    });
    const envelope = { by: 'standard', id: 'c6' } as const;
    expect(session.commit).toHaveBeenLastCalledWith({ kind: 'set-post', change: { envelope } });
    unmount();
    renderIn(posted({ ...plan, post: { ...plan.post, envelope } }), <PostStation />);
    expect(screen.getByText(/^It does not fit: room left .*−/)).toBeTruthy();
  });

  it('puts something in with it, changes what it weighs, and takes it out', () => {
    const session = posted(plan);
    const { unmount } = renderIn(session, <PostStation />);
    fireEvent.click(screen.getByRole('button', { name: 'Put something in with it' }));
    const name = screen.getByRole('textbox', { name: 'What is put in' });
    fireEvent.change(name, { target: { value: 'A photograph' } });
    fireEvent.blur(name);
    const enclosures = [{ name: 'A photograph', grams: 1 }];
    expect(session.commit).toHaveBeenLastCalledWith({ kind: 'set-post', change: { enclosures } });
    unmount();
    const filled = posted({ ...plan, post: { ...plan.post, enclosures } });
    renderIn(filled, <PostStation />);
    const grams = screen.getByRole('textbox', { name: 'Grams of A photograph' });
    fireEvent.change(grams, { target: { value: 'much' } });
    fireEvent.blur(grams);
    expect(screen.getByRole('alert').textContent).toBe('It weighs 0 to 1000 g.');
    expect(filled.commit).not.toHaveBeenCalled();
    fireEvent.click(screen.getByRole('button', { name: 'Take A photograph out' }));
    expect(filled.commit).toHaveBeenLastCalledWith({
      kind: 'set-post',
      change: { enclosures: [] },
    });
  });

  describe('cuts the card through', () => {
    beforeEach(() => void renderIn(posted(plan), <PostStation />));
    const section = () =>
      screen.getByRole('img', { name: 'The card cut through along the line S' });

    it('across its highest place, or down; moved by the arrows', () => {
      const across = section().getAttribute('width');
      expect(section().querySelectorAll('rect').length).toBeGreaterThan(8);
      fireEvent.keyDown(document.body, { key: 'x' });
      const down = section();
      expect(Number(down.getAttribute('width'))).toBeGreaterThan(Number(across));
      const before = down.innerHTML;
      for (let at = 0; at < 4; at++)
        fireEvent.keyDown(document.body, { key: 'ArrowRight', shiftKey: true });
      expect(section().innerHTML).not.toBe(before);
    });

    it('along a line that is dragged; a press by itself draws none', () => {
      const sea = screen.getByRole('img', { name: /^The closed card from above/ });
      sea.setPointerCapture = vi.fn();
      const before = section().innerHTML;
      fireEvent.pointerDown(sea, { clientX: 60, clientY: 60 });
      fireEvent.pointerUp(sea, { clientX: 60, clientY: 60 });
      expect(section().innerHTML).toBe(before);
      fireEvent.pointerDown(sea, { clientX: 60, clientY: 60 });
      fireEvent.pointerMove(sea, { clientX: 200, clientY: 240 });
      fireEvent.pointerUp(sea, { clientX: 200, clientY: 240 });
      expect(section().innerHTML).not.toBe(before);
    });
  });
});

describe('the figure on its tab', () => {
  it('is height and weight; old while it is worked out anew, and not known where that failed', () => {
    const { post } = posted(plan);
    expect(postFigure({ ...post, isOld: true })).toEqual({ text: '6.4 mm, 28 g', isOld: true });
    const none = { plan: undefined, isOld: false };
    expect(postFigure({ ...none, hasFailed: false }).text).toBe('weighing…');
    expect(postFigure({ ...none, hasFailed: true }).text).toBe('not known');
  });
});
