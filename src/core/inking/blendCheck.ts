import { labOf } from '../colour/lab';
import { seenMixed, type Coat } from '../colour/seenOver';

/** A blend that loses more of its colour than this where two inks meet is told as muddy; from memory. */
export const muddyLoss = 0.45;
/** Inks paler than this, in C*, have no colour to lose. */
const greyish = 12;
/** A step that is seen as an edge, in L*; from memory. */
const largeStep = 45;

/** What two inks give where they overlap. */
export interface Meeting {
  /** Half of each, as it is seen on the paper. */
  readonly colour: string;
  /** Of the paler of the two, what share of its strength of colour is lost there; 0 where none is. */
  readonly loss: number;
  readonly isMuddy: boolean;
  /** Between the two, in L*. */
  readonly step: number;
  readonly isLargeStep: boolean;
}

/** What two inks give where they overlap on a paper. */
export function meetingOf(ground: string, one: Coat, two: Coat): Meeting {
  const mixed = seenMixed(
    ground,
    [one, two].map((coat) => ({ ...coat, share: 0.5 })),
  );
  const [a, b] = [one, two].map((coat) => labOf(seenMixed(ground, [{ ...coat, share: 1 }])));
  const between = labOf(mixed);
  const chroma = (lab: { readonly a: number; readonly b: number } | undefined) =>
    lab ? Math.hypot(lab.a, lab.b) : 0;
  const least = Math.min(chroma(a), chroma(b));
  const loss = least < greyish ? 0 : Math.max(0, 1 - chroma(between) / least);
  const step = Math.abs((a?.l ?? 0) - (b?.l ?? 0));
  return { colour: mixed, loss, isMuddy: loss > muddyLoss, step, isLargeStep: step > largeStep };
}

/**
 * The ink that keeps a blend cleanest when it is put between two: the one with which the greater loss of the two meetings is
 * least; undefined where none does better than the two alone.
 */
export function bestBridge<Ink extends { readonly coat: Coat }>(
  ground: string,
  one: Coat,
  two: Coat,
  owned: readonly Ink[],
): { readonly ink: Ink; readonly loss: number } | undefined {
  const alone = meetingOf(ground, one, two).loss;
  let best: { readonly ink: Ink; readonly loss: number; readonly way: number } | undefined;
  for (const ink of owned) {
    const meetings = [meetingOf(ground, one, ink.coat), meetingOf(ground, ink.coat, two)];
    const loss = Math.max(...meetings.map((meeting) => meeting.loss));
    // Of those that keep it as clean, the one on the shorter way.
    const way = meetings.reduce((sum, { step }) => sum + step, 0);
    const isBetter =
      !best || loss < best.loss - 0.02 || (loss < best.loss + 0.02 && way < best.way);
    if (isBetter) best = { ink, loss, way };
  }
  return best && best.loss < alone * 0.75 ? { ink: best.ink, loss: best.loss } : undefined;
}
