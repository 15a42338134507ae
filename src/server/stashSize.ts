/** A stash of so many versions of items comes whole with a page that looks things up in it; of a larger one, the rest comes after. */
export const mostWholeStash = 400;
