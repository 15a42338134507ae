import { describe, expect, it } from 'vitest';
import {
  chalk,
  coves,
  dotOn,
  fiveLayers,
  library,
  measure,
  moss,
  reveal,
  typed,
} from '../../../test/support/plans';
import { applyEdit } from '../../core/plan/applyEdit';
import { defaultHabits } from '../../core/plan/habits';
import type { SimpleEdit } from '../../core/plan/edit';
import type { DesignerId, PieceId, ReleaseId } from '../../core/plan/ids';

import type { About, Base, Plan } from '../../core/plan/plan';
import { compareCards } from '../../core/resolve/compareCards';
import { resolvePlan } from '../../core/resolve/resolvePlan';
import { changeSentences } from './changeSentences';
import { addPieces, changePiece, type ChangeOf } from '../../core/plan/pieceEdits';

const words = {
  unit: 'in',
  library,
  releases: [{ id: 'row' as ReleaseId, name: 'Allotment Row', onSale: null }],
  designers: [{ id: 'orla' as DesignerId, name: 'Orla' }],
  pieceName: (id: string) => (id === 'mat-2' ? 'Inner mat' : id),
} as const;

/** What is said of the five-layer A2 after these edits. */
const said = (...edits: readonly SimpleEdit[]) => saidAfter([], ...edits);

/** What is said of it after these edits, once others have been made. */
function saidAfter(
  first: readonly SimpleEdit[],
  ...edits: readonly SimpleEdit[]
): readonly string[] {
  const before = applied(fiveLayers(), first);
  const [old, now] = [before, applied(before, edits)].map((plan) => ({
    plan,
    card: resolvePlan(plan, library),
  }));
  return old && now ? compareCards(old, now).flatMap((each) => changeSentences(each, words)) : [];
}
function applied(plan: Plan, edits: readonly SimpleEdit[]): Plan {
  const outcome = applyEdit(plan, { kind: 'batch', edits });
  if (!outcome.ok) throw new Error(outcome.issue.code);
  return outcome.plan;
}
const about = (change: Partial<About>) => said({ kind: 'set-about', change });
const base = (change: Partial<Base>) => said({ kind: 'set-base', change });
const top = (change: ChangeOf<'panel'>) =>
  said(changePiece({ id: 'top' as PieceId, kind: 'panel' }, change));
const eighth = typed('1/8');
const allRound = { left: eighth, top: eighth, right: eighth, bottom: eighth };

