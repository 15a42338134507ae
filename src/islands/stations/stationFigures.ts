import { writeSize } from '../../core/length/formatLength';
import { colourParts } from '../../core/inking/colourParts';
import { paletteOf } from '../../core/inking/palette';
import { countWords } from '../../core/words/countWords';
import { figureNow, type FigureOf } from '../session/station';
import { cutFigure } from './cut/cutFigure';
import { masksFigure } from './masks/masksFigure';
import { postFigure } from './post/postFigure';
import { stepsFigure } from './steps/stepsFigure';

/** The live figure of each station by its id; they come with the strip, not with what only has to know of a station. */
export const stationFigures: Readonly<Record<string, FigureOf>> = {
  base: ({ card, unit }) => figureNow(writeSize(card.base.face, unit)),
  layout: ({ card }) => figureNow(countWords(card.pieces.length + card.marks.length, 'piece')),
  masks: ({ masks }) => masksFigure(masks),
  colour: ({ card }) =>
    figureNow(countWords(paletteOf(colourParts(card)).colours.length, 'colour')),
  steps: ({ process }) => stepsFigure(process),
  cut: ({ cutting }) => cutFigure(cutting),
  post: ({ post }) => postFigure(post),
  // The base is cut too.
  sheet: ({ card }) => figureNow(`${card.pieces.length + 1} to cut`),
};
