import { joinWords } from '../../core/words/phrases';

/** Who is there: names, each once, then those who gave none. */
export function peopleWords(people: readonly (string | null)[]): string {
  const names = people.filter((name) => name !== null);
  const nameless = people.length - names.length;
  const others = nameless === 1 ? 'someone' : `${nameless} without a name`;
  return joinWords([...new Set(names), ...(nameless > 0 ? [others] : [])]);
}
