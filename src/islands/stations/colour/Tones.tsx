import { useMemo } from 'react';
import { recolour } from '../../../core/inking/recolour';
import { tonesOf } from '../../../core/inking/tones';
import { outOf } from '../../../core/plan/plainColours';
import { useCardSession } from '../../session/CardSession';
import { toneSentence } from '../../words/toneWords';

/** What there is to say of light and dark, with the ink that would mend it; nothing where all is well. */
export function Tones() {
  const { plan, card, library, holdings, commit } = useCardSession();
  const tones = useMemo(() => tonesOf(card, library, holdings), [card, library, holdings]);
  if (tones.length === 0) return null;
  return (
    <section aria-labelledby="tones">
      <strong id="tones" className="font-heading text-[17px] font-semibold">
        Light and dark
      </strong>
      <ul className="flex flex-col gap-1 pt-1">
        {tones.map((tone, index) => (
          <li key={index} className="flex flex-wrap items-center gap-x-3">
            <span>{toneSentence(tone)}</span>
            {'ink' in tone && tone.ink && (
              <button
                type="button"
                className="link"
                onClick={() => {
                  const source = tone.ink && outOf(tone.ink);
                  if (source) commit(recolour(plan, tone.at, { kind: 'source', source }));
                }}
              >
                Take {tone.ink.name}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
