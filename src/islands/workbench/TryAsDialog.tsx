import { useMemo, useState } from 'react';
import { drawFace } from '../../core/pictures/drawFace';
import type { Unit } from '../../core/length/length';
import { cardFormat } from '../../core/paper/cardFormats';
import type { Library } from '../../core/plan/library';
import type { Base, Plan } from '../../core/plan/plan';
import type { Outcome, ReformatStep } from '../../core/reformat/reformatStep';
import { tryAs, type Reformatted } from '../../core/reformat/tryAs';
import { resolvePlan } from '../../core/resolve/resolvePlan';
import { countWords } from '../../core/words/countWords';
import { FacePicture } from '../parts/FacePicture';
import { FormatFields, readFormat, type FormatChoice } from '../parts/FormatFields';
import { FormDialog } from '../parts/FormDialog';
import { newPieceId } from '../parts/newPieceId';
import { postJson } from '../wire/postJson';
import { reformatWords } from '../words/reformatWords';
import { cutText } from '../../core/text/cutText';

interface Props {
  readonly cardId: string;
  readonly plan: Plan;
  readonly library: Library;
  readonly unit: Unit;
  readonly onFlush: () => Promise<void>;
  readonly onClose: () => void;
}

/** Shows the design on another format with all that is done to it, and makes it a card of its own. */
export function TryAsDialog({ cardId, plan, library, unit, onFlush, onClose }: Props) {
  const [choice, setChoice] = useState(() => another(plan.base));
  const format = readFormat(choice, unit);
  const { fold } = choice;
  // Typing a size makes a new object each time; the text of it tells whether it is another.
  const key = JSON.stringify([format, fold]);
  const tried = useMemo(
    () =>
      typeof format === 'string' ? undefined : tryAs(plan, library, { format, fold }, newPieceId),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [key, plan, library],
  );
  const make = async () => {
    if (typeof format === 'string' || !tried) return String(format);
    await onFlush();
    const title = cutText(`${plan.about.title} as ${formatWords(format)}`, 120);
    const reply = await postJson(
      `/api/cards/${cardId}/copy`,
      {
        plan: {
          ...tried.plan,
          about: { ...tried.plan.about, title, status: 'planned', checked: [] },
        },
        title,
      },
      'card',
    );
    if (!reply.ok) return reply.message;
    location.assign(`/card/${reply.body.id}/layout`);
    return undefined;
  };
  return (
    <FormDialog
      title="Try this design as another format"
      action="Make it a new card"
      isWide
      onSubmit={make}
      onClose={onClose}
    >
      <FormatFields choice={choice} unit={unit} onChange={setChoice} />
      {tried ? (
        <>
          <span className="self-start">Front</span>
          <Picture tried={tried} library={library} />
          <span className="self-start">Done to it</span>
          <Steps steps={tried.steps} />
        </>
      ) : (
        <p role="alert" className="text-pencil col-span-2">
          {String(format)}
        </p>
      )}
    </FormDialog>
  );
}

/** What one would try first: the same fold on the format most unlike. */
function another({ format, fold }: Base): FormatChoice {
  const formatId = format.kind === 'named' && format.id === 'slimline' ? 'a2' : 'slimline';
  const stand =
    format.kind === 'named'
      ? format.stand
      : format.size.width.ticks > format.size.height.ticks
        ? 'lying'
        : 'upright';
  return { formatId, stand, fold, size: '' };
}

function formatWords(format: Base['format']): string {
  return format.kind === 'named' ? cardFormat(format.id).name : 'another size';
}

const pictureHeight = 190;
const pictureWidth = 420;

function Picture({ tried, library }: { readonly tried: Reformatted; readonly library: Library }) {
  const card = useMemo(() => resolvePlan(tried.plan, library), [tried, library]);
  const { width, height } = card.base.face;
  const scale = Math.min(pictureHeight / height, pictureWidth / width);
  return (
    <svg
      width={width * scale + 8}
      height={height * scale + 8}
      role="img"
      aria-label="The front on the other format"
      className="overflow-visible"
    >
      <g transform="translate(2 2)" className="drop-shadow-md">
        <FacePicture pieces={drawFace(card, 'front')} scale={scale} />
      </g>
    </svg>
  );
}

/** What was left out first, then what was changed; what is alike for several of one group is told once. */
function Steps({ steps }: { readonly steps: readonly ReformatStep[] }) {
  const lines = grouped(steps);
  const kept = steps.filter(({ outcome }) => outcome.kind === 'kept').length;
  return (
    <div className="max-h-44 overflow-auto" tabIndex={0} role="region" aria-label="What is done">
      <ul>
        {lines.map(({ names, words }) => (
          <li key={words}>
            <span className="font-semibold">{names.join(', ')}</span> {words}
          </li>
        ))}
        {kept > 0 && <li className="text-muted">{countWords(kept, 'piece')} kept as they are</li>}
        {steps.length === 0 && <li className="text-muted">Nothing is on it yet.</li>}
      </ul>
    </div>
  );
}

const order: readonly Outcome['kind'][] = [
  'left-out',
  'cut-down',
  'split',
  'smaller-letters',
  'repeated',
  'other-die',
  'borders-kept',
  're-derived',
  'moved',
];

function grouped(steps: readonly ReformatStep[]) {
  const lines = new Map<string, string[]>();
  const told = steps
    .filter(({ outcome }) => outcome.kind !== 'kept')
    .toSorted((a, b) => order.indexOf(a.outcome.kind) - order.indexOf(b.outcome.kind));
  for (const { name, outcome } of told) {
    const words = reformatWords(outcome);
    lines.set(words, [...(lines.get(words) ?? []), name]);
  }
  return [...lines].map(([words, names]) => ({ words, names: counted(names) }));
}

/** The same name several times is told once, with how often. */
function counted(names: readonly string[]): readonly string[] {
  return [...new Set(names)].map((name) => {
    const count = names.filter((each) => each === name).length;
    return count > 1 ? `${name} (${count})` : name;
  });
}
