import { useRef, useState } from 'react';
import { readGpl, writeGpl, type GplPalette, type NamedColour } from '../../../core/colour/gpl';
import type { ColourPart } from '../../../core/inking/colourParts';
import { sourceNamed } from '../../../core/inking/plainSources';
import type { Palette } from '../../../core/inking/palette';
import { recolour } from '../../../core/inking/recolour';
import { fileName } from '../../../core/text/fileName';
import { countWords } from '../../../core/words/countWords';
import { readTextFile } from '../../parts/readTextFile';
import { saveFile } from '../../parts/saveFile';
import { useCardSession } from '../../session/CardSession';
import { gplWords } from '../../words/colourWords';

interface Props {
  readonly palette: Palette;
  readonly chosen: ColourPart | undefined;
}

/** Every colour of the card once, printed on the paper it is first used on, and palettes that come in and go out as files. */
export function PaletteList({ palette, chosen }: Props) {
  const { plan, library, commit } = useCardSession();
  const file = useRef<HTMLInputElement>(null);
  const [brought, setBrought] = useState<GplPalette>();
  const [said, setSaid] = useState('');
  const goOut = () => {
    const colours = palette.colours.map(({ item, colour }) => ({ name: item?.name ?? '', colour }));
    const text = writeGpl({ name: plan.about.title, colours });
    saveFile(fileName([plan.about.title, 'palette'], '.gpl'), 'text/plain', text);
  };
  const bringIn = async (chosenFile: File) => {
    const text = await readTextFile(chosenFile, 'as UTF-8');
    if (!text.ok) {
      setSaid(text.message);
      return;
    }
    const read = readGpl(text.text);
    setSaid(gplWords(read));
    if (read.ok) setBrought(read.palette);
  };
  const take = (named: NamedColour) => {
    if (!chosen) return;
    const source = sourceNamed(library, named);
    commit(recolour(plan, chosen.at, { kind: 'source', source }));
  };
  const mayTake = chosen !== undefined && chosen.kind !== 'coloured';
  return (
    <section aria-label="Palette, colour by colour">
      <ul className="flex flex-wrap gap-x-4 gap-y-1.5">
        {palette.colours.map(({ key, item, seen, parts }) => (
          <li key={key} className="flex items-center gap-2">
            <span
              className="border-control inline-block h-6 w-8 border"
              style={{ background: seen }}
              aria-hidden
            />
            <span>
              {item?.name ?? 'a wish'}
              {parts > 1 && <span className="text-sheet-muted"> × {parts}</span>}
            </span>
          </li>
        ))}
      </ul>
      <p className="flex flex-wrap items-center gap-x-4 gap-y-1 pt-2">
        {palette.colours.length > 0 && (
          <button type="button" className="link" onClick={goOut}>
            Palette as GPL
          </button>
        )}
        <button type="button" className="link" onClick={() => file.current?.click()}>
          Bring in a GPL palette…
        </button>
        <input
          ref={file}
          type="file"
          accept=".gpl"
          className="hidden"
          aria-label="A GPL palette"
          onChange={(event) => {
            const [first] = event.target.files ?? [];
            event.target.value = '';
            if (first) void bringIn(first);
          }}
        />
        <span role="status" className="text-sheet-muted">
          {said}
        </span>
      </p>
      {brought && (
        <div role="group" aria-label={`Palette ${brought.name}`} className="pt-2">
          <p>
            <strong className="font-semibold">{brought.name || 'Palette'}</strong>
            <span className="text-sheet-muted pl-3">
              {countWords(brought.colours.length, 'colour')};{' '}
              {mayTake
                ? `press one to give it to ${chosen.name || chosen.of}`
                : 'choose a printed part or a ground to give it one'}
            </span>
          </p>
          <ul className="flex flex-wrap gap-1.5 pt-1">
            {brought.colours.map((each, index) => (
              <li key={index}>
                <button
                  type="button"
                  className="border-control h-8 w-10 border disabled:opacity-60"
                  style={{ background: each.colour }}
                  aria-label={each.name || each.colour}
                  title={each.name || each.colour}
                  disabled={!mayTake}
                  onClick={() => take(each)}
                />
              </li>
            ))}
          </ul>
          <p className="flex gap-4 pt-1">
            <button
              type="button"
              className="link"
              onClick={() =>
                saveFile(
                  fileName([brought.name, 'palette'], '.gpl'),
                  'text/plain',
                  writeGpl(brought),
                )
              }
            >
              The same as GPL
            </button>
            <button type="button" className="link" onClick={() => setBrought(undefined)}>
              Put it away
            </button>
          </p>
        </div>
      )}
    </section>
  );
}
