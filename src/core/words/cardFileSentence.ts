import type { ReadCardFile } from '../plan/cardFile';

type Issue = Extract<ReadCardFile, { readonly ok: false }>['issue'];

/** Why a card file could not be read, and what to do. */
export function cardFileSentence(issue: Issue): {
  readonly message: string;
  readonly hint: string;
  readonly path?: string;
} {
  switch (issue.code) {
    case 'not-json':
      return {
        message: 'This file is not a card file: it is not JSON.',
        hint: 'Choose a file that ends in .nibwright.json.',
      };
    case 'too-deep':
      return {
        message: 'This file is not a card file: it is nested too deep.',
        hint: 'Choose a file that ends in .nibwright.json.',
      };
    case 'no-card-file':
      return {
        message: 'This file is JSON, but not a card file.',
        hint: 'Choose a file that ends in .nibwright.json.',
      };
    case 'newer':
      return {
        message: `This card file was written by a newer Nibwright (version ${issue.schema}).`,
        hint: 'Bring this Nibwright up to date, then import it again.',
      };
    case 'invalid':
      return {
        message: `The card file is damaged at ${issue.path || 'its top'}: ${issue.reason}.`,
        hint: 'Export it again from where it came from.',
        path: issue.path,
      };
    default:
      throw new TypeError(
        `cardFileSentence: unknown issue ${JSON.stringify(issue satisfies never)}`,
      );
  }
}
