/** Which build this page is of. */
export const build: string = import.meta.env?.NIBWRIGHT_BUILD ?? 'development';
