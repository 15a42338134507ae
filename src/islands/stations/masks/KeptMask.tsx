import { useState } from 'react';
import {
  maskStock,
  withKeptMask,
  withoutKeptMask,
  type MaskStock,
} from '../../../core/masking/keptMasks';
import type { PlannedMask } from '../../../core/masking/masksToCut';
import type { Holding } from '../../../core/stash/holding';
import { holdingOf } from '../../../core/stash/holdings';
import { countWords } from '../../../core/words/countWords';
import { capitalise } from '../../../core/words/phrases';
import { useCardSession } from '../../session/CardSession';
import { keepInStash } from '../../wire/keepInStash';

/** What is kept of a mask with its stamp, for this card or from another, and the ways to keep it and to give it up. */
export function KeptMask({ mask }: { readonly mask: PlannedMask }) {
  const { cardId, plan, holdings, masks, changeHoldings } = useCardSession();
  const [failure, setFailure] = useState('');
  const [isSending, setSending] = useState(false);
  const { copies } = plan.making;
  const batch = { cardId, copies, maskUses: plan.habits.maskUses };
  const stock = maskStock(mask, masks.plan?.masks ?? [], holdings, batch);
  if (!stock) return null;
  const { stampId, kept, left, isKept } = stock;
  const keep = async (holding: Holding) => {
    setSending(true);
    const reply = await keepInStash([{ itemId: stampId, holding }]);
    setSending(false);
    setFailure(reply.ok ? '' : `That is not kept. ${reply.message}`);
    if (reply.ok) changeHoldings(reply.body.holdings);
  };
  const now = holdingOf(holdings, stampId);
  return (
    <div className="flex flex-col items-start gap-1 pt-3 text-[15px] leading-5">
      <p className="text-sheet-muted">{stockWords(stock)}</p>
      {!isKept && left > 0 && (
        <button
          type="button"
          className="button"
          disabled={isSending}
          onClick={() => void keep(withKeptMask(now, mask, stock, cardId))}
        >
          Keep it with its stamp
        </button>
      )}
      {(isKept || kept > 0) && (
        <button
          type="button"
          className="button"
          disabled={isSending}
          onClick={() => void keep(withoutKeptMask(now, mask))}
        >
          It is not there any more
        </button>
      )}
      {failure && <p role="alert">{failure}</p>}
    </div>
  );
}

function stockWords({ kept, toCut, left, isKept }: MaskStock): string {
  const after =
    left > 0
      ? `after all copies it can be laid on ${countWords(left, 'more time')}`
      : 'it is worn out after all copies';
  if (isKept) return `Kept with its stamp: ${after}.`;
  if (kept === 0) return `${capitalise(after)}.`;
  return `One is kept with its stamp and can be laid on ${countWords(kept, 'time')}: ${toCut === 0 ? 'none to cut' : `${toCut} more to cut`}; ${after}.`;
}
