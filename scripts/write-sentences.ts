// Prints every sentence the application makes of hard data, each once: `npm run sentences`, to be read by a person.
import { everySentence } from '../test/support/everySentence';

const seen = new Set<string>();
for (const { from, text } of everySentence()) {
  if (text === '' || seen.has(text)) continue;
  seen.add(text);
  console.log(`${from}: ${text}`);
}
