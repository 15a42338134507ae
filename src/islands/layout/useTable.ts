import { newPieceId } from '../parts/newPieceId';
import { putOnPaper } from '../../core/composition/putOnPaper';
import { useState } from 'react';
import { diesThatHold, type DieChoice } from '../../core/composition/diesThatHold';
import { isMark, type Placed } from '../../core/resolve/outlineOf';
import { boxOnFace } from '../../core/measuring/rulerFigures';
import { wordPlaces, type WordPlace, type WordPlaces } from '../../core/composition/wordPlaces';
import { splitWords } from '../../core/lettering/splitWords';
import { inches, millimetres, type Unit } from '../../core/length/length';
import { copyPieces } from '../../core/plan/copyPieces';
import type { Edit } from '../../core/plan/edit';
import { batchEdits } from '../../core/plan/batchEdits';
import type { FaceId } from '../../core/plan/faces';
import type { DieSet, LibraryRef, Stamp, Stencil } from '../../core/plan/libraryItem';
import { stocksOf, type Library } from '../../core/plan/library';
import type { Paper, Piece, Support } from '../../core/plan/piece';
import { isPaper, sameSupport } from '../../core/plan/pieces';
import type { Plan } from '../../core/plan/plan';
import { mostPieces } from '../../core/plan/planFacts';
import { supportRect, type ResolvedCard } from '../../core/resolve/resolvedCard';
import type { SupportId } from '../../core/resolve/origins';
import { holdsWords } from '../../core/resolve/resolvedMark';
import { centre, movingWith, nudgeAll, turnBy } from '../../core/composition/moveThings';
import {
  freeGroup,
  freeMiddle,
  newScatter,
  newArrangement,
  repeatLine,
  type ArrangementKind,
  type Ground,
  type Tier,
} from '../../core/composition/newArrangement';
import { cutOutImage } from '../../core/composition/cutOutImage';
import { copyOut, pasteInto, readCopied } from '../../core/composition/clipboard';
import {
  newDieCut,
  newDot,
  newDrawn,
  newImage,
  newStencilling,
  newWords,
} from '../../core/composition/newThing';
import { countWords } from '../../core/words/countWords';
import type { ScatterChoice } from './ScatterDialog';
import { thingsInOrder } from './ThingRows';
import type { Chosen } from './useChosen';
import { addPieces, changePiece, putPieces, removePiece } from '../../core/plan/pieceEdits';

/** What can be done on the table. Those that do nothing without a selection give back false. */
export interface Table {
  readonly addImage: (stamp: Stamp) => void;
  readonly addDieCut: (set: DieSet, step: number) => void;
  readonly addWords: () => void;
  readonly addDot: () => void;
  readonly addLine: () => void;
  readonly addStencil: (stencil: Stencil) => void;
  /** Puts the selected image on paper cut round it; false where none is selected. */
  readonly cutOut: () => boolean;
  readonly arrange: (kind: ArrangementKind, tiers: readonly Tier[], seed: number) => void;
  /** Repeats the selected line of words up and down the paper. */
  readonly repeat: () => void;
  /** Takes what is selected along, for here or another card. */
  readonly takeAlong: () => boolean;
  readonly putDown: () => boolean;
  readonly scatter: (choice: ScatterChoice) => void;
  /** What an arrangement would go round, as one says it. */
  readonly middleName: string;
  /** The dies that hold the selected words; none where no words are selected. */
  readonly labels: () => readonly DieChoice[];
  /** Puts the selected words on what a die cuts, where they stand. */
  readonly putOnLabel: (choice: DieChoice) => void;
  readonly copy: () => void;
  readonly remove: () => void;
  readonly nudge: (across: number, down: number, isFine?: boolean) => boolean;
  readonly turn: (degrees: number) => boolean;
  readonly centre: (axis: 'x' | 'y') => boolean;
  readonly walk: (by: number) => void;
  /** The places that are offered; undefined where none are asked for. */
  readonly offer: WordPlaces | undefined;
  readonly look: (isLooking: boolean) => boolean;
  readonly take: (place: WordPlace | undefined) => boolean;
  /** What is to be told of the last thing done; empty for nothing. */
  readonly told: string;
}

