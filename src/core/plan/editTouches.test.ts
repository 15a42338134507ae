import { isDeepStrictEqual } from 'node:util';
import { describe, expect, it } from 'vitest';
import {
  chalk,
  dotOn,
  drawnOn,
  drizzle,
  fiveLayers,
  moss,
  pieceOn,
  reveal,
  stampedOn,
  stencilledOn,
  typed,
  wordsOn,
  wren,
  layersIn,
} from '../../../test/support/plans';
import { applyEdit } from './applyEdit';
import { batchEdits } from './batchEdits';
import type { Edit, SimpleEdit } from './edit';
import { doCommute, editTouches, supportsExist } from './editTouches';
import type { PieceId } from './ids';
import type { OrderKey } from './orderKeys';
import type { Piece } from './piece';
import { addPieces, changePiece, removePiece } from './pieceEdits';
import type { Plan } from './plan';
import { mostUses } from './planFacts';
import { withPieces } from './withPieces';

const id = (text: string) => text as PieceId;
const use = (name: string) => ({
  id: id(name),
  item: moss,
  amount: 1,
  pieceId: null,
  note: '',
});

/** Every kind of piece, on paper or beside another, with a mat built round one of them. */
const piecesOf = (name: (kind: string) => string, on: string): readonly Piece[] => [
  pieceOn(on, name('panel'), reveal('1/8')),
  stampedOn(on, name('image'), wren),
  wordsOn(on, name('words'), ['hello']),
  stencilledOn(on, name('stencil'), drizzle),
  dotOn(on, name('dot'), {
    x: { from: 'piece', piece: id('image'), side: 'right', gap: typed('1/8') },
  }),
  drawnOn(on, name('drawn')),
];
const round = { left: typed('1/8'), top: typed('1/8'), right: typed('1/8'), bottom: typed('1/8') };
const plan: Plan = {
  ...withPieces(fiveLayers(), [
    ...fiveLayers().pieces,
    pieceOn('liner', 'mat', { by: 'outset', around: id('panel'), ...round }),
    ...piecesOf((kind) => kind, 'top'),
  ]),
  uses: [use('gem'), use('ink')],
  accepted: [{ rule: 'unequal-borders', subject: 'top' }],
};

/** Every kind of edit, of pieces on every kind of them. */
function everyEdit(): readonly Edit[] {
  const ofPieces = plan.pieces.flatMap((piece): SimpleEdit[] => [
    removePiece(piece.id),
    changePiece(piece, { name: 'Strip' }),
    changePiece(piece, { on: { piece: id('mat-1') } }),
    changePiece(piece, { on: { piece: id('panel') } }),
    changePiece(piece, {
      place: {
        ...piece.place,
        y: { from: 'piece', piece: id('words'), side: 'top', gap: typed('1/8') },
      },
    }),
    { kind: 'move', in: 'pieces', id: piece.id, order: 'Zz' as OrderKey },
    { kind: 'move', in: 'pieces', id: piece.id, order: 'b00' as OrderKey },
  ]);
  const added = ['panel', 'top', 'gone'].flatMap((on) =>
    piecesOf((kind) => `new-${kind}`, on).flatMap((piece) => [
      ...addPieces(plan, [piece]),
      ...addPieces(plan, [{ ...piece, id: id(`other-${piece.id}`) }]),
    ]),
  );
  const ofKinds: readonly SimpleEdit[] = [
    changePiece({ id: id('top'), kind: 'panel' }, { stock: chalk }),
    changePiece({ id: id('mat'), kind: 'panel' }, { size: reveal('1/4') }),
    changePiece(
      { id: id('liner'), kind: 'panel' },
      { size: { by: 'outset', around: id('panel'), ...round } },
    ),
    changePiece({ id: id('image'), kind: 'image' }, { layers: layersIn('#112233') }),
    changePiece({ id: id('words'), kind: 'words' }, { lines: ['hi'] }),
    changePiece({ id: id('stencil'), kind: 'stencil' }, { turned: true }),
    changePiece({ id: id('dot'), kind: 'dot' }, { diameter: typed('1/4') }),
    changePiece({ id: id('drawn'), kind: 'drawn' }, { colour: { wish: '#112233' } }),
  ];
  const others: readonly SimpleEdit[] = [
    { kind: 'put', in: 'uses', item: use('new') },
    { kind: 'put', in: 'uses', item: use('other') },
    { kind: 'change', in: 'uses', id: id('gem'), change: { amount: 5 } },
    { kind: 'remove', in: 'uses', id: 'gem' },
    { kind: 'remove', in: 'uses', id: 'ink' },
    { kind: 'put', in: 'accepted', item: { rule: 'overhang', subject: 'card' } },
    { kind: 'put', in: 'accepted', item: { rule: 'overhang', subject: 'top' } },
    { kind: 'remove', in: 'accepted', id: 'unequal-borders:top' },
    { kind: 'set-about', change: { title: 'Rain day' } },
    { kind: 'set-about', change: { title: 'Shed door', notes: 'x' } },
    { kind: 'set-base', change: { fold: 'tent' } },
    { kind: 'set-habits', change: { slopeSlip: 4 } },
    { kind: 'set-making', change: { copies: 24 } },
  ];
  const batches: readonly Edit[] = [
    batchEdits([
      changePiece({ id: id('liner'), kind: 'panel' }, { on: { piece: id('mat-2') } }),
      removePiece(id('mat-2')),
    ]),
    batchEdits([removePiece(id('top')), ...addPieces(plan, [dotOn('mat-1', 'top')])]),
  ];
  return [...ofPieces, ...added, ...ofKinds, ...others, ...batches];
}

