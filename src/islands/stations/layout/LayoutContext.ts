import { createContext, use } from 'react';
import type { Chosen } from './useChosen';
import type { Places } from './usePlaces';

/** What the parts of the Layout station share beside the card itself. */
export interface LayoutState {
  readonly chosen: Chosen;
  readonly places: Places;
  /** What is to be told of the last thing done; empty for nothing. */
  readonly told: string;
  readonly setTold: (told: string) => void;
}

export const LayoutContext = createContext<LayoutState | undefined>(undefined);

/** @throws Error outside the Layout station */
export function useLayout(): LayoutState {
  const state = use(LayoutContext);
  if (!state) throw new Error('useLayout: the Layout station is not open here');
  return state;
}
