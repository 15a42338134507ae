import type { LibraryRef } from './libraryItem';
import type { EnvelopeChoice } from './post';

/** What of the stash an envelope is: itself, or the stock it is made of; undefined for one that is bought. */
export function envelopeItem(envelope: EnvelopeChoice): LibraryRef | undefined {
  if (envelope.by === 'item') return envelope.item;
  return envelope.by === 'made' ? envelope.stock : undefined;
}

/** The same envelope of another item of the stash. */
export function withEnvelopeItem(envelope: EnvelopeChoice, item: LibraryRef): EnvelopeChoice {
  if (envelope.by === 'item') return { by: 'item', item };
  return envelope.by === 'made' ? { ...envelope, stock: item } : envelope;
}
