import { useEffect, useRef } from 'react';
import { flushSync } from 'react-dom';
import { addWords } from '../../../core/composition/addWords';
import { asideOf } from '../../../core/composition/asideOf';
import { copyOut, pasteInto, type PasteHow } from '../../../core/composition/clipboard';
import type { ReadCopied } from '../../../core/composition/readCopied';
import { freshPlace } from '../../../core/composition/freshPlace';
import { layGround } from '../../../core/composition/newInkGround';
import { newStock } from '../../../core/composition/newStock';
import { newSupport } from '../../../core/composition/newSupport';
import {
  newDieCut,
  newDot,
  newDrawn,
  newImage,
  newRibbon,
  newStencilling,
  newWords,
} from '../../../core/composition/newThing';
import { batchEdits } from '../../../core/plan/batchEdits';
import type { DieSet, Stamp, Stencil } from '../../../core/plan/libraryItem';
import type { Mark, Piece } from '../../../core/plan/piece';
import { addPieces } from '../../../core/plan/pieceEdits';
import { sameSupport } from '../../../core/plan/pieces';
import { mostPieces } from '../../../core/plan/planFacts';
import { supportRect } from '../../../core/resolve/resolvedCard';
import { countWords } from '../../../core/words/countWords';
import { newPieceId } from '../../parts/newPieceId';
import { whenIdle } from '../../parts/whenIdle';
import { useCardSession } from '../../session/CardSession';
import { useLayout } from './LayoutContext';
import { supportIdOf } from '../../../core/resolve/supportIdOf';

/** What is put on the table, one at a time or as it was taken along. */
export interface Adding {
  readonly addImage: (stamp: Stamp) => void;
  readonly addDieCut: (set: DieSet, step: number) => void;
  readonly addWords: () => void;
  readonly addDot: () => void;
  readonly addLine: () => void;
  readonly addRibbon: () => void;
  readonly addStencil: (stencil: Stencil) => void;
  /** Takes what is selected along, for here or another card; false where nothing is. */
  readonly takeAlong: () => boolean;
  /** Puts down what was taken along; false where nothing was. */
  readonly putDown: () => boolean;
}

const tooMany = `A card has at most ${mostPieces} pieces; lay fewer.`;
/** The words, and the strip they may need. */
const mostForWords = 2;

/** Where copied pieces wait, so that another card can have them. */
const alongKey = 'nibwright-pieces';

/** The schemas a text is read by come when the page is idle, not with the station. */
const loadReader = () => import('../../../core/composition/readCopied');

function useReader() {
  const reader = useRef<Awaited<ReturnType<typeof loadReader>>>(undefined);
  useEffect(
    () => whenIdle(() => void loadReader().then((loaded) => (reader.current = loaded))),
    [],
  );
  return reader;
}

export function useAdding(): Adding {
  const { plan, card, library, holdings, unit, face, commit } = useCardSession();
  const { chosen, setTold } = useLayout();
  const addAll = useAddAll();
  const reader = useReader();
  const on = newSupport(card, face, chosen.first);
  const start = () => ({ id: newPieceId(), on });
  const wellPlaced = (mark: Mark): Mark => ({
    ...mark,
    place: freshPlace(plan, library, mark, unit),
  });
  /** What is still chosen is not pasted on: its copy goes beside it. */
  const pasteWhere = (pieces: readonly Piece[]): Pick<PasteHow, 'on' | 'placeOf'> => {
    const original = chosen.things.find(({ id }) => pieces.some((each) => each.id === id));
    const under = original ? original.piece.on : on;
    return {
      on: under,
      placeOf: ({ id, on: before }) =>
        sameSupport(before, under) ? asideOf(card, id, unit) : undefined,
    };
  };
  const put = (copied: ReadCopied): boolean => {
    if (!copied.ok) return false;
    const pasted = pasteInto(plan, copied.pieces, {
      combinations: copied.combinations,
      ...pasteWhere(copied.pieces),
      library,
      newId: newPieceId,
    });
    if (pasted) {
      commit(pasted.edit);
      chosen.choose(pasted.roots);
      setTold('');
    } else setTold(`A card has at most ${mostPieces} pieces.`);
    return true;
  };
  return {
    addImage: (stamp) => addAll([wellPlaced(newImage(start(), stamp))]),
    addDieCut: (set, step) =>
      addAll([newDieCut(start(), set, step, newStock(plan, library, on, 'layer'))]),
    addWords: () => {
      // At once, because the next key is the first letter.
      flushSync(() => {
        if (plan.pieces.length + mostForWords > mostPieces) {
          setTold(tooMany);
          return;
        }
        const words = newWords(start(), unit);
        commit(addWords({ plan, library, holdings, unit }, words, newPieceId));
        setTold('');
        chosen.choose([words.id]);
      });
      const text = document.querySelector<HTMLTextAreaElement>('textarea[data-first-field]');
      text?.focus();
      text?.select();
    },
    addDot: () => addAll([newDot(start(), unit)]),
    addLine: () => addAll([newDrawn(start(), supportRect(card, supportIdOf(on)), unit)]),
    addRibbon: () => addAll([newRibbon(start(), unit)]),
    addStencil: (stencil) => {
      const piece = newStencilling(start(), stencil);
      commit(batchEdits(layGround(plan, piece)));
      chosen.choose([piece.id]);
    },
    takeAlong: () => {
      const { things, ids } = chosen;
      if (things.length === 0 || !getSelection()?.isCollapsed) return false;
      localStorage.setItem(alongKey, copyOut(plan, card, ids));
      setTold(`${countWords(things.length, 'piece')} copied; Ctrl V puts it down, on any card.`);
      return true;
    },
    putDown: () => {
      const text = localStorage.getItem(alongKey);
      if (text === null) return false;
      if (reader.current) return put(reader.current.readCopied(text));
      void loadReader().then(({ readCopied }) => put(readCopied(text)));
      return true;
    },
  };
}

/** Puts pieces on the card and selects them, as long as there is room for so many; false where there is not. */
export function useAddAll(): (pieces: readonly Piece[]) => boolean {
  const { plan, commit } = useCardSession();
  const { chosen, setTold } = useLayout();
  return (pieces) => {
    if (plan.pieces.length + pieces.length > mostPieces) {
      setTold(tooMany);
      return false;
    }
    commit(batchEdits(addPieces(plan, pieces)));
    setTold('');
    chosen.choose(pieces.map(({ id }) => id));
    return true;
  };
}
