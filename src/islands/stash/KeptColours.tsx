import { unknownColour } from '../../core/kinds/paint';
import type { LibraryId } from '../../core/plan/ids';
import type { CombinationItem, LibraryItem } from '../../core/plan/libraryItem';
import type { ColourSource } from '../../core/plan/pieces/colourSource';
import { ItemUses } from './ItemUses';

interface Props {
  readonly item: CombinationItem;
  readonly items: ReadonlyMap<LibraryId, LibraryItem>;
}

/** What a kept combination is made of, in the order of use, and the cards it is used on. */
export function KeptColours({ item, items }: Props) {
  return (
    <div className="flex flex-col gap-1.5 pt-2">
      <ol aria-label="In the order they are used" className="flex flex-wrap gap-x-4 gap-y-1">
        {item.undercoat && <Colour {...namedOf(item.undercoat, items)} words="undercoat" />}
        {item.media.map(({ from, tool, strength, passes }, index) => (
          <Colour
            key={index}
            {...namedOf(from, items)}
            words={`${tool}, ${strength}${passes > 1 ? `, ${passes} times` : ''}`}
          />
        ))}
      </ol>
      {item.note !== '' && <p>{item.note}</p>}
      <ItemUses itemId={item.id} />
    </div>
  );
}

interface ColourProps {
  readonly name: string;
  readonly colour: string;
  readonly words: string;
}

function Colour({ name, colour, words }: ColourProps) {
  return (
    <li className="flex items-center gap-2">
      <span
        className="border-control inline-block h-6 w-8 border"
        style={{ background: colour }}
        aria-hidden
      />
      <span>
        {name} <span className="text-muted">{words}</span>
      </span>
    </li>
  );
}

function namedOf(source: ColourSource, items: Props['items']): Omit<ColourProps, 'words'> {
  if ('wish' in source) return { name: 'a wish', colour: source.wish };
  const item = items.get(source.item.id);
  return {
    name: item?.name ?? 'not in the stash',
    colour: item && 'colour' in item ? item.colour : unknownColour,
  };
}
