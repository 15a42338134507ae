import { stripTurns } from '../../../../core/masking/stripTurns';
import { addLine, inkedIn, newDisc } from '../../../../core/plan/sceneEdits';
import { distinctName } from '../../../../core/resolve/distinctNames';
import { supportRect } from '../../../../core/resolve/resolvedCard';
import { stripMark, stripWords } from '../../../../core/words/stripWords';
import { capitalise } from '../../../../core/words/phrases';
import { LengthField } from '../../../parts/LengthField';
import { newPieceId } from '../../../parts/newPieceId';
import { useCardSession } from '../../../session/CardSession';
import { TrueSizeLinks } from '../../../session/TrueSizeLinks';
import { turnsWords } from '../../../words/sceneWords';
import { LineRows } from './LineRows';
import type { ChosenPoint } from './PointHandle';
import type { OpenScene } from './useScene';

interface Props extends OpenScene {
  readonly chosen: ChosenPoint | undefined;
}

/** What is inked in which strip, in which turns that is done, and the lines between the strips. */
export function SceneTable({ chosen, ...open }: Props) {
  const { scene, resolved, change, remove } = open;
  const { card } = useCardSession();
  const turns = stripTurns(resolved);
  const marks = card.marks.filter(
    ({ face, support }) => face === resolved.face && support === resolved.support,
  );
  const size = supportRect(card, resolved.support);
  return (
    <>
      <div>
        <h2 className="text-[19px]">{turnsWords(turns)}</h2>
        <ol className="text-sheet-muted">
          {turns.turns.map((strips, index) => (
            <li key={index}>
              {index + 1}. {capitalise(stripWords(strips))} open
              {strips.some((strip) => turns.laidBack.includes(strip))
                ? ', then back'
                : ', to the end'}
            </li>
          ))}
        </ol>
      </div>
      <InkedTable {...open} marks={marks.map(({ id }) => [id, distinctName(card, id)])} />
      <LineRows {...open} chosen={chosen} />
      <p className="flex flex-wrap gap-2">
        <button
          type="button"
          className="button"
          onClick={() => change({ lines: addLine(scene, newPieceId(), size) })}
        >
          Add a line
        </button>
        <button
          type="button"
          className="button"
          onClick={() => change({ disc: scene.disc ? null : newDisc(size) })}
        >
          {scene.disc ? 'Take the disc away' : 'Keep a disc for a sun or moon'}
        </button>
        <button type="button" className="button" onClick={remove}>
          No strips
        </button>
      </p>
      {scene.disc && <DiscFields {...open} disc={scene.disc} />}
      <TrueSizeLinks label="Strips" file="strips" query={{ scene: scene.id }} hasDxf />
    </>
  );
}

interface InkedProps extends OpenScene {
  readonly marks: readonly (readonly [OpenScene['scene']['inked'][number]['piece'], string])[];
}

function InkedTable({ scene, resolved, change, marks }: InkedProps) {
  if (marks.length === 0)
    return (
      <p className="text-sheet-muted">
        Nothing lies on this paper yet. Lay blends, stencils and images on it on the Layout and
        Colour stations; here they are kept to strips.
      </p>
    );
  return (
    <table className="w-full border-collapse text-left">
      <caption className="text-sheet-muted pb-1 text-left">
        What is inked in which strip; what is in none lies over the whole paper.
      </caption>
      <thead>
        <tr className="border-ink border-b">
          <th scope="col" className="py-1 font-semibold">
            Strip
          </th>
          {resolved.strips.map((strip) => (
            <th key={strip.id} scope="col" className="w-12 text-center font-semibold">
              {stripMark(strip)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {marks.toReversed().map(([mark, name]) => {
          const own = scene.inked.find(({ piece }) => piece === mark)?.strips ?? [];
          return (
            <tr key={mark} className="border-hairline border-b">
              <th scope="row" className="py-1 font-normal">
                {capitalise(name)}
              </th>
              {resolved.strips.map((strip) => (
                <td key={strip.id} className="text-center">
                  <input
                    type="checkbox"
                    className="size-4"
                    aria-label={`${name} in ${stripWords([strip])}`}
                    checked={own.some((id) => id === strip.id)}
                    onChange={(event) =>
                      change({ inked: inkedIn(scene, mark, strip.id, event.target.checked) })
                    }
                  />
                </td>
              ))}
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

interface DiscProps extends OpenScene {
  readonly disc: NonNullable<OpenScene['scene']['disc']>;
}

function DiscFields({ disc, change, show }: DiscProps) {
  const { unit } = useCardSession();
  const fields = [
    ['from the left', 'x'],
    ['from the top', 'y'],
    ['across', 'across'],
  ] as const;
  return (
    <div role="group" aria-label="Disc" className="flex flex-wrap items-start gap-4">
      <strong className="font-semibold">Disc, its middle</strong>
      {fields.map(([label, side]) => (
        <LengthField
          key={side}
          label={label}
          unit={unit}
          value={disc[side]}
          isPositive={side === 'across'}
          isSigned={side !== 'across'}
          onPreview={(length) => show(length && { disc: { ...disc, [side]: length } })}
          onCommit={(length) => change({ disc: { ...disc, [side]: length } })}
        />
      ))}
    </div>
  );
}
