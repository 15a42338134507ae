/** So many of something: '24 letter sheets', '2 sheets of 12 × 12', '1 pad sheet of 6 × 6'. */
export function countWords(count: number, name: string): string {
  const sized = /^(\d+ × \d+) (sheet|pad)$/.exec(name);
  if (!sized) return `${count} ${name}${count === 1 ? '' : 's'}`;
  const sheet = `${sized[2] === 'pad' ? 'pad ' : ''}${count === 1 ? 'sheet' : 'sheets'}`;
  return `${count} ${sheet} of ${sized[1]}`;
}
