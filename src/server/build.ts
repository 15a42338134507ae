/** Which build this is; pages of another one are told to load again. In development always the same. */
export const build: string = import.meta.env?.NIBWRIGHT_BUILD ?? 'development';
