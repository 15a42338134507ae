// Writes the card files of the demo from their descriptions: npm run demo-cards.
import { readdirSync, rmSync, writeFileSync } from 'node:fs';
import { demoCardFiles } from './compose/demoCards';

const folder = 'demo/cards';
const files = demoCardFiles();
for (const name of readdirSync(folder)) rmSync(`${folder}/${name}`);
for (const [id, text] of files) writeFileSync(`${folder}/${id}.nibwright.json`, text);
console.log(`${files.size} cards are in ${folder}.`);
