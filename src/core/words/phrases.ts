/** The word with its article: 'an A4 sheet', 'a letter sheet'. */
export function aOrAn(word: string): string {
  return `${/^[aeio]/i.test(word) ? 'an' : 'a'} ${word}`;
}

/** Words in a row: 'a, b and c'. */
export function joinWords(words: readonly string[], last = 'and'): string {
  return words.length < 2
    ? words.join('')
    : `${words.slice(0, -1).join(', ')} ${last} ${words.at(-1)}`;
}

export function capitalise(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
