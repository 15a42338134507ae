import { useDeferredValue, useMemo } from 'react';
import { cardSubstitutes } from '../../../core/inking/cardSubstitutes';
import { resolvePlan } from '../../../core/resolve/resolvePlan';
import { countWords } from '../../../core/words/countWords';
import { FaceFigure } from '../../parts/FaceFigure';
import { useCardSession } from '../../session/CardSession';
import { nearWords } from '../../words/colourWords';

const room = { width: 180, height: 150 };

/** What of the card's inks and media is not there, the nearest that is, and the card in those; nothing where all is there. */
export function Instead() {
  const { plan, card, library, holdings, face, commit } = useCardSession();
  const rested = useDeferredValue({ plan, library, holdings });
  const paper = card.base.paint.colour;
  const found = useMemo(() => {
    const substitutes = cardSubstitutes(rested.plan, rested.library, rested.holdings, paper);
    return substitutes && { ...substitutes, card: resolvePlan(substitutes.plan, rested.library) };
  }, [rested, paper]);
  if (!found) return null;
  const { width, height } = card.base.face;
  const scale = Math.min(room.width / width, room.height / height);
  const taken = found.all.some(({ instead }) => instead);
  return (
    <section aria-labelledby="instead" className="flex gap-5">
      {taken && (
        <FaceFigure
          card={found.card}
          face={face}
          scale={scale}
          label="With what is there"
          caption={
            <button type="button" className="link" onClick={() => commit(found.edit)}>
              Take what is there
            </button>
          }
        />
      )}
      <div>
        <p>
          <strong id="instead" className="font-heading text-[17px] font-semibold">
            {countWords(found.all.length, 'colour')} not there
          </strong>
        </p>
        <ul>
          {found.all.map(({ missing, instead }) => (
            <li key={missing.id}>
              {missing.name}{' '}
              <span className="text-sheet-muted">
                {instead
                  ? `nearest: ${nearWords(instead)}, ${instead.difference.toFixed(1)} apart`
                  : 'nothing of its sort is there'}
              </span>
            </li>
          ))}
        </ul>
      </div>
    </section>
  );
}
