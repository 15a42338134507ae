/** Data that cannot be opened or kept; the message says what is wrong and what to do. */
export class StoreError extends Error {
  override readonly name = 'StoreError';
}

/** The code of a fault of the system or of the database, however deep it is wrapped. */
export function faultCode(error: unknown): string | undefined {
  for (let at = error; at instanceof Error; at = at.cause)
    if ('code' in at && typeof at.code === 'string') return at.code;
  return undefined;
}

/** What a fault of the file system means for a data folder, in a sentence; undefined for any other fault. */
export function folderSentence(error: unknown, folder: string): string | undefined {
  switch (faultCode(error)) {
    case 'EACCES':
    case 'EPERM':
    case 'EROFS':
    case 'ENOENT': // what making a folder below one that may only be read is answered with
      return (
        `The data folder ${folder} cannot be written to. ` +
        'Give yourself the right to, or name another folder: NIBWRIGHT_DATA=folder ./nib start'
      );
    case 'ENOTDIR':
    case 'EEXIST':
      return (
        `There is a file where the data folder ${folder} should be. ` +
        'Move it away, or name another folder: NIBWRIGHT_DATA=folder ./nib start'
      );
    case 'ENOSPC':
      return fullSentence(folder, 0);
    default:
      return undefined;
  }
}

export function fullSentence(folder: string, megabytesFree: number): string {
  return (
    `The disk that holds ${folder} is full: ${megabytesFree} MB are free, and ${leastFreeMegabytes} are needed. ` +
    'Nothing is lost. Make room, then start again.'
  );
}

/** The database writes its log in files of 16 MB and does not survive one that it cannot finish. */
export const leastFreeMegabytes = 64;
