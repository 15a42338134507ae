import { useMemo } from 'react';
import { writeLength } from '../../../../core/length/formatLength';
import { writeLengthBoth } from '../../../../core/length/writeBoth';
import { ribbonLength } from '../../../../core/measuring/ribbonLength';
import { newBow } from '../../../../core/composition/newThing';
import { unknownColour } from '../../../../core/kinds/paint';
import type { LibraryItem, LibraryRef } from '../../../../core/plan/libraryItem';
import { findItem } from '../../../../core/plan/library';
import {
  bowLooks,
  ribbonFixings,
  ribbonLooks,
  ribbonWays,
} from '../../../../core/plan/pieces/looks';
import { bowNames, lengthTerms } from '../../../../core/prose/ribbonWords';
import { alongRibbon, isRibbon } from '../../../../core/resolve/ribbonParts';
import { Choose } from '../../../parts/Choose';
import { InlineChoice } from '../../../parts/InlineChoice';
import { choicesOf, refValue } from '../../../parts/itemChoices';
import { LengthField } from '../../../parts/LengthField';
import { useCardSession } from '../../../session/CardSession';
import type { FieldsProps } from './FieldsProps';

const refOf = ({ id, version }: LibraryItem): LibraryRef => ({ id, version });

const wayNames = { laid: 'from edge to edge', tucked: 'ends tucked under', round: 'wrapped round' };
const endNames = { none: 'no bow', ...bowNames };

/** What a ribbon is, how it goes, and how long it is cut; and the bow it is tied in. */
export function RibbonFields({ mark, piece, unit, onChange, preview }: FieldsProps<'ribbon'>) {
  const { card } = useCardSession();
  const { id, rect } = mark;
  const { bow } = piece;
  const along = alongRibbon({ piece, rect });
  return (
    <>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
        <InlineChoice
          label="Sort"
          value={piece.look}
          choices={ribbonLooks}
          nameOf={(look) => look}
          onChange={(look) => onChange({ look, item: null })}
        />
        <LengthField
          key={`${id} width`}
          label={piece.look === 'twine' ? 'thick' : 'wide'}
          value={piece.width}
          unit={unit}
          width="6rem"
          isPositive
          onPreview={(width) => preview(width && { width })}
          onCommit={(width) => onChange({ width })}
        />
        <InlineChoice
          label="Which way it runs"
          value={piece.runs}
          choices={['across', 'down']}
          nameOf={(runs) => runs}
          onChange={(runs) => onChange({ runs })}
        />
        <InlineChoice
          label="How it goes"
          value={piece.way}
          choices={ribbonWays}
          nameOf={(way) => wayNames[way]}
          onChange={(way) => onChange({ way })}
        />
        {piece.way === 'tucked' && (
          <LengthField
            key={`${id} tuck`}
            label="each by"
            value={piece.tuck}
            unit={unit}
            width="6rem"
            onPreview={(tuck) => preview(tuck && { tuck })}
            onCommit={(tuck) => onChange({ tuck })}
          />
        )}
        <InlineChoice
          label="What keeps it there"
          value={piece.fixing}
          choices={ribbonFixings}
          nameOf={(fixing) => fixing}
          onChange={(fixing) => onChange({ fixing })}
        />
        <RibbonSource mark={mark} piece={piece} unit={unit} onChange={onChange} />
      </div>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
        <InlineChoice
          label="What it ends in"
          value={bow?.look ?? 'none'}
          choices={['none', ...bowLooks] as const}
          nameOf={(look) => endNames[look]}
          onChange={(look) =>
            onChange({
              bow: look === 'none' ? null : bow ? { ...bow, look } : newBow(look, along, unit),
            })
          }
        />
        {bow &&
          bowFields.map(({ of, label }) => (
            <LengthField
              key={`${id} ${of}`}
              label={label ?? (piece.runs === 'across' ? 'from the left' : 'from the top')}
              value={bow[of]}
              unit={unit}
              width="6rem"
              isPositive={of === 'across'}
              onPreview={(length) => preview(length && { bow: { ...bow, [of]: length } })}
              onCommit={(length) => onChange({ bow: { ...bow, [of]: length } })}
            />
          ))}
      </div>
      {isRibbon(mark) && <LengthLine length={ribbonLength(card, mark)} unit={unit} />}
    </>
  );
}

const bowFields = [
  { of: 'at', label: undefined },
  { of: 'across', label: 'spreads' },
  { of: 'takes', label: 'takes' },
  { of: 'tail', label: 'each tail' },
] as const;

interface LineProps extends Pick<FieldsProps<'ribbon'>, 'unit'> {
  readonly length: ReturnType<typeof ribbonLength>;
}

function LengthLine({ length, unit }: LineProps) {
  const terms = lengthTerms(length).map(([ticks, of]) => `${writeLength(ticks, unit)} ${of}`);
  return (
    <p>
      <strong>Cut it {writeLengthBoth(length.whole, unit)}</strong>{' '}
      <span className="text-muted">{terms.join(', ')}</span>
    </p>
  );
}

/** One of the stash, whose colour it takes, or a bare colour. */
function RibbonSource({ mark, piece, unit, onChange }: Omit<FieldsProps<'ribbon'>, 'preview'>) {
  const { library } = useCardSession();
  const items = useMemo(
    () =>
      library.flatMap((item) =>
        item.kind === 'embellishment' && item.embellishment === piece.look ? [item] : [],
      ),
    [library, piece.look],
  );
  const { item: ref } = piece;
  const item = ref ? findItem(library, ref) : undefined;
  return (
    <span className="flex min-w-0 items-center gap-1.5">
      <input
        type="color"
        aria-label="Colour"
        className="border-control h-6 w-8 shrink-0 border"
        value={mark.paints[0]?.colour ?? unknownColour}
        onChange={(event) => onChange({ colour: { wish: event.target.value }, item: null })}
      />
      <Choose
        label="Which of the stash"
        choices={choicesOf(items, unit)}
        value={ref ? refValue(ref) : undefined}
        otherwise={ref ? (item?.name ?? 'not in the stash') : 'of no item'}
        onChoose={(chosen) => {
          const found = items.find((each) => refValue(each) === chosen);
          if (found) onChange({ item: refOf(found), colour: { item: refOf(found) } });
        }}
      />
    </span>
  );
}
