import { describe, expect, it } from 'vitest';
import {
  coves,
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

import type { About, Base } from '../../core/plan/plan';
import { compareCards, pieceParts } from '../../core/resolve/compareCards';
import { resolvePlan } from '../../core/resolve/resolvePlan';
import { changeSentence } from './changeSentence';
import { changePiece, type ChangeOf } from '../../core/plan/pieceEdits';

const words = {
  unit: 'in',
  library,
  releases: [{ id: 'row' as ReleaseId, name: 'Allotment Row', onSale: null }],
  designers: [{ id: 'orla' as DesignerId, name: 'Orla' }],
  pieceName: (id: string) => (id === 'mat-2' ? 'Inner mat' : id),
} as const;

/** What is said of the five-layer A2 after these edits. */
function said(...edits: readonly SimpleEdit[]): readonly string[] {
  const before = fiveLayers();
  const outcome = applyEdit(before, { kind: 'batch', edits });
  if (!outcome.ok) throw new Error(outcome.issue.code);
  const [old, now] = [before, outcome.plan].map((plan) => ({
    plan,
    card: resolvePlan(plan, library),
  }));
  return old && now ? compareCards(old, now).map((each) => changeSentence(each, words)) : [];
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
      'to round Inner mat 1⁄8',
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
    expect(about({ checked: ['inside'] })).toEqual(['1 of the list before filming ticked']);
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
    const finding = { rule: 'easier-figures', pieceId: null } as const;
    expect(said({ kind: 'put', in: 'accepted', item: finding })).toEqual([
      'findings left as they are',
    ]);
  });

  it('covers every part a piece has', () => {
    const parts = Object.keys(fiveLayers().pieces[0] ?? {}).filter(
      (key) => !['id', 'kind', 'order'].includes(key),
    );
    expect([...pieceParts].sort()).toEqual(parts.sort());
  });
});
