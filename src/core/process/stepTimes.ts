import type { StepKind } from '../plan/workFacts';
import type { Ink, Medium } from '../plan/libraryItem';
import type { AdhesiveId } from '../paper/adhesives';
import type { Spread } from './step';

const spread = (quick: number, usual: number, slow: number): Spread => ({ quick, usual, slow });

/**
 * Minutes at work of the plainest case of each step. Stamping, blending, colouring, embossing, cutting by a die, masking and
 * putting together: common practice; all others are from memory.
 */
export const benchMinutes: Readonly<Record<StepKind, Spread>> = {
  cut: spread(1, 1.5, 3),
  score: spread(0.5, 1, 2),
  fold: spread(0.5, 0.5, 1),
  'die-cut': spread(1, 1, 2),
  test: spread(0.5, 1, 2),
  'cut-mask': spread(2, 3, 6),
  'anti-static': spread(0.5, 0.5, 1),
  stamp: spread(0.5, 1, 2),
  powder: spread(0.5, 1, 1.5),
  heat: spread(1, 1.5, 2),
  tape: spread(0.5, 1, 2),
  cover: spread(1, 2, 3),
  lift: spread(0.5, 0.5, 1),
  return: spread(0.5, 1, 2),
  uncover: spread(0.5, 0.5, 1),
  mask: spread(0.5, 1, 2),
  blend: spread(5, 7, 10),
  stencil: spread(3, 4, 7),
  spray: spread(1, 1, 2),
  splatter: spread(1, 2, 3),
  edges: spread(1, 2, 4),
  unmask: spread(0.5, 0.5, 1),
  untape: spread(0.5, 0.5, 1),
  wipe: spread(0.5, 1, 2),
  colour: spread(3, 5, 8),
  draw: spread(1, 2, 4),
  finish: spread(1, 2, 3),
  trim: spread(0.5, 1, 2),
  'cut-out': spread(3, 5, 8),
  part: spread(1, 1, 2),
  clean: spread(0.5, 1, 1.5),
  sign: spread(0.5, 0.5, 1),
  hinge: spread(0.5, 0.5, 1),
  ribbon: spread(2, 3, 6),
  glue: spread(1, 1.5, 3),
  insert: spread(0.5, 0.5, 1),
  press: spread(0.5, 0.5, 1),
  stick: spread(0.5, 1, 2),
  drops: spread(1, 1.5, 3),
  photo: spread(3, 5, 10),
  pack: spread(1, 2, 3),
  own: spread(1, 1, 1),
};

/** Foam takes its backings off: as long again. From memory. */
export const foamTimes = 2;

const overnight = 600;

/** Minutes until an ink that was stamped or blended is dry. Common practice, but for sticky ink, from memory. Pigment is told on coated stock. */
export const inkDrying: Readonly<Record<Ink['ink'], Spread>> = {
  dye: spread(5, 10, 15),
  reactive: spread(5, 10, 15),
  chalk: spread(60, 240, overnight),
  pigment: spread(30, 120, overnight),
  solvent: spread(3, 5, 8),
  sticky: spread(10, 30, 60),
};

/** Pigment ink on stock that takes it up. From memory. */
export const absorbedDrying = spread(20, 30, 60);

/** The same of what one colours with. Common practice, but for water markers and spray, from memory; pencil needs none. */
export const mediumDrying: Readonly<Record<Medium['medium'], Spread>> = {
  'alcohol marker': spread(1, 2, 3),
  'water marker': spread(5, 10, 20),
  watercolour: spread(30, 45, 60),
  pencil: spread(0, 0, 0),
  'gel pen': spread(3, 5, 8),
  'paint pen': spread(5, 10, 15),
  'glitter glue': spread(60, 90, 120),
  spray: spread(15, 30, 60),
};

/** The same of an ink nobody has chosen yet. From memory. */
export const wishDrying = spread(5, 10, 15);

/** Splatter is paint thinned until it drips. From memory. */
export const splatterDrying = spread(15, 20, 40);

/** Raised drops; thick ones take the night. Common practice. */
export const dropDrying = spread(60, 90, overnight);

/** Under a weight, until liquid glue holds. Common practice. */
export const pressing = spread(5, 5, 10);

/** Until what it holds may be worked on. Liquid glue: common practice. */
export const glueDrying: Readonly<Record<AdhesiveId, Spread>> = {
  liquid: spread(20, 30, 45),
  tape: spread(0, 0, 0),
  'thin-foam': spread(0, 0, 0),
  foam: spread(0, 0, 0),
  'foam-sheet': spread(0, 0, 0),
  'thick-foam': spread(0, 0, 0),
};

/** A spread so many times as long, to the half minute and never under one where it is anything. */
export function times({ quick, usual, slow }: Spread, factor: number): Spread {
  const scaled = (minutes: number) =>
    minutes === 0 ? 0 : Math.max(0.5, Math.round(minutes * factor * 2) / 2);
  return { quick: scaled(quick), usual: scaled(usual), slow: scaled(slow) };
}

/** The longer one of two, of each speed. */
export function longerSpread(a: Spread, b: Spread): Spread {
  return {
    quick: Math.max(a.quick, b.quick),
    usual: Math.max(a.usual, b.usual),
    slow: Math.max(a.slow, b.slow),
  };
}

/** One after the other. */
export function sumSpreads(spreads: readonly Spread[]): Spread {
  return spreads.reduce(
    (sum, { quick, usual, slow }) => spread(sum.quick + quick, sum.usual + usual, sum.slow + slow),
    spread(0, 0, 0),
  );
}
