/** All of a list, or so many of it where it has more, evenly chosen, with its ends. @param most at least two */
export function evenly<Item>(list: readonly Item[], most: number): readonly Item[] {
  if (list.length <= most) return list;
  return Array.from({ length: most }, (_, at) =>
    Math.round((at * (list.length - 1)) / (most - 1)),
  ).flatMap((at) => list.slice(at, at + 1));
}
