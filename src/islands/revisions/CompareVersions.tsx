import { rulerFigures } from '../../core/measuring/rulerFigures';
import { rulerWords } from '../../core/measuring/rulerWords';
import { writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { CardVersion } from '../../core/resolve/compareCards';
import { letterOf, type ResolvedCard } from '../../core/resolve/resolvedCard';
import { writeRevealsShort } from '../../core/prose/sentences';
import { FaceFigure } from '../parts/FaceFigure';

interface Props {
  readonly left: CardVersion;
  readonly right: CardVersion;
  readonly leftName: string;
  readonly rightName: string;
  readonly unit: Unit;
}

/** Two versions side by side at one scale, every figure of both, those that differ marked. */
export function CompareVersions({ left, right, leftName, rightName, unit }: Props) {
  const rows = compareRows(left, right, unit);
  const tallest = Math.max(left.card.base.face.height, right.card.base.face.height);
  const widest = Math.max(left.card.base.face.width, right.card.base.face.width);
  const scale = Math.min(210 / tallest, 210 / widest);
  const version = (card: ResolvedCard, name: string) => (
    <FaceFigure
      card={card}
      face="front"
      scale={scale}
      label={`Front, ${name}`}
      caption={<span className="font-heading block pt-1">{name}</span>}
    />
  );
  return (
    <>
      <div className="flex items-end gap-10 pb-4">
        {version(left.card, leftName)}
        {version(right.card, rightName)}
      </div>
      <table className="w-full text-left">
        <thead className="text-sheet-muted text-[15px]">
          <tr className="border-ink border-b [&>th]:pr-4 [&>th]:font-normal">
            <th scope="col">Figure, {unit}</th>
            <th scope="col">{leftName}</th>
            <th scope="col">{rightName}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, name, before, after }) => {
            const differs = before !== after;
            return (
              <tr
                key={key}
                data-differs={differs || undefined}
                className={`border-hairline border-b [&>td]:py-1 [&>td]:pr-4 ${differs ? 'bg-violet-wash' : ''}`}
              >
                <th scope="row" className="py-1 pr-4 font-semibold">
                  {name}
                  {differs && <span className="sr-only">, differs</span>}
                </th>
                <td className={differs ? 'font-semibold' : ''}>{before}</td>
                <td className={differs ? 'font-semibold' : ''}>
                  {after}
                  {differs && (
                    <span aria-hidden className="text-violet">
                      {' '}
                      ≠
                    </span>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </>
  );
}

interface CompareRow {
  readonly key: string;
  readonly name: string;
  readonly before: string;
  readonly after: string;
}

/** The base, then every piece of either version, those of the right one in its order. */
function compareRows(left: CardVersion, right: CardVersion, unit: Unit): readonly CompareRow[] {
  const base = ({ card, plan }: CardVersion) =>
    `${writeSize(card.base.face, unit)}, ${plan.base.fold}, ${card.base.stock?.name ?? 'stock not known'}`;
  const ids = new Set([...right.plan.pieces, ...left.plan.pieces].map(({ id }) => id));
  const nameOf = (id: string) =>
    [...right.plan.pieces, ...left.plan.pieces].find((piece) => piece.id === id)?.name ?? id;
  return [
    { key: 'base', name: 'Base', before: base(left), after: base(right) },
    ...[...ids].map((id) => ({
      key: id,
      name: nameOf(id),
      before: pieceFigures(left, id, unit),
      after: pieceFigures(right, id, unit),
    })),
  ];
}

/** What is measured of a piece: of paper its borders, of a mark where a ruler puts it. */
export function pieceFigures({ plan, card }: CardVersion, id: string, unit: Unit): string {
  const resolved = card.pieces.find((piece) => piece.id === id);
  if (resolved)
    return `${resolved.letter} ${writeSize(resolved.rect, unit)}, border ${writeRevealsShort(resolved.reveals, unit)}, ${resolved.stock?.name ?? 'stock not known'}`;
  const mark = card.marks.find((each) => each.id === id);
  if (mark)
    return `${writeSize(mark.rect, unit)}, ${rulerWords(rulerFigures(card, mark), unit)} of ${letterOf(card, mark.support)}`;
  const piece = plan.pieces.find((each) => each.id === id);
  return piece ? (piece.isOff ? 'turned off' : 'no figures') : 'not there';
}
