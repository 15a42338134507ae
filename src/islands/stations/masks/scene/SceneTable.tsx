import { stripTurns, type StripTurns } from '../../../../core/masking/stripTurns';
import { addLine, inkedIn, newDisc, turnedTo } from '../../../../core/plan/sceneEdits';
import type { PieceId } from '../../../../core/plan/ids';
import { distinctName } from '../../../../core/resolve/distinctNames';
import { supportRect } from '../../../../core/resolve/resolvedCard';
import { stripMark, stripWords } from '../../../../core/words/stripWords';
import { capitalise } from '../../../../core/words/phrases';
import { LengthField } from '../../../parts/LengthField';
import { Select } from '../../../parts/Select';
import { newPieceId } from '../../../parts/newPieceId';
import { useCardSession } from '../../../session/CardSession';
import { TrueSizeLinks } from '../../../session/TrueSizeLinks';
import { turnsWords } from '../../../words/sceneWords';
import { CornerFields } from './CornerFields';
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
    ({ face, support, piece }) =>
      face === resolved.face && support === resolved.support && piece.kind !== 'dot',
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
      <InkedTable
        {...open}
        turns={turns}
        marks={marks.map(({ id }) => [id, distinctName(card, id)])}
      />
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
        {turns.isSet && (
          <button type="button" className="button" onClick={() => change({ turns: null })}>
            Propose the turns
          </button>
        )}
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
  readonly turns: StripTurns;
  readonly marks: readonly (readonly [OpenScene['scene']['inked'][number]['piece'], string])[];
}

function InkedTable({ turns, marks, ...open }: InkedProps) {
  const { scene, resolved, change } = open;
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
          <th scope="col" className="w-12 text-center font-semibold">
            all
          </th>
        </tr>
        {turns.turns.length > 0 && <TurnRow {...open} turns={turns} />}
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
              <td className="text-center">
                <input
                  type="checkbox"
                  className="size-4"
                  aria-label={`${name} in every strip, as light that recurs`}
                  checked={resolved.strips.every(({ id }) => own.includes(id as PieceId))}
                  onChange={(event) =>
                    change({
                      inked: resolved.strips.reduce(
                        (inked, { id }) => inkedIn({ inked }, mark, id, event.target.checked),
                        scene.inked,
                      ),
                    })
                  }
                />
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

interface TurnProps extends OpenScene {
  readonly turns: StripTurns;
}

/** In which turn each strip is open, as proposed or as set here. */
function TurnRow({ resolved, change, turns: { turns } }: TurnProps) {
  const now = turns.map((open) => open.map(({ id }) => id));
  return (
    <tr className="border-hairline border-b">
      <th scope="row" className="py-1 font-normal">
        Open in turn
      </th>
      {resolved.strips.map((strip) => {
        const turn = turns.findIndex((open) => open.includes(strip));
        return (
          <td key={strip.id} className="text-center">
            {turn === -1 ? (
              '–'
            ) : (
              <Select
                className="in-place"
                aria-label={`Turn of ${stripWords([strip])}`}
                value={turn}
                onChange={(event) =>
                  change({ turns: turnedTo(now, strip.id, Number(event.target.value)) })
                }
              >
                {[...turns, 'one more'].map((_, at) => (
                  <option key={at} value={at}>
                    {at + 1}
                  </option>
                ))}
              </Select>
            )}
          </td>
        );
      })}
      <td />
    </tr>
  );
}

interface DiscProps extends OpenScene {
  readonly disc: NonNullable<OpenScene['scene']['disc']>;
}

function DiscFields({ disc, change, show }: DiscProps) {
  const { unit } = useCardSession();
  return (
    <div role="group" aria-label="Disc" className="flex flex-wrap items-start gap-4">
      <strong className="font-semibold">Disc, its middle</strong>
      <CornerFields
        value={disc}
        onPreview={(to) => show(to && { disc: { ...disc, ...to } })}
        onCommit={(to) => change({ disc: { ...disc, ...to } })}
      />
      <LengthField
        label="across"
        unit={unit}
        value={disc.across}
        isPositive
        onPreview={(across) => show(across && { disc: { ...disc, across } })}
        onCommit={(across) => change({ disc: { ...disc, across } })}
      />
    </div>
  );
}
