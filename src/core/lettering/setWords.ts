import { lengthFromTicks, type Length, type Size } from '../length/length';
import { letterings, type LetteringId } from './letterings';

/** A line of words as it is set: from the left edge of the block and its top, in ticks. */
export interface SetLine {
  readonly text: string;
  /** Where its first letter begins, which may be left of its ink. */
  readonly x: number;
  readonly baseline: number;
  /** From the beginning of the first letter to the end of the last. */
  readonly advance: number;
  /** The box of its ink; without size where it has none. */
  readonly ink: InkBox;
}

/** From the left edge of the block and its top, in ticks. */
export interface InkBox {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Words as they are set: the box of their ink, and how large the letters are. */
export interface SetWords extends Size {
  /** The size of the font: ticks to the em. */
  readonly em: number;
  readonly lines: readonly SetLine[];
}

export interface WordsToSet {
  readonly lines: readonly string[];
  readonly lettering: LetteringId;
  readonly align: 'left' | 'centre' | 'right';
}

/** From line to line, in ems; common practice in setting short lines. */
const lineSpace = 1.1;

/**
 * Sets words at a height of the small letters. The box is that of the ink, so that a figure to its edge is
 * what a ruler shows. Letters are set one after the other, without kerning; one the font lacks is left out.
 * @example setWords({ lines: ['hello'], lettering: 'plain', align: 'left' }, millimetres(3)).height
 */
export function setWords(words: WordsToSet, xHeight: Length): SetWords {
  const { unitsPerEm, xHeight: unitsHigh } = letterings[words.lettering];
  return setAtEm(words, (xHeight * unitsPerEm) / unitsHigh);
}

/** Sets words as large as a box allows, in its middle: how a sentiment stamp fills its image box. */
export function fitWords(words: WordsToSet, box: Size): SetWords {
  const unit = setAtEm(words, TRIAL_EM);
  if (unit.width === 0 || unit.height === 0) return { ...box, em: 0, lines: [] };
  const scale = Math.min(box.width / unit.width, box.height / unit.height);
  const left = (box.width - unit.width * scale) / 2;
  const top = (box.height - unit.height * scale) / 2;
  return {
    ...box,
    em: TRIAL_EM * scale,
    lines: unit.lines.map(({ text, x, baseline, advance, ink }) => ({
      text,
      x: left + x * scale,
      baseline: top + baseline * scale,
      advance: advance * scale,
      ink: {
        x: left + ink.x * scale,
        y: top + ink.y * scale,
        width: ink.width * scale,
        height: ink.height * scale,
      },
    })),
  };
}

const TRIAL_EM = 1_000_000;

function setAtEm({ lines, lettering, align }: WordsToSet, em: number): SetWords {
  const scale = em / letterings[lettering].unitsPerEm;
  const measured = lines.map((text) => measureLine(text, lettering));
  const widest = Math.max(0, ...measured.map(({ left, right }) => right - left));
  const highest = Math.max(0, measured[0]?.top ?? 0);
  const placed = measured.map((line, index): SetLine => {
    const { text, left, right, top, bottom, advance } = line;
    const spare = widest - (right - left);
    const shift = align === 'left' ? 0 : align === 'right' ? spare : spare / 2;
    const baseline = highest * scale + index * lineSpace * em;
    return {
      text,
      x: (shift - left) * scale,
      baseline,
      advance: advance * scale,
      ink: {
        x: shift * scale,
        y: baseline - top * scale,
        width: (right - left) * scale,
        height: (top - bottom) * scale,
      },
    };
  });
  const last = measured.at(-1);
  const bottom = (placed.at(-1)?.baseline ?? 0) - (last?.bottom ?? 0) * scale;
  return {
    width: lengthFromTicks(Math.round(widest * scale)),
    height: lengthFromTicks(Math.max(0, Math.round(bottom))),
    em,
    lines: placed,
  };
}

interface MeasuredLine {
  readonly text: string;
  readonly advance: number;
  /** The box of its ink in units of the font, upward from the baseline. */
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

function measureLine(text: string, lettering: LetteringId): MeasuredLine {
  const { glyphs } = letterings[lettering];
  let advance = 0;
  let [left, right, top, bottom] = [Infinity, -Infinity, -Infinity, Infinity];
  const shown = [...text].filter((character) => glyphs[character]);
  for (const character of shown) {
    const [step = 0, x0 = 0, y0 = 0, x1 = 0, y1 = 0] = glyphs[character] ?? [];
    if (x1 > x0) {
      left = Math.min(left, advance + x0);
      right = Math.max(right, advance + x1);
      top = Math.max(top, y1);
      bottom = Math.min(bottom, y0);
    }
    advance += step;
  }
  if (right < left) return { text: '', advance, left: 0, right: 0, top: 0, bottom: 0 };
  return { text: shown.join(''), advance, left, right, top, bottom };
}
