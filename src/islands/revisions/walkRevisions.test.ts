import { describe, expect, it } from 'vitest';
import { fiveLayers, library, reveal } from '../../../test/support/plans';
import type { Edit } from '../../core/plan/edit';
import type { PieceId } from '../../core/plan/ids';
import { changeSentences } from '../words/changeSentences';
import { sittingsOf, walkRevisions, type Revision } from './walkRevisions';
import { changePiece } from '../../core/plan/pieceEdits';

const words = {
  unit: 'in',
  library,
  releases: [{ id: 'night-tram' as never, name: 'Night Tram', onSale: null }],
  designers: [],
  pieceName: (id: string) => id,
} as const;
const border = (id: string, all: string): Edit =>
  changePiece({ id: id as PieceId, kind: 'panel' }, { size: reveal(all) });
const at = (minutes: number) => new Date(Date.UTC(2027, 1, 1, 19, minutes)).toISOString();
const revisions: readonly Revision[] = [
  { number: 1, author: 'orla', at: at(0), edits: [] },
  { number: 2, author: 'orla', at: at(10), edits: [border('mat-2', '1/4'), border('top', '1/8')] },
  {
    number: 3,
    author: 'orla',
    at: at(45),
    edits: [{ kind: 'set-base', change: { fold: 'gate' } }],
  },
  {
    number: 4,
    author: 'ines',
    at: at(46),
    edits: [{ kind: 'set-about', change: { title: 'Row', releaseId: 'night-tram' as never } }],
  },
];

describe('walking through revisions', () => {
  const walked = walkRevisions(fiveLayers(), revisions, library);

  it('has the card after each, and a sentence for each change', () => {
    const said = walked.map(({ changes }) =>
      changes.flatMap((each) => changeSentences(each, words)),
    );
    expect(said).toEqual([
      [],
      ['mat-2 D: border 1⁄8 to 1⁄4', 'top E: border 1⁄16 to 1⁄8'],
      ['side fold to gate fold'],
      ['title “Bean poles” to “Row”', 'release none to Night Tram'],
    ]);
    expect(walked[3]?.version.plan.base.fold).toBe('gate');
    expect(walked[1]?.version.plan.base.fold).toBe('side');
  });

  it('folds what one person did without a long pause into one sitting, newest first', () => {
    const sittings = sittingsOf(walked);
    expect(sittings.map((each) => each.revisions.map(({ number }) => number))).toEqual([
      [4],
      [3],
      [2, 1],
    ]);
    expect(sittings.map(({ author }) => author)).toEqual(['ines', 'orla', 'orla']);
  });
});