interface Options {
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly library: Library;
  readonly unit: Unit;
  readonly face: FaceId;
  readonly chosen: Chosen;
  readonly onCommit: (edit: Edit) => void;
}

/** Where copied pieces wait, so that another card can have them. */
const alongKey = 'nibwright-pieces';

const groupNames: Readonly<Record<ArrangementKind, string>> = {
  oval: 'wreath',
  rectangle: 'wreath',
  arch: 'arch',
  branches: 'branches',
  hanging: 'hanging',
  list: 'list',
};

/** From mark to mark of the ruler on the table, and a hair's breadth. */
export const markOf = { in: inches(0, 1, 16), mm: millimetres(1) } as const;
const hairOf = { in: inches(0, 1, 64), mm: millimetres(0.25) } as const;

/** Everything that is done to what lies on a face. */
export function useTable({ plan, card, library, unit, face, chosen, onCommit }: Options): Table {
  const { ids, things, first, choose } = chosen;
  const clearance = plan.habits.wordMargin.ticks;
  const [isLooking, setLooking] = useState(false);
  const [told, setTold] = useState('');

  /** New things go on the selected paper, on what a selected mark lies on, else on the foremost paper. */
  const support = (): Support => {
    const on = first ? (isMark(first) ? first.support : first.id) : foremost(card, face);
    return on === 'base' ? { face } : { piece: on };
  };
  const start = () => ({ id: newPieceId(), on: support() });
  const addAll = (pieces: readonly Piece[]) => {
    if (plan.pieces.length + pieces.length > mostPieces) {
      setTold(`A card has at most ${mostPieces} pieces; lay fewer.`);
      return;
    }
    onCommit(batchEdits(addPieces(plan, pieces)));
    setTold('');
    choose(pieces.map(({ id }) => id));
  };
  const ground = (name: string): Ground => {
    const on = support();
    const groups = plan.pieces.map(({ group }) => group);
    const under: SupportId = 'piece' in on ? on.piece : 'base';
    return { card, on, support: under, newId: newPieceId, group: freeGroup(groups, name) };
  };
  const words = first && isMark(first) && holdsWords(first) ? first : undefined;
  const edit = (make: (placed: Placed) => Edit): boolean => {
    if (!first) return false;
    onCommit(make(first));
    return true;
  };
  const offer =
    isLooking && first && things.length === 1
      ? wordPlaces({
          card,
          face,
          support: first.support,
          size: first.rect,
          clearance,
          split:
            first.piece.kind === 'words'
              ? splitWords(first.piece, first.piece.xHeight.ticks)
              : undefined,
          without: first.id,
        })
      : undefined;

  return {
    offer,
    told,
    addImage: (stamp) => addAll([newImage(start(), stamp)]),
    addDieCut: (set, step) => {
      const on = support();
      const stock = stockFor(card, library, on) ?? plan.base.stock;
      addAll([newDieCut({ id: newPieceId(), on }, set, step, stock)]);
    },
    addWords: () => addAll([newWords(start(), unit)]),
    addDot: () => addAll([newDot(start(), unit)]),
    addLine: () => {
      const on = support();
      const under = supportRect(card, 'piece' in on ? on.piece : 'base');
      addAll([newDrawn({ id: newPieceId(), on }, under, unit)]);
    },
    middleName: words ? words.name : 'the middle of the panel',
    addStencil: (stencil) => {
      const begun = start();
      // Colour goes on before what is stamped over it.
      const at = plan.pieces.findIndex((each) => !isPaper(each) && sameSupport(each.on, begun.on));
      const piece = newStencilling(begun, stencil);
      onCommit(batchEdits(putPieces(plan, at === -1 ? plan.pieces.length : at, [piece])));
      choose([piece.id]);
    },
    cutOut: () => {
      if (!first || !isMark(first) || !first.stamp || first.stamp.words) return false;
      const { stamp } = first;
      const stock = stockFor(card, library, first.piece.on) ?? plan.base.stock;
      const how = { library, id: newPieceId(), stock, unit };
      onCommit(cutOutImage(plan, card, { ...first, stamp }, how));
      choose([how.id]);
      return true;
    },
    arrange: (kind, tiers, seed) => {
      const on = ground(groupNames[kind]);
      const around = words ? boxOnFace(words) : freeMiddle(supportRect(card, on.support));
      addAll(newArrangement(on, kind, tiers, { around, clearance, seed }));
    },
    repeat: () => {
      if (!words) return;
      const lines = repeatLine({ ...ground('lines'), support: words.support }, words);
      if (lines.length > 0) addAll(lines);
      else setTold('There is no room for the line a second time.');
    },
    takeAlong: () => {
      if (things.length === 0 || !getSelection()?.isCollapsed) return false;
      localStorage.setItem(alongKey, copyOut(plan, card, ids));
      setTold(`${countWords(things.length, 'piece')} copied; Ctrl V puts it down, on any card.`);
      return true;
    },
    putDown: () => {
      const copied = readCopied(localStorage.getItem(alongKey) ?? '');
      if (!copied.ok) return false;
      const pasted = pasteInto(plan, copied.pieces, support(), library, newPieceId);
      if (pasted) {
        onCommit(pasted.edit);
        choose(pasted.roots);
        setTold('');
      } else setTold(`A card has at most ${mostPieces} pieces.`);
      return true;
    },
    scatter: ({ isOffImages, ...how }) => {
      const on = ground('dots');
      const keepOff = [...card.pieces, ...card.marks].filter(
        (each) =>
          each.face === face &&
          each.support === on.support &&
          (isOffImages || (isMark(each) && holdsWords(each))),
      );
      const { marks, left } = newScatter(on, { ...how, keepOff });
      addAll(marks);
      if (left > 0) setTold(`${left} of them found no room; make them fewer or smaller.`);
    },
    labels: () => (words ? diesThatHold(library, words.rect, clearance) : []),
    putOnLabel: ({ set, step, turned, size }) => {
      if (!words) return;
      const { on } = words.piece;
      const stock = stockFor(card, library, on) ?? plan.base.stock;
      const die = newDieCut({ id: newPieceId(), on }, set, step, stock);
      const label: Paper = {
        ...die,
        name: 'Label',
        size: { by: 'die', set: { id: set.id, version: set.version }, step, turned },
      };
      onCommit(putOnPaper(plan, card, words, label, size));
    },
    copy: () => {
      const copied = first && copyPieces(plan, first.id, newPieceId);
      if (!copied) return;
      onCommit(copied.edit);
      choose([copied.copy]);
    },
    remove: () => {
      if (things.length === 0) return;
      onCommit(batchEdits(things.map(({ id }) => removePiece(id))));
      choose([]);
    },
    nudge: (across, down, isFine = false) => {
      const step = isFine ? hairOf[unit] : markOf[unit];
      return edit(() => nudgeAll(card, movingWith(plan, card, ids), across * step, down * step));
    },
    turn: (degrees) => edit((placed) => turnBy(placed, degrees)),
    centre: (axis) => edit((placed) => centre(placed, axis)),
    walk: (by) => {
      const order = thingsInOrder(card, face);
      const at = order.findIndex(({ id }) => id === first?.id);
      const next = order[(at + by + order.length) % order.length];
      if (next) choose([next.id]);
    },
    look: (next) => {
      setLooking(next && first !== undefined);
      return first !== undefined;
    },
    take: (place) => {
      if (!place || !first) return false;
      onCommit(changePiece(first.piece, { place: place.place }));
      setLooking(false);
      return true;
    },
  };
}

function foremost(card: ResolvedCard, face: FaceId): SupportId {
  return card.pieces.findLast((piece) => piece.face === face)?.id ?? 'base';
}

/** The first stock of another colour than what it is to lie on. */
function stockFor(card: ResolvedCard, library: Library, on: Support): LibraryRef | undefined {
  const under =
    'piece' in on
      ? card.pieces.find(({ id }) => id === on.piece)?.paint.colour
      : card.base.paint.colour;
  const stock = stocksOf(library).find(({ colour }) => colour !== under);
  return stock && { id: stock.id, version: stock.version };
}
