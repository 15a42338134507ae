/** What every id of a document looks like. */
export const idPattern = /^[a-z0-9][a-z0-9-]{0,39}$/;
