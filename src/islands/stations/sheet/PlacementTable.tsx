import { manyWords } from '../../../core/prose/groupSizes';
import { ribbonWords } from '../../../core/prose/ribbonWords';
import { stencilWords } from '../../../core/prose/stencilWords';
import { rulerWords } from '../../../core/measuring/rulerWords';
import { writeSize } from '../../../core/length/formatLength';
import type { Unit } from '../../../core/length/length';
import { faceName } from '../../../core/plan/faces';
import type { Fold } from '../../../core/paper/cardFormat';
import type { Placement } from '../../../core/prose/placements';

interface Props {
  readonly placements: readonly Placement[];
  readonly fold: Fold;
  readonly unit: Unit;
}

/** Where each piece goes, by the two distances a ruler is laid to. */
export function PlacementTable({ placements, fold, unit }: Props) {
  if (placements.length === 0)
    return (
      <p className="text-muted pt-4">
        Nothing is placed yet. Put images, words and die cuts on it on the Layout station.
      </p>
    );
  return (
    <section className="pt-6 print:pt-2">
      <h3 className="text-lg">Where it all goes, in the order it is put on</h3>
      <table className="mt-1 w-full border-collapse text-left">
        <thead>
          <tr className="border-ink border-b">
            <th className="py-1 pr-4 print:py-0 font-semibold">Piece</th>
            <th className="py-1 pr-4 print:py-0 font-semibold">{unit}</th>
            <th className="py-1 pr-4 print:py-0 font-semibold">On</th>
            <th className="w-full py-1 font-semibold print:py-0">Lay it</th>
          </tr>
        </thead>
        <tbody>
          {placements.map((each, index) => (
            <tr key={index} className="border-hairline break-inside-avoid border-b align-top">
              <td className="py-1 pr-4 print:py-0">
                {each.name}
                {each.count > 1 && <span className="text-muted">, {manyWords(each, unit)}</span>}
              </td>
              <td className="py-1 pr-4 print:py-0 whitespace-nowrap">
                {writeSize(each.size, unit)}
              </td>
              <td className="py-1 pr-4 print:py-0 whitespace-nowrap">
                {each.on === 'A' ? faceName(each.face, fold) : each.on}
              </td>
              <td className="py-1 print:py-0">
                {each.count > 1
                  ? `the first ${rulerWords(each.figures, unit)}; the rest by the jig`
                  : rulerWords(each.figures, unit)}
                {each.ribbon && `; ${ribbonWords(each.ribbon, unit)}`}
                {each.turn !== 0 && `, turned ${each.turn}°`}
                {each.moves && (
                  <ol className="list-decimal pl-5">
                    {stencilWords(each.moves, each.size, unit).map((sentence) => (
                      <li key={sentence}>{sentence}</li>
                    ))}
                  </ol>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
