import { useState } from 'react';
import { partKey, type ColourPart } from '../../../core/inking/colourParts';
import type { PieceId } from '../../../core/plan/ids';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';

/** The part that is looked at, and how another is chosen. */
export interface ChosenPart {
  readonly part: ColourPart | undefined;
  readonly choose: (part: ColourPart | undefined) => void;
  /** Chooses a layer that has just been made, and so is in no part yet. */
  readonly chooseAt: (pieceId: PieceId, layer: number) => void;
}

/** The part last chosen; where that is none of these, one of the piece that is selected; the arrows go from part to part. */
export function useChosenPart(parts: readonly ColourPart[]): ChosenPart {
  const { selected, select } = useCardSession();
  const [key, setKey] = useState<string>();
  const isOf = (part: ColourPart) => part.at.some(({ pieceId }) => pieceId === selected);
  const part = parts.find((each) => each.key === key && isOf(each)) ?? parts.find(isOf);
  const choose = (next: ColourPart | undefined) => {
    setKey(next?.key);
    select(next?.at[0]?.pieceId ?? 'base');
  };
  const chooseAt = (pieceId: PieceId, layer: number) => {
    setKey(partKey(pieceId, layer));
    select(pieceId);
  };
  const step = (by: number) => {
    const at = part ? parts.indexOf(part) : by > 0 ? -1 : parts.length;
    const next = parts[at + by];
    if (!next) return false;
    choose(next);
    return true;
  };
  useKeys({
    ArrowDown: () => step(1),
    ArrowUp: () => step(-1),
    Escape: () => {
      if (!part) return false;
      choose(undefined);
      return true;
    },
  });
  return { part, choose, chooseAt };
}
