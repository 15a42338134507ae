import { useState } from 'react';
import { wordPlaces, type WordPlace, type WordPlaces } from '../../../core/composition/wordPlaces';
import { rulerMarks } from '../../../core/length/marks';
import { splitWords } from '../../../core/lettering/splitWords';
import { changePiece } from '../../../core/plan/pieceEdits';
import { useCardSession } from '../../session/CardSession';
import type { Chosen } from './useChosen';

/** The free places for what is selected. */
export interface Places {
  /** Undefined where none are asked for. */
  readonly offer: WordPlaces | undefined;
  /** Shows or hides them; false where nothing is selected. */
  readonly look: (isLooking: boolean) => boolean;
  /** Puts it there; false where there is no such place. */
  readonly take: (place: WordPlace | undefined) => boolean;
}

export function usePlaces({ first, things }: Chosen): Places {
  const { plan, card, face, unit, commit } = useCardSession();
  const [isLooking, setLooking] = useState(false);
  const offer =
    isLooking && first && things.length === 1
      ? wordPlaces({
          card,
          face,
          support: first.support,
          size: first.rect,
          marks: rulerMarks[unit],
          clearance: plan.habits.wordMargin.ticks,
          split:
            first.piece.kind === 'words'
              ? splitWords(first.piece, first.piece.xHeight.ticks)
              : undefined,
          without: first.id,
        })
      : undefined;
  return {
    offer,
    look: (next) => {
      setLooking(next && first !== undefined);
      return first !== undefined;
    },
    take: (place) => {
      if (!place || !first) return false;
      commit(changePiece(first.piece, { place: place.place }));
      setLooking(false);
      return true;
    },
  };
}
