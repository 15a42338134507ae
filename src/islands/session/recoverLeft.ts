import { joinWords } from '../../core/words/phrases';
import { sendUnsaved } from './sendUnsaved';
import { recoverUnsaved } from './recoverUnsaved';

/** Sends what pages that are gone left unsaved, of any card; what became of it in a sentence, empty where there was none. */
export async function recoverLeft(): Promise<string> {
  const recoveries = await recoverUnsaved(sendUnsaved);
  const titles = (kind: (typeof recoveries)[number]['kind']) =>
    joinWords(recoveries.filter((each) => each.kind === kind).map(({ title }) => `“${title}”`));
  const [saved, undecided] = [titles('saved'), titles('undecided')];
  return [
    saved && `The last changes to ${saved}, not saved when its page was closed, are saved now.`,
    undecided && `Changes to ${undecided} are not saved yet: open it to decide.`,
  ]
    .filter(Boolean)
    .join(' ');
}
