import { useEffect, useState } from 'react';
import type { LibraryId } from '../../core/plan/ids';
import type { ReplyOf } from '../../core/replies/replies';
import { getJson } from '../wire/postJson';

interface Props {
  readonly itemId: LibraryId;
  /** Whether each card's test sheet is offered, of the faces a stamp is printed on. */
  readonly hasTestSheets?: boolean;
}

/** The cards an item is used on; of a stamp, with the sheets its colours are tried on. */
export function ItemUses({ itemId, hasTestSheets = false }: Props) {
  const [uses, setUses] = useState<ReplyOf<'itemUses'>['cards']>();
  const [issue, setIssue] = useState('');
  useEffect(() => {
    let isGone = false;
    void getJson(`/api/uses?item=${itemId}`, 'itemUses').then((reply) => {
      if (isGone) return;
      if (reply.ok) setUses(reply.body.cards);
      else setIssue(reply.message);
    });
    return () => {
      isGone = true;
    };
  }, [itemId]);
  return (
    <div className="text-muted">
      {issue}
      {uses?.length === 0 && 'No card uses it yet.'}
      {uses && uses.length > 0 && 'Used on '}
      {uses?.map(({ id, title, faces }, index) => (
        <span key={id}>
          {index > 0 && ', '}
          <a className="link" href={`/card/${id}/colour`}>
            {title}
          </a>
          {hasTestSheets &&
            faces.map((face) => (
              <span key={face}>
                {' '}
                (
                <a className="link" href={`/api/cards/${id}/test-sheet.pdf?face=${face}`}>
                  test sheet<span className="sr-only"> of {title}</span>
                </a>
                )
              </span>
            ))}
        </span>
      ))}
    </div>
  );
}
