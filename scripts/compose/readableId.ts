/** A name as an id that can be read. @example readableId('Bean row paper') // 'bean-row-paper' */
export function readableId(name: string): string {
  return name
    .toLowerCase()
    .replaceAll(/[^a-z0-9]+/g, '-')
    .replaceAll(/^-|-$/g, '');
}
