import { coatsOfStops, meetingsOf, withInkMore } from '../../../core/inking/blendStops';
import type { ColourPart } from '../../../core/inking/colourParts';
import type { Given } from '../../../core/inking/recolour';
import { applicators, strengths } from '../../../core/plan/pieces/looks';
import type { BlendStop } from '../../../core/plan/pieces/stops';
import { X } from 'lucide-react';
import { IconButton } from '../../parts/IconButton';
import { InlineChoice } from '../../parts/InlineChoice';
import { NumberField } from '../../parts/NumberField';
import { SourceField } from '../../parts/SourceField';
import { useCardSession } from '../../session/CardSession';
import { meetingSentence } from '../../words/colourWords';

interface Props {
  readonly part: ColourPart;
  readonly stops: readonly BlendStop[];
  readonly onChange: (given: Given) => void;
}

/** The inks of a blend in the order they are laid, from where to where each reaches, and what happens where they meet. */
export function StopsFields({ part, stops, onChange }: Props) {
  const { library, unit } = useCardSession();
  const set = (next: readonly BlendStop[]) => onChange({ kind: 'stops', stops: next });
  const change = (at: number, of: Partial<BlendStop>) =>
    set(stops.map((stop, index) => (index === at ? { ...stop, ...of } : stop)));
  const said = meetingsOf(coatsOfStops(stops, library), part.ground.colour).flatMap(
    ({ one, two, meeting }) => meetingSentence(one.name, two.name, meeting) ?? [],
  );
  return (
    <>
      <ol className="flex flex-col gap-1.5">
        {stops.map((stop, index) => (
          <li key={index} className="flex flex-wrap items-center gap-x-2 gap-y-1">
            <SourceField
              label={`ink ${index + 1}`}
              isLabelHidden
              value={stop.ink}
              library={library}
              unit={unit}
              onChange={(ink) => change(index, { ink })}
            />
            <NumberField
              label="from"
              className="field w-14"
              value={Math.round(stop.from * 100)}
              min={0}
              max={Math.round(stop.to * 100) - 1}
              issue={`It begins before it ends: 0 to ${Math.round(stop.to * 100) - 1}.`}
              onCommit={(from) => from !== null && change(index, { from: from / 100 })}
            />
            <NumberField
              label="to"
              className="field w-14"
              value={Math.round(stop.to * 100)}
              min={Math.round(stop.from * 100) + 1}
              max={100}
              issue={`It ends after it begins: ${Math.round(stop.from * 100) + 1} to 100.`}
              onCommit={(to) => to !== null && change(index, { to: to / 100 })}
            />
            <span className="text-muted">%</span>
            <InlineChoice
              label={`What puts ink ${index + 1} on`}
              value={stop.tool}
              choices={applicators}
              nameOf={(each) => each}
              onChange={(tool) => change(index, { tool })}
            />
            <InlineChoice
              label={`How strongly ink ${index + 1} is put on`}
              value={stop.strength}
              choices={strengths}
              nameOf={(each) => each}
              onChange={(strength) => change(index, { strength })}
            />
            {stops.length > 1 && (
              <IconButton
                label={`Take ink ${index + 1} away`}
                onClick={() => set(stops.filter((_, other) => other !== index))}
              >
                <X size={16} aria-hidden />
              </IconButton>
            )}
          </li>
        ))}
      </ol>
      <p className="flex flex-wrap items-center gap-x-4 gap-y-1">
        {stops.length < 8 && (
          <button type="button" className="button" onClick={() => set(withInkMore(stops))}>
            Another ink
          </button>
        )}
      </p>
      {said.length > 0 ? (
        said.map((sentence) => (
          <p key={sentence} className="text-amber">
            {sentence}
          </p>
        ))
      ) : (
        <p className="text-muted">Its inks meet clean.</p>
      )}
    </>
  );
}
