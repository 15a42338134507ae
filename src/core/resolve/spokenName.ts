import { cutText } from '../text/cutText';
import { isMark, type Placed } from './outlineOf';

/** How many letters of words are told. */
const mostLetters = 40;

/** A thing as one speaks of it: words that were given no name of their own are told by what they say. */
export function spokenName(placed: Placed): string {
  if (!isMark(placed) || placed.piece.kind !== 'words' || placed.name !== newWordsName)
    return placed.name;
  return `“${cutText(placed.piece.lines.join(' '), mostLetters)}”`;
}

/** The same with the letter that a paper is drawn with, where it stands by itself in a sentence. */
export function letteredName(placed: Placed): string {
  return isMark(placed) ? spokenName(placed) : `${placed.name} ${placed.letter}`;
}

/** The name words begin with. */
export const newWordsName = 'Words';