describe('what edits touch', () => {
  it('lets two edits that disturb nothing of each other be applied in either order, whichever they are', () => {
    const edits = everyEdit().flatMap((edit) => {
      const outcome = applyEdit(plan, edit);
      return outcome.ok ? [{ edit, plan: outcome.plan, touches: editTouches(plan, [edit]) }] : [];
    });
    let [commuting, asked] = [0, 0];
    const wrong: unknown[] = [];
    for (const [at, a] of edits.entries())
      for (const b of edits.slice(at + 1)) {
        if (!doCommute(a.touches, b.touches)) {
          asked++;
          continue;
        }
        commuting++;
        const [ab, ba] = [applyEdit(a.plan, b.edit), applyEdit(b.plan, a.edit)];
        const isSame = ab.ok && ba.ok && isDeepStrictEqual(ab.plan, ba.plan);
        const isWhole =
          ab.ok && (supportsExist(ab.plan) || !supportsExist(a.plan) || !supportsExist(b.plan));
        if (!isSame || !isWhole) wrong.push([a.edit, b.edit]);
      }
    expect(wrong).toEqual([]);
    expect([edits.length, commuting, asked]).toEqual([150, 10_719, 456]);
    expect(new Set(edits.map(({ edit }) => edit.kind)).size).toBe(9);
  });

  it('is no more than what they change: different pieces, or a piece and its place among others, go together', () => {
    const commute = (a: Edit, b: Edit) => doCommute(editTouches(plan, [a]), editTouches(plan, [b]));
    const words = { id: id('words'), kind: 'words' } as const;
    const move: Edit = { kind: 'move', in: 'pieces', id: words.id, order: 'Zz' as OrderKey };
    const [add] = addPieces(plan, [dotOn('top', 'new')]);
    if (!add) throw new Error('nothing added');
    expect(commute(changePiece(words, { lines: ['hi'] }), move)).toBe(true);
    expect(commute(changePiece({ id: id('top'), kind: 'panel' }, { stock: chalk }), add)).toBe(
      true,
    );
    expect(commute(removePiece(id('top')), add)).toBe(false);
    expect(commute(changePiece(words, { lines: ['hi'] }), changePiece(words, { name: 'x' }))).toBe(
      false,
    );
  });

  it('tells when two who add things would not both find room', () => {
    const holding = (count: number): Plan => ({
      ...plan,
      uses: Array.from({ length: count }, (_, at) => use(`u${String(at).padStart(3, '0')}`)),
    });
    const puts = (name: string, count: number): Edit[] =>
      Array.from({ length: count }, (_, at) => ({
        kind: 'put',
        in: 'uses',
        item: use(`${name}${at}`),
      }));
    const commute = (now: Plan, a: number, b: number) =>
      doCommute(editTouches(now, puts('a', a)), editTouches(now, puts('b', b)));
    expect(commute(holding(mostUses - 2), 1, 1)).toBe(true);
    expect(commute(holding(mostUses - 1), 1, 1)).toBe(false);
    expect(commute(holding(mostUses - 10), 6, 5)).toBe(false);
  });
});
