import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { fiveLayers, library, measure, pieceOn, planOf, reveal } from '../../../test/support/plans';
import type { Remedy } from '../../core/findings/remedy';
import { computeCard } from '../../core/compute/computeCard';
import { applyEdit } from '../../core/plan/applyEdit';
import type { Edit } from '../../core/plan/edit';
import type { Plan } from '../../core/plan/plan';
import { FindingsLine } from './FindingsLine';

afterEach(cleanup);

function show(plan: Plan) {
  const onCommit = vi.fn<(edit: Edit) => void>();
  const onSelect = vi.fn();
  const { findings } = computeCard(plan, library);
  const onHabits = vi.fn();
  const handlers = { onCommit, onSelect, onHabits };
  render(<FindingsLine findings={findings} lead={findings[0]} unit="in" {...handlers} />);
  return { findings, onCommit, onSelect };
}

const uneven = planOf([
  pieceOn('front', 'Panel', measure('4', '5')),
  pieceOn('Panel', 'Wide', measure('4 1/2', '1')),
]);

describe('the line of findings', () => {
  it('says so when there is nothing to mend', () => {
    show(planOf([pieceOn('front', 'Panel', reveal('1/8'))]));
    expect(screen.getByText('Nothing to mend on this card.')).toBeDefined();
  });

  it('tells the gravest with its remedy, and gives exactly that edit', () => {
    const { findings, onCommit } = show(uneven);
    expect(screen.getByText('1 stops the card')).toBeDefined();
    fireEvent.click(screen.getByRole('button', { name: /^Cut 3 3⁄4 × 4 3⁄4/ }));
    expect(onCommit.mock.calls).toEqual([[findings[0]?.remedies[0]?.edit]]);
  });

  it('takes all that was proposed away with its finding, be it several ways of one kind', () => {
    const { findings } = computeCard(uneven, library);
    const [first] = findings;
    const [remedy] = first?.remedies ?? [];
    if (!first || !remedy) throw new Error('expected a remedy');
    const handlers = { onCommit: vi.fn(), onSelect: vi.fn(), onHabits: vi.fn() };
    const line = (remedies: readonly Remedy[]) => (
      <FindingsLine findings={findings} lead={{ ...first, remedies }} unit="in" {...handlers} />
    );
    const { rerender } = render(line([remedy, remedy]));
    const offered = () => screen.queryAllByRole('button', { name: /^Cut 3 3⁄4 × 4 3⁄4/ });
    expect(offered()).toHaveLength(2);
    rerender(line([remedy]));
    expect(offered()).toHaveLength(1);
    rerender(line([]));
    expect(offered()).toHaveLength(0);
  });

  it('opens the rest, where each can be selected or left as it is', () => {
    const { findings, onCommit, onSelect } = show(uneven);
    fireEvent.click(screen.getByRole('button', { name: `All findings (${findings.length})` }));
    const entries = screen.getAllByRole('listitem');
    expect(entries).toHaveLength(findings.length);
    // Each is told once, and none counts the others.
    for (const sentence of screen.getAllByRole('button', { name: /Wide/ }))
      expect(sentence.closest('li')).not.toBeNull();
    expect(entries.map(({ textContent }) => textContent)).not.toContain(
      expect.stringMatching(/^\d/),
    );
    fireEvent.click(screen.getByRole('button', { name: /^Panel B: the border/ }));
    expect(onSelect).toHaveBeenCalledWith(findings.find(({ subject }) => subject.name === 'Panel'));
    fireEvent.click(screen.getAllByRole('button', { name: 'Leave it so' })[1] ?? document.body);
    const [edit] = onCommit.mock.calls[0] ?? [];
    const outcome = edit && applyEdit(uneven, edit);
    if (!outcome?.ok) throw new Error('the edit does not apply');
    const left = computeCard(outcome.plan, library).findings;
    expect(left.map(({ subject }) => subject.name)).toEqual(['Wide']);
  });

  it('tries the remedies of the one it tells, and of the others once the list is open', () => {
    const tried: string[] = [];
    const { findings } = computeCard(uneven, library);
    const watched = findings.map((finding) => ({
      ...finding,
      get remedies() {
        tried.push(finding.subject.name);
        return finding.remedies;
      },
    }));
    const handlers = { onCommit: vi.fn(), onSelect: vi.fn(), onHabits: vi.fn() };
    render(<FindingsLine findings={watched} lead={watched[0]} unit="in" {...handlers} />);
    expect(new Set(tried)).toEqual(new Set(['Wide']));
    fireEvent.click(screen.getByRole('button', { name: /^All findings/ }));
    expect(new Set(tried)).toEqual(new Set(['Wide', 'Panel']));
    const [, second] = screen.getAllByRole('listitem');
    expect(second?.querySelectorAll('button.button-outlined').length).toBeGreaterThan(0);
  });

  it('lists old and new figures of an easier stack when it is opened', () => {
    show(fiveLayers());
    fireEvent.click(screen.getByRole('button', { name: /^All findings/ }));
    const row = screen.getByRole('row', { name: /liner/ });
    expect(row.textContent).toContain('3 11⁄16 × 4 15⁄163 5⁄8 × 4 7⁄83⁄321⁄8');
  });
});
