import type { ColourPart } from '../../../core/inking/colourParts';
import { darkShade } from '../../../core/inking/darkShade';
import type { Given } from '../../../core/inking/recolour';
import { wordsContrast } from '../../../core/inking/wordsContrast';
import { outOf } from '../../../core/plan/plainColours';
import type { ResolvedMark } from '../../../core/resolve/resolvedMark';
import { useCardSession } from '../../session/CardSession';

interface Props {
  readonly mark: ResolvedMark;
  readonly part: ColourPart;
  readonly onGive: (given: Given) => void;
}

/** How well words are read on what is under them, and the dark shade of the card's own hue that reads too. */
export function WordsTicket({ mark, part, onGive }: Props) {
  const { card, library, holdings } = useCardSession();
  const read = wordsContrast(card, mark);
  if (!read) return null;
  const { worst, average, lightness, grounds } = read;
  const shade = darkShade(card, grounds, library, holdings);
  const own = part.paint.from.kind === 'item' ? part.paint.from.item.id : undefined;
  return (
    <>
      <p>
        {worst.toFixed(1)} : 1 at the worst place
        {average - worst >= 0.05 && `, ${average.toFixed(1)} : 1 on average`}, lightness{' '}
        {Math.round(lightness)} apart.
      </p>
      {shade && shade.ink.id !== own && (
        <p>
          <span className="text-muted">Softer than black, in the card’s own hue: </span>
          <button
            type="button"
            className="link"
            onClick={() => onGive({ kind: 'source', source: outOf(shade.ink) })}
          >
            {shade.ink.name}
          </button>
          , {shade.worst.toFixed(1)} : 1
        </p>
      )}
    </>
  );
}
