import { isObject, type Document } from './document';

/** An edit with each thing it puts into a plan as `upgrade` makes it, which is told into which collection it goes. */
export function mapPuts(
  edit: Document,
  upgrade: (item: Document, collection: unknown) => unknown,
): Document {
  const { kind, item, edits } = edit;
  if (Array.isArray(edits))
    return { ...edit, edits: edits.map((each) => mapPuts(each as Document, upgrade)) };
  return kind === 'put' && isObject(item) ? { ...edit, item: upgrade(item, edit['in']) } : edit;
}
