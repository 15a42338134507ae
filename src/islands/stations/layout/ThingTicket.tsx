import { ArrowDown, ArrowUp, Copy, Trash2 } from 'lucide-react';
import { isMark, type Placed } from '../../../core/resolve/outlineOf';
import {
  clearances,
  neighboursOf,
  placingDistances,
  rulerFigures,
} from '../../../core/measuring/rulerFigures';
import { visiblePart } from '../../../core/measuring/visiblePart';
import { rulerWords } from '../../../core/measuring/rulerWords';
import { faceName } from '../../../core/plan/faces';
import type { PieceKind } from '../../../core/plan/piece';
import { papersOf, sameSupport } from '../../../core/plan/pieces';
import { withAllOn } from '../../../core/plan/pieceSets';
import { IconButton } from '../../parts/IconButton';
import { PlaceFields } from '../../parts/PlaceFields';
import { changePiece, type ChangeOf } from '../../../core/plan/pieceEdits';
import { NumberField } from '../../parts/NumberField';
import { TextField } from '../../parts/TextField';
import { namesApart } from '../../words/namesApart';
import { useCardSession } from '../../session/CardSession';
import { useHandling } from './useHandling';
import { DieCutFields } from './DieCutFields';
import { MarkFields } from './MarkFields';
import { nearestWords, seenWords, sizeWords, sortOf, supportName } from './thingWords';
import { Select } from '../../parts/Select';
import { useLayout } from './LayoutContext';

interface Props {
  readonly placed: Placed;
}

/** So many of the nearest pieces are offered to be placed beside. */
const mostBeside = 6;

/** What is selected, unfolded: where it lies to a ruler, how it is placed, and what it is made of. */
export function ThingTicket({ placed }: Props) {
  const { plan, card, unit, commit, preview } = useCardSession();
  const { copy, remove, reorder } = useHandling();
  const { isAlone, choose } = useLayout().chosen;
  const nameApart = namesApart(card);
  const { id, piece } = placed;
  const change = (next: ChangeOf<PieceKind>) => commit(changePiece(piece, next));
  const nearest = clearances(card, placed, mostBeside);
  const beside = [...new Set([...neighboursNow(placed), ...nearest.map(({ other }) => other.id)])]
    .flatMap((each) => neighboursOf(card, placed).filter((other) => other.id === each))
    .map((other) => ({ id: other.id, name: nameApart(other) }));
  const own = new Set(withAllOn(plan, [piece]).map((each) => each.id));
  const supports = papersOf(plan).filter((each) => !own.has(each.id));
  const { fold } = plan.base;
  return (
    <section
      aria-label={`${piece.name}, ${sortOf(placed)}`}
      className="border-violet flex flex-col gap-2 border-l-4 bg-white px-3 pt-2 pb-3"
    >
      <div className="flex items-center gap-3">
        <TextField
          label="Name"
          value={piece.name}
          className="in-place w-40 font-semibold"
          onCommit={(name) => change({ name })}
        />
        <span className="text-[17px] font-semibold">{sizeWords(placed, unit)}</span>
        <span className="text-muted">{unit}</span>
        <span className="ml-auto flex">
          <IconButton label={`Bring ${piece.name} forward`} onClick={() => reorder(1)}>
            <ArrowUp size={16} aria-hidden />
          </IconButton>
          <IconButton label={`Send ${piece.name} back`} onClick={() => reorder(-1)}>
            <ArrowDown size={16} aria-hidden />
          </IconButton>
          <IconButton label={`Copy ${piece.name}`} onClick={copy}>
            <Copy size={16} aria-hidden />
          </IconButton>
          <IconButton label={`Remove ${piece.name}`} onClick={remove}>
            <Trash2 size={16} aria-hidden />
          </IconButton>
        </span>
      </div>
      <p>
        <strong>Lay it</strong> {rulerWords(rulerFigures(card, placed), unit)} of{' '}
        {supportName(card, placed)}.{' '}
        <span className="text-muted">
          {nearestWords(nearest, unit)} {seenWords(visiblePart(card, placed))}
        </span>
      </p>
      {piece.group !== null && (
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            checked={isAlone}
            onChange={(event) => choose([id], event.target.checked)}
          />
          move it without its group <kbd className="key">m</kbd>
        </label>
      )}
      <div className="flex flex-wrap items-start gap-x-4 gap-y-1.5">
        <label className="flex gap-2">
          <span className="text-muted">on</span>
          <Select
            className="in-place"
            aria-label="What it lies on"
            value={'face' in piece.on ? 'face' : piece.on.piece}
            onChange={(event) => {
              const under = supports.find((each) => each.id === event.target.value);
              const on = under ? { piece: under.id } : { face: placed.face };
              if (!sameSupport(on, piece.on)) change({ on });
            }}
          >
            <option value="face">the {faceName(placed.face, fold)}</option>
            {supports.map((each) => (
              <option key={each.id} value={each.id}>
                {nameApart(each)}
              </option>
            ))}
          </Select>
        </label>
        <PlaceFields
          key={id}
          place={piece.place}
          distances={placingDistances(card, placed)}
          unit={unit}
          neighbours={beside}
          spans={piece.kind === 'ribbon' ? (piece.runs === 'across' ? 'x' : 'y') : undefined}
          onPreview={(place) => preview(place && changePiece(piece, { place }))}
          onCommit={(place) => change({ place })}
        />
        <span className="flex items-center gap-2">
          <span className="text-muted" aria-hidden>
            turned
          </span>
          <NumberField
            label="Turned, in degrees"
            isLabelHidden
            value={piece.place.turn}
            min={-180}
            max={180}
            digits={1}
            issue="A turn is -180 to 180 degrees; clockwise is positive."
            className="field w-20"
            onCommit={(turn) => change({ place: { ...piece.place, turn: turn ?? 0 } })}
          />
          <span className="text-muted" aria-hidden>
            °
          </span>
        </span>
      </div>
      {isMark(placed) ? (
        <MarkFields mark={placed} />
      ) : (
        <DieCutFields
          resolved={placed}
          onChange={(next) => commit(changePiece(placed.piece, next))}
          preview={(next) => preview(next && changePiece(placed.piece, next))}
        />
      )}
      <div className="flex items-center gap-3">
        <TextField
          label="Group"
          value={piece.group ?? ''}
          placeholder="no group"
          isOptional
          maxLength={40}
          className="in-place w-28"
          onCommit={(group) => change({ group: group === '' ? null : group })}
        />
        <TextField
          label="Note"
          value={piece.notes}
          placeholder="a note"
          isOptional
          maxLength={200}
          className="in-place grow"
          onCommit={(notes) => change({ notes })}
        />
      </div>
    </section>
  );
}

function neighboursNow({ piece: { place } }: Placed): readonly string[] {
  return [place.x, place.y].flatMap((rule) => (rule.from === 'piece' ? [rule.piece] : []));
}
