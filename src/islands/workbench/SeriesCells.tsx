import { useMemo } from 'react';
import { computeCard } from '../../core/compute/computeCard';
import type { SeriesCard } from '../../core/composition/seriesCards';
import type { Finding } from '../../core/findings/finding';
import { subjectKey } from '../../core/findings/subject';
import { drawFace } from '../../core/pictures/drawFace';
import { FacePicture } from '../parts/FacePicture';
import { useCardSession } from '../session/CardSession';
import { findingSentence } from '../words/findingSentence';

interface Props {
  readonly cards: readonly SeriesCard[];
  /** What the rows and columns are called, the design's own first. */
  readonly rows: readonly string[];
  readonly columns: readonly string[];
  readonly leftOut: ReadonlySet<string>;
  readonly onLeave: (key: string, isLeft: boolean) => void;
}

/** Of each small card, in pixels. */
const room = { width: 108, height: 104 };

export const cellKey = ({ row, column }: Pick<SeriesCard, 'row' | 'column'>) => `${row} ${column}`;

/** The table of a series: every card as it would look, with what is found on it that the design does not have. */
export function SeriesCells({ cards, rows, columns, leftOut, onLeave }: Props) {
  const { plan, library, unit } = useCardSession();
  const own = useMemo(() => computeCard(plan, library), [plan, library]);
  const made = useMemo(() => {
    const known = new Set(own.findings.map(findingKey));
    return new Map(
      cards.map((each) => {
        const { card, findings } = computeCard(each.plan, library);
        const fresh = findings.filter((finding) => !known.has(findingKey(finding)));
        return [cellKey(each), { ...each, card, fresh }];
      }),
    );
  }, [cards, own, library]);
  const { width, height } = own.card.base.face;
  const scale = Math.min(room.width / width, room.height / height);
  return (
    <div
      className="col-span-2 max-h-[38vh] overflow-auto"
      role="region"
      aria-label="The cards of the series"
      tabIndex={0}
    >
      <table>
        <thead>
          <tr>
            <td />
            {columns.map((column, at) => (
              <th key={`${at} ${column}`} scope="col" className="px-3 pb-1 text-left font-semibold">
                {column}
                {at === 0 && <span className="text-muted font-normal"> as it is</span>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((words, row) => (
            <tr key={`${row} ${words}`} className="align-top">
              <th scope="row" className="max-w-40 pt-2 pr-3 text-left font-semibold">
                {words}
                {row === 0 && <span className="text-muted block font-normal">as it is</span>}
              </th>
              {columns.map((stock, column) => {
                const key = cellKey({ row, column });
                const cell = made.get(key);
                if (row === 0 && column === 0)
                  return (
                    <td key={key} className="px-3 py-1.5">
                      <Small card={own.card} scale={scale} />
                      <span className="text-muted block text-[15px]">this card</span>
                    </td>
                  );
                if (!cell) return <td key={key} />;
                const leading = cell.fresh[0];
                return (
                  <td key={key} className="max-w-44 px-3 py-1.5">
                    <Small card={cell.card} scale={scale} />
                    <label className="flex items-center gap-1.5 text-[15px]">
                      <input
                        type="checkbox"
                        aria-label={`Make ${[words, stock].filter(Boolean).join(', ')}`}
                        checked={!leftOut.has(key)}
                        onChange={(event) => onLeave(key, !event.target.checked)}
                      />
                      make it
                    </label>
                    {leading && (
                      <span className="text-amber block text-[15px] leading-5">
                        {findingSentence(leading, unit)}
                        {cell.fresh.length > 1 && ` And ${cell.fresh.length - 1} more.`}
                      </span>
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface SmallProps {
  readonly card: Parameters<typeof drawFace>[0];
  readonly scale: number;
}

/** A front, small; what it is of stands beside it. */
function Small({ card, scale }: SmallProps) {
  const { width, height } = card.base.face;
  return (
    <svg
      width={width * scale + 4}
      height={height * scale + 4}
      viewBox={`-2 -2 ${width * scale + 4} ${height * scale + 4}`}
      aria-hidden
    >
      <FacePicture pieces={drawFace(card, 'front')} scale={scale} />
    </svg>
  );
}

const findingKey = ({ data, subject }: Finding) => `${data.rule} ${subjectKey(subject)}`;
