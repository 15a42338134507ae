import { Plus, Trash2 } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { papersUnder } from '../../../core/resolve/papersUnder';
import { adhesives } from '../../../core/paper/adhesives';
import { sides } from '../../../core/plan/faces';
import type { Zone } from '../../../core/plan/piece';
import type { ChangeOf } from '../../../core/plan/pieceEdits';
import { mostPlaces, mostZones } from '../../../core/plan/zones';
import { holdWords } from '../../../core/prose/holdWords';
import type { ResolvedPiece } from '../../../core/resolve/resolvedPiece';
import { IconButton } from '../../parts/IconButton';
import { Select } from '../../parts/Select';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { namesApart } from '../../words/namesApart';
import { HoldPlaces } from './HoldPlaces';
import { middleOf, newZone } from './newZone';

interface Props {
  readonly resolved: ResolvedPiece;
  readonly onChange: (change: ChangeOf<'panel'>) => void;
  readonly preview: (change: ChangeOf<'panel'> | undefined) => void;
}

type Where = Zone['where'];

const whereWords: Readonly<Record<Where['at'], string>> = {
  all: 'all of it',
  round: 'its edge, all round',
  sides: 'along',
  middle: 'its middle',
  places: 'at places',
};
const wheres = ['all', 'round', 'sides', 'middle', 'places'] as const;

/** Where something else holds a piece than under the rest of it, or nothing does; of two that meet the later counts. */
export function HoldFields({ resolved, onChange, preview }: Props) {
  const { card, unit } = useCardSession();
  const { zones } = resolved.piece;
  const under = papersUnder(card, resolved);
  const nameApart = namesApart(card);
  const put = (at: number, zone: Zone) => onChange({ zones: zones.with(at, zone) });
  const words = holdWords(resolved, unit);
  const list = useRef<HTMLDivElement>(null);
  const isAdded = useRef(false);
  const add = () => {
    if (zones.length >= mostZones) return false;
    isAdded.current = true;
    onChange({ zones: [...zones, newZone(resolved.piece)] });
    return true;
  };
  useKeys({ j: add });
  // What was just added is told where it holds first.
  useEffect(() => {
    if (isAdded.current)
      list.current?.querySelector<HTMLElement>('fieldset:last-of-type select')?.focus();
    isAdded.current = false;
  }, [zones.length]);
  return (
    <div ref={list} className="flex flex-col gap-1.5">
      {zones.map((zone, at) => (
        <fieldset key={at} className="flex flex-wrap items-start gap-x-3 gap-y-1.5">
          <legend className="sr-only">Held otherwise, {at + 1}</legend>
          <span className="text-muted">but</span>
          <Select
            className="in-place"
            aria-label={`Where, ${at + 1}`}
            value={zone.where.at}
            onChange={(event) => {
              const chosen = wheres.find((each) => each === event.target.value);
              if (chosen) put(at, { ...zone, where: whereAt(chosen, resolved) });
            }}
          >
            {wheres.map((each) => (
              <option key={each} value={each}>
                {whereWords[each]}
              </option>
            ))}
          </Select>
          {zone.where.at === 'sides' && (
            <SideChecks
              chosen={zone.where.sides}
              onChange={(chosen) => put(at, { ...zone, where: { at: 'sides', sides: chosen } })}
            />
          )}
          <Select
            className="in-place"
            aria-label={`Over what, ${at + 1}`}
            value={zone.over ?? ''}
            onChange={({ target }) =>
              put(at, { ...zone, over: under.find(({ id }) => id === target.value)?.id ?? null })
            }
          >
            <option value="">wherever it lies</option>
            {under.map(({ id, piece }) => (
              <option key={id} value={id}>
                over {nameApart(piece)}
              </option>
            ))}
            {zone.over !== null && !under.some(({ id }) => id === zone.over) && (
              <option value={zone.over}>over what it no longer lies on</option>
            )}
          </Select>
          <Select
            className="in-place"
            aria-label={`By what, ${at + 1}`}
            value={zone.attach}
            onChange={({ target }) => {
              const chosen = adhesives.find(({ id }) => id === target.value);
              put(at, { ...zone, attach: chosen?.id ?? 'none' });
            }}
          >
            <option value="none">by nothing</option>
            {adhesives.map(({ id, name }) => (
              <option key={id} value={id}>
                by {name}
              </option>
            ))}
          </Select>
          <IconButton
            label={`Hold it alike there, ${at + 1}`}
            onClick={() => onChange({ zones: zones.toSpliced(at, 1) })}
          >
            <Trash2 size={16} aria-hidden />
          </IconButton>
          {zone.where.at === 'places' && (
            <HoldPlaces
              id={`${resolved.id} ${at}`}
              places={zone.where.places}
              unit={unit}
              most={mostPlaces}
              onAdd={() => middleOf(resolved)}
              onPreview={(places) =>
                preview(
                  places && { zones: zones.with(at, { ...zone, where: { at: 'places', places } }) },
                )
              }
              onChange={(places) => put(at, { ...zone, where: { at: 'places', places } })}
            />
          )}
        </fieldset>
      ))}
      <p className="flex flex-wrap items-center gap-x-4">
        {zones.length < mostZones && (
          <span className="flex items-center gap-2">
            <button type="button" className="link flex items-center gap-1" onClick={add}>
              <Plus size={16} aria-hidden /> Hold it otherwise somewhere
            </button>
            <kbd className="key">j</kbd>
          </span>
        )}
        {words !== undefined && <span className="text-muted">{words}</span>}
      </p>
    </div>
  );
}

function whereAt(at: Where['at'], resolved: ResolvedPiece): Where {
  if (at === 'sides') return { at, sides: ['bottom'] };
  return at === 'places' ? { at, places: [middleOf(resolved)] } : { at };
}

interface SideChecksProps {
  readonly chosen: Extract<Where, { at: 'sides' }>['sides'];
  readonly onChange: (chosen: SideChecksProps['chosen']) => void;
}

/** The last side that is chosen stays. */
function SideChecks({ chosen, onChange }: SideChecksProps) {
  return sides.map((side) => (
    <label key={side} className="flex items-center gap-1.5">
      <input
        type="checkbox"
        checked={chosen.includes(side)}
        disabled={chosen.length === 1 && chosen.includes(side)}
        onChange={(event) =>
          onChange(
            sides.filter((each) => (each === side ? event.target.checked : chosen.includes(each))),
          )
        }
      />
      {side}
    </label>
  ));
}
