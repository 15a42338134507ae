import { useState } from 'react';
import type { Paper } from '../../../core/plan/piece';
import { usualReveals } from '../../../core/plan/usualReveals';
import type { ResolvedPiece } from '../../../core/resolve/resolvedPiece';
import { LengthField, type TypedSize } from '../../parts/LengthField';
import { DieFields } from './DieFields';
import { OutsetFields } from './OutsetFields';
import { PrintFields } from './PrintFields';
import { sizeFields, sizeWays } from './sizeChoices';
import { changePiece } from '../../../core/plan/pieceEdits';
import { useCardSession } from '../../session/CardSession';

interface Props {
  readonly piece: Paper;
  readonly resolved: ResolvedPiece | undefined;
}

/** The ways to give a size, and the figures of the way that is looked at. */
export function SizeWays({ piece, resolved }: Props) {
  const { plan, unit, commit, preview } = useCardSession();
  const { id, size } = piece;
  const [way, setWay] = useState(size.by);
  const [sizeBy, setSizeBy] = useState(size.by);
  // The plan changed the way of sizing (undo, a remedy): show that one.
  if (sizeBy !== size.by) {
    setSizeBy(size.by);
    setWay(size.by);
  }
  return (
    <>
      <div
        role="group"
        aria-label="How the size is given"
        className="border-hairline flex gap-5 border-b-2 pt-1"
      >
        {sizeWays.map(({ by, name }) => (
          <button
            key={by}
            type="button"
            aria-pressed={way === by}
            className="text-muted aria-pressed:border-violet aria-pressed:text-violet -mb-0.5 border-b-2 border-transparent pb-0.5 aria-pressed:font-semibold"
            onClick={() => setWay(by)}
          >
            {name}
          </button>
        ))}
      </div>
      <div className="flex flex-wrap items-start gap-x-3 gap-y-2 pt-2">
        {way === 'outset' ? (
          <OutsetFields piece={piece} />
        ) : way === 'die' ? (
          <DieFields piece={piece} resolved={resolved} usual={usualReveals(plan.habits).everyday} />
        ) : way === 'stamp' ? (
          <PrintFields piece={piece} />
        ) : (
          sizeFields(way, size, resolved).map(({ key, label, value, withValue }, index) => (
            <LengthField
              key={`${id} ${way} ${key}`}
              label={label}
              value={value}
              unit={unit}
              isFirst={index === 0}
              width={way === 'sides' ? '4.9rem' : '7.5rem'}
              onPreview={(typed) =>
                preview(typed && changePiece(piece, { size: withValue(typed) }))
              }
              onCommit={(typed) => commit(changePiece(piece, { size: withValue(typed) }))}
              {...(way === 'measure' && {
                onSize: (both: TypedSize) =>
                  commit(changePiece(piece, { size: { by: 'measure', ...both } })),
              })}
            />
          ))
        )}
        {way === 'reveal' && (
          <span className="text-muted pt-1">
            <kbd className="key">[</kbd> {unit === 'in' ? '1⁄16' : '1'} <kbd className="key">]</kbd>{' '}
            each side
          </span>
        )}
      </div>
    </>
  );
}
