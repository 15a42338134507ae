import { useState } from 'react';
import type { Step } from '../../../core/process/step';

/** The step that is looked at. */
export interface Chosen {
  /** From 0; 0 where there is none. */
  readonly at: number;
  readonly choose: (at: number) => void;
}

/** It is kept by its id, so that one stays at it when others change. */
export function useChosenStep(steps: readonly Step[]): Chosen {
  const [id, setId] = useState<string>();
  const found = steps.findIndex((step) => step.id === id);
  return {
    at: Math.max(0, found),
    choose: (at) => setId(steps[Math.max(0, Math.min(steps.length - 1, at))]?.id),
  };
}
