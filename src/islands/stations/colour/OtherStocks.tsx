import { useDeferredValue, useMemo } from 'react';
import { otherStocks } from '../../../core/inking/otherStocks';
import type { ColourPart } from '../../../core/inking/colourParts';
import { resolvePlan } from '../../../core/resolve/resolvePlan';
import { FaceFigure } from '../../parts/FaceFigure';
import { KeyedButton } from '../../parts/KeyedButton';
import { useCardSession } from '../../session/CardSession';

/** Of each small card, in pixels. */
const room = { width: 140, height: 120 };

/** The card on four stocks side by side: what its colours look like on other paper. */
export function OtherStocks({ part }: { readonly part: ColourPart | undefined }) {
  const { plan, card, library, face, ask, commit } = useCardSession();
  const under = useDeferredValue({ plan, library, pieceId: part?.at[0]?.pieceId });
  const others = useMemo(
    () =>
      otherStocks(under.plan, under.library, under.pieceId).map((each) => ({
        ...each,
        card: resolvePlan(each.plan, under.library),
      })),
    [under],
  );
  const { width, height } = card.base.face;
  const scale = Math.min(room.width / width, room.height / height);
  return (
    <div role="group" aria-label="On other stocks">
      <p className="flex items-center gap-4 pb-1">
        {others.length > 0 && (
          <strong className="font-heading text-[17px] font-semibold">On other stocks</strong>
        )}
        <KeyedButton keyName="s" onClick={() => ask({ kind: 'series' })}>
          Series…
        </KeyedButton>
      </p>
      <ul className="flex flex-wrap gap-x-5 gap-y-2">
        {others.map(({ stock, card: other, edit }) => (
          <li key={stock.id}>
            <FaceFigure
              card={other}
              face={face}
              scale={scale}
              label={`On ${stock.name}`}
              caption={
                <button type="button" className="link text-[15px]" onClick={() => commit(edit)}>
                  {stock.name}
                </button>
              }
            />
          </li>
        ))}
      </ul>
    </div>
  );
}
