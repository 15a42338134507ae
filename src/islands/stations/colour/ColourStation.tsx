import { useMemo } from 'react';
import { colourParts } from '../../../core/inking/colourParts';
import { paletteOf } from '../../../core/inking/palette';
import { faceName } from '../../../core/plan/faces';
import { countWords } from '../../../core/words/countWords';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { TrueSizeLinks } from '../../session/TrueSizeLinks';
import { BlendStrip } from './BlendStrip';
import { ColourDrawing } from './ColourDrawing';
import { Instead } from './Instead';
import { LayGround } from './LayGround';
import { OtherStocks } from './OtherStocks';
import { PaletteChart } from './PaletteChart';
import { PaletteList } from './PaletteList';
import { PartRows } from './PartRows';
import { PickingContext, usePicking } from './usePicking';
import { SeenBy, useSeenBy } from './SeenBy';
import { Ties } from './Ties';
import { Tones } from './Tones';
import { useChosenPart } from './useChosenPart';

/** What everything is printed and coloured with: the card as it will look, and each part with what it comes out of. */
export function ColourStation() {
  const { plan, card, face, ask } = useCardSession();
  useKeys({ s: () => ask({ kind: 'series' }) });
  const all = useMemo(() => colourParts(card), [card]);
  const parts = useMemo(() => all.filter((part) => part.face === face), [all, face]);
  const palette = useMemo(() => paletteOf(all), [all]);
  const chosen = useChosenPart(parts);
  const seenBy = useSeenBy();
  const picking = usePicking(chosen.part, chosen.chooseAt);
  return (
    <PickingContext value={picking}>
      <div className="grid h-full min-h-[560px] grid-cols-[minmax(440px,1fr)_minmax(440px,560px)] gap-x-5 pl-[18px]">
        <div className="flex min-h-0 min-w-0 flex-col gap-5 overflow-auto py-4 pr-3">
          <div className="flex flex-col gap-5" style={{ filter: seenBy.filter }}>
            <ColourDrawing parts={parts} chosen={chosen.part} onChoose={chosen.choose} />
            <OtherStocks part={chosen.part ?? parts[0]} />
          </div>
          <SeenBy seenBy={seenBy} />
          <Instead />
          <BlendStrip part={chosen.part ?? parts.find(({ kind }) => kind === 'ground')} />
          {palette.colours.length > 0 && <PaletteChart palette={palette} />}
          <PaletteList palette={palette} chosen={chosen.part} />
          <Tones />
          <Ties palette={palette} />
        </div>
        <div className="flex min-h-0 min-w-0 flex-col gap-4 overflow-auto py-4 pr-[18px]">
          <h2 className="text-[19px]">
            {countWords(palette.colours.length, 'colour')} out of{' '}
            {palette.items === 1 ? '1 bottle or pen' : `${palette.items} bottles and pens`}
            {palette.wishes > 0 && (
              <span className="text-muted pl-4 font-sans text-base font-normal">
                {palette.wishes === 1 ? '1 is a wish' : `${palette.wishes} are wishes`}
              </span>
            )}
          </h2>
          {parts.length === 0 && (
            <p className="text-sheet-muted">
              Nothing on the {faceName(face, plan.base.fold)} is printed or coloured yet. Lay a
              ground here, or add images and words on the Layout station.
            </p>
          )}
          <PartRows parts={parts} chosen={chosen} />
          <LayGround />
          {parts.some(({ kind }) => kind === 'coloured') && (
            <TrueSizeLinks label="Test sheet" file="test-sheet" query={{ face }} />
          )}
        </div>
      </div>
    </PickingContext>
  );
}