describe('what is said of a change', () => {
  it('names both figures of a size, and both ways where the way changed', () => {
    expect(top({ size: reveal('1/4') })).toEqual(['top E: border 1⁄16 to 1⁄4']);
    expect(top({ size: measure('3', '4') })).toEqual(['top E: border 1⁄16 to own size 3 × 4']);
    expect(top({ size: { by: 'step', overall: typed('1/2') } })).toEqual([
      'top E: border 1⁄16 to smaller by 1⁄2',
    ]);
    expect(top({ size: { by: 'sides', ...allRound, top: typed('1/4') } })).toEqual([
      'top E: border 1⁄16 to borders left 1⁄8, top 1⁄4, right 1⁄8, bottom 1⁄8',
    ]);
    expect(top({ size: { by: 'die', set: coves, step: 1, turned: true } })).toEqual([
      'top E: border 1⁄16 to die of Cove rectangles 2 turned',
    ]);
    expect(top({ size: { by: 'outset', around: 'mat-2' as PieceId, ...allRound } })[0]).toContain(
      'to built outward from Inner mat 1⁄8',
    );
  });

  it('says where a piece went and what was done to it', () => {
    expect(top({ on: { face: 'back' } })[0]).toContain('lies on Inner mat to the back');
    const place = {
      x: { from: 'third', which: 2 },
      y: { from: 'top', distance: eighth },
      turn: -8,
    } as const;
    expect(top({ place })).toEqual([
      'top E: place centred to on the right third, 1⁄8 from the top, turned -8°',
    ]);
    expect(top({ isMirrored: true })).toEqual(['top E: turned over']);
    expect(top({ motion: { kind: 'flap', hinge: 'left' } })).toEqual([
      'top E: glued down to a flap',
    ]);
    expect(top({ overhang: 'trimmed' })).toEqual(['top E: what hangs over trimmed']);
    expect(top({ stock: moss })).toEqual(['top E: stock Chalk 216 g to Moss 216 g']);
    expect(top({ attach: 'foam' })).toEqual(['top E: glued with tape to foam squares']);
    expect(top({ isOff: true })).toEqual(['top: turned off']);
    expect(top({ group: 'flyers' })).toEqual(['top E: group none to flyers']);
    expect(top({ trim: allRound })).toEqual(['top E: trims off 1⁄8 after decorating']);
    expect(top({ cutOut: { rim: typed('1/2') } })).toEqual(['top E: middle cut out, rim 1⁄2']);
    expect(top({ carriedBy: 'right' })).toEqual(['top E: glued to the right flap']);
    expect(top({ notes: 'last' })).toEqual(['top E: note “last”']);
    expect(top({ name: 'Panel' })).toEqual(['Panel E: name “top” to “Panel”']);
  });

  it('says what the card is for, when and by whom', () => {
    expect(about({ designerId: 'orla' as DesignerId })).toEqual(['designer none to Orla']);
    expect(about({ releaseId: 'row' as ReleaseId })).toEqual(['release none to Allotment Row']);
    expect(about({ filmOn: '2027-03-09' })).toEqual(['filmed on no day to 9 March 2027']);
    expect(about({ publishOn: '2027-03-12' })[0]).toContain('published on no day');
    expect(about({ status: 'cut' })).toEqual(['status planned to cut']);
    expect(about({ occasion: 'birthday' })).toEqual(['occasion none to “birthday”']);
    expect(about({ techniques: ['foam', 'stencil'] })).toEqual([
      'techniques none to “foam, stencil”',
    ]);
    expect(about({ checked: ['inside'] })).toEqual(['1 of the list before filming done']);
    expect(about({ notes: 'x' })).toEqual(['the notes']);
  });

  it('says what became of the base, the copies, the habits and the findings', () => {
    expect(base({ fold: 'flat' })[0]).toBe('side fold to flat');
    expect(base({ stock: moss })).toEqual(['base stock Chalk 216 g to Moss 216 g']);
    expect(base({ blankId: 'exact' })).toEqual(['how the blank is cut']);
    const size = { width: typed('5'), height: typed('7') };
    expect(base({ format: { kind: 'custom', size } })).toEqual(['format A2 upright to 5 × 7']);
    expect(said({ kind: 'set-making', change: { copies: 24 } })).toEqual(['1 to 24 copies']);
    expect(said({ kind: 'set-habits', change: defaultHabits('mm') })).toEqual([
      'the habits of this card',
    ]);
    const finding = { rule: 'easier-figures', subject: 'card' } as const;
    expect(said({ kind: 'put', in: 'accepted', item: finding })).toEqual([
      'figures that would be easier in eighths or whole millimetres left as they are',
    ]);
  });

  it('speaks of supplies and findings as of pieces', () => {
    const use = {
      id: 'ink' as PieceId,
      item: moss,
      amount: 2,
      pieceId: null,
      note: '',
    };
    const put = { kind: 'put', in: 'uses', item: use } as const;
    expect(said(put)).toEqual(['Moss 216 g added to the supplies']);
    const change = { amount: 3, note: 'for the leaves', pieceId: 'mat-2' as PieceId };
    const changed = { kind: 'change', in: 'uses', id: use.id, change } as const;
    expect(saidAfter([put], changed)).toEqual([
      'Moss 216 g: amount 2 to 3',
      'Moss 216 g: for Inner mat',
      'Moss 216 g: note “for the leaves”',
    ]);
    const other = { kind: 'change', in: 'uses', id: use.id, change: { item: chalk } } as const;
    expect(saidAfter([put], other)).toEqual(['Chalk 216 g: instead of Moss 216 g']);
    expect(saidAfter([put], { kind: 'remove', in: 'uses', id: use.id })).toEqual([
      'Moss 216 g taken off the supplies',
    ]);
    const finding = { rule: 'thin-reveal', subject: 'mat-2' } as const;
    expect(said({ kind: 'put', in: 'accepted', item: finding })).toEqual([
      'borders too thin to be seen at Inner mat left as they are',
    ]);
  });

  it('tells the look of a mark once, however many parts of it changed', () => {
    const gem = dotOn('top', 'gem');
    const put = addPieces(fiveLayers(), [gem]);
    const change = { colour: { wish: '#112233' }, look: 'drop' } as const;
    expect(saidAfter(put, changePiece({ id: 'gem' as PieceId, kind: 'dot' }, change))).toEqual([
      'gem: what it shows',
    ]);
  });
});
