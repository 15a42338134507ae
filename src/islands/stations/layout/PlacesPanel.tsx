import type { WordAdvice, WordPlace, WordPlaces } from '../../../core/composition/wordPlaces';
import { writeLength } from '../../../core/length/formatLength';
import { countWords } from '../../../core/words/countWords';
import type { Unit } from '../../../core/length/length';

interface Props {
  readonly name: string;
  readonly found: WordPlaces;
  readonly unit: Unit;
  readonly onTake: (place: WordPlace) => void;
  readonly onClose: () => void;
}

/** The free places for words in words, the best first; the drawing shows them as ghosts. */
export function PlacesPanel({ name, found, unit, onTake, onClose }: Props) {
  const { places, advice } = found;
  return (
    <section
      aria-label={`Places for ${name}`}
      className="border-violet flex flex-col gap-1 border-l-4 bg-white px-3 py-2"
    >
      <p className="flex items-center gap-3">
        <strong>
          {places.length === 0
            ? `No place is free for ${name}.`
            : `${places.length === 1 ? 'One place is' : `${places.length} places are`} free for ${name}.`}
        </strong>
        <button type="button" className="link ml-auto" onClick={onClose}>
          Close
        </button>
        <kbd className="key">Esc</kbd>
      </p>
      {places.length === 0 && (
        <ul>
          {advice.length === 0 && <li>Take another panel, or other words.</li>}
          {advice.map((each) => (
            <li key={each.kind === 'move' ? each.id : each.kind}>{adviceWords(each)}</li>
          ))}
        </ul>
      )}
      <ol>
        {places.map((place, index) => (
          <li key={`${place.rect.x} ${place.rect.y}`} className="flex items-baseline gap-2">
            <span className="text-violet w-5 font-semibold">{index + 1}</span>
            <button type="button" className="link text-left" onClick={() => onTake(place)}>
              {placeWords(place)}
            </button>
            <span className="text-muted whitespace-nowrap">
              {writeLength(place.clearance, unit)} from {place.nearest ?? 'the edge'}
            </span>
            {index === 0 && (
              <span className="ml-auto flex items-center gap-2 whitespace-nowrap">
                <kbd className="key">y</kbd> takes it
              </span>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

function placeWords({ across, down, rect, free, place }: WordPlace): string {
  if (across === 'corner' && down === 'corner')
    return `in the ${place.y.from} ${place.x.from} corner`;
  const words = { centre: 'centred', third: 'on a third', corner: '', none: '' } as const;
  const parts = [
    ...(words[across] ? [`${words[across]} across`] : []),
    ...(words[down] ? [`${words[down]} down`] : []),
  ];
  if (parts.length > 0) return parts.join(', ');
  return free.width === rect.width ? 'just as wide as there is room' : 'in the middle of free room';
}

function adviceWords(advice: WordAdvice): string {
  switch (advice.kind) {
    case 'shrink':
      return `At ${advice.percent} per cent of the size it would fit.`;
    case 'split':
      return advice.strips === 1
        ? `On ${countWords(advice.lines.length, 'line')} it would fit: “${advice.lines.join(' / ')}”.`
        : `On two strips it would fit: ${advice.lines.map((line) => `“${line}”`).join(' and ')}.`;
    case 'move':
      return `Without ${advice.name} there would be room; move it.`;
    default:
      throw new TypeError(`adviceWords: unknown ${JSON.stringify(advice satisfies never)}`);
  }
}
