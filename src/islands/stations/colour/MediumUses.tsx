import { X } from 'lucide-react';
import { labOf } from '../../../core/colour/lab';
import type { MediumUse } from '../../../core/inking/media';
import { findItem } from '../../../core/plan/library';
import { applicators, strengths } from '../../../core/plan/pieces/looks';
import { IconButton } from '../../parts/IconButton';
import { InlineChoice } from '../../parts/InlineChoice';
import { useCardSession } from '../../session/CardSession';

interface Props {
  readonly media: readonly MediumUse[];
  /** What each is seen in on its ground, `#rrggbb`. */
  readonly seen: (use: MediumUse) => string;
  readonly onChange: (media: readonly MediumUse[]) => void;
}

const passes = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;
const timesWords: Readonly<Record<string, string>> = { '1': 'once', '2': 'twice' };

/** The media of a combination in the order they are used: what puts each on, how strongly, how often gone over. */
export function MediumUses({ media, seen, onChange }: Props) {
  const { library } = useCardSession();
  const nameOf = ({ from }: MediumUse) =>
    'wish' in from ? 'a wish' : (findItem(library, from.item)?.name ?? 'not in the stash');
  return (
    <ol aria-label="In the order they are used" className="flex flex-col gap-1">
      {media.map((use, index) => {
        const name = nameOf(use);
        const change = (of: Partial<MediumUse>) =>
          onChange(media.map((each, other) => (other === index ? { ...each, ...of } : each)));
        return (
          <li key={index} className="flex flex-wrap items-center gap-x-2.5 gap-y-0.5">
            <span
              className="border-control inline-block h-6 w-8 shrink-0 border"
              style={{ background: seen(use) }}
              aria-hidden
            />
            <strong className="min-w-32 font-semibold">{name}</strong>
            <span className="text-muted">lightness {Math.round(labOf(seen(use)).l)}</span>
            <InlineChoice
              label={`What puts ${name} on`}
              value={use.tool}
              choices={applicators}
              nameOf={(tool) => tool}
              onChange={(tool) => change({ tool })}
            />
            <InlineChoice
              label={`How strongly ${name} is put on`}
              value={use.strength}
              choices={strengths}
              nameOf={(strength) => strength}
              onChange={(strength) => change({ strength })}
            />
            <InlineChoice
              label={`How often ${name} is gone over`}
              value={String(use.passes)}
              choices={passes}
              nameOf={(times) => timesWords[times] ?? `${times} times`}
              onChange={(times) => change({ passes: Number(times) })}
            />
            <IconButton
              label={`Take ${name} away`}
              onClick={() => onChange(media.filter((_, other) => other !== index))}
            >
              <X size={16} aria-hidden />
            </IconButton>
          </li>
        );
      })}
    </ol>
  );
}
