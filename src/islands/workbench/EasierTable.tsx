import type { EasierSize } from '../../core/findings/finding';
import { writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import { writeRevealsShort } from '../../core/prose/sentences';

interface Props {
  readonly sizes: readonly EasierSize[];
  readonly unit: Unit;
}

/** The figures as they are and as they would be, layer by layer. */
export function EasierTable({ sizes, unit }: Props) {
  return (
    <table className="basis-full text-left [&_td]:pr-6 [&_th]:pr-6">
      <thead className="text-muted text-[15px]">
        <tr>
          <th scope="col" className="font-normal">
            Layer
          </th>
          <th scope="col" className="font-normal">
            now, {unit}
          </th>
          <th scope="col" className="font-normal">
            easier
          </th>
          <th scope="col" className="font-normal">
            border now
          </th>
          <th scope="col" className="font-normal">
            border then
          </th>
        </tr>
      </thead>
      <tbody>
        {sizes.map(({ id, letter, name, before, after, revealsBefore, revealsAfter }) => (
          <tr key={id}>
            <th scope="row" className="font-semibold">
              {letter} {name}
            </th>
            <td>{writeSize(before, unit)}</td>
            <td className="font-semibold">{writeSize(after, unit)}</td>
            <td>{writeRevealsShort(revealsBefore, unit)}</td>
            <td>{writeRevealsShort(revealsAfter, unit)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
