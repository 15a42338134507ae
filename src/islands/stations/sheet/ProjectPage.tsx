import { otherUnit, writeSize } from '../../../core/length/formatLength';
import type { Unit } from '../../../core/length/length';
import { faceName, facesOf, type FaceId } from '../../../core/plan/faces';
import type { SupplyList } from '../../../core/supplies/supplyList';
import type { ResolvedCard } from '../../../core/resolve/resolvedCard';
import type { CutRow, ProjectSheet } from '../../../core/prose/projectSheet';
import {
  rowRemarks,
  scoreSentence,
  writeReveals,
  yieldSentence,
} from '../../../core/prose/sentences';
import { capitalise } from '../../../core/words/phrases';
import { FaceFigure } from '../../parts/FaceFigure';
import { ExplodedLayers } from './ExplodedLayers';
import { PostLines } from './PostLines';
import { SupplyShort } from './SupplyShort';

interface Props {
  readonly sheet: ProjectSheet;
  readonly card: ResolvedCard;
  readonly unit: Unit;
  readonly supplies: SupplyList;
}

/** What someone else cuts and builds from: pictures, base, every piece in gluing order, notes. */
export function ProjectPage({ sheet, card, unit, supplies }: Props) {
  const faces = facesOf(sheet.fold).filter(
    (face) =>
      face === 'front' || [...sheet.faces, ...sheet.placements].some((each) => each.face === face),
  );
  const box = faces.length === 1 ? largePicture : smallPicture;
  const { width, height } = card.base.face;
  const scale = Math.min(box.width / width, box.height / height);
  const nameOf = (face: FaceId) => capitalise(faceName(face, sheet.fold));
  return (
    <>
      <div className="flex flex-wrap gap-x-8 gap-y-4 pt-5 print:pt-2">
        {faces.map((face) => (
          <div key={face} className="flex max-w-full flex-wrap items-end gap-4">
            <FaceFigure
              card={card}
              face={face}
              scale={scale}
              label={`${nameOf(face)} of the card`}
              caption={<span className="text-muted text-[15px]">{nameOf(face)}</span>}
            />
            <ExplodedLayers card={card} face={face} />
          </div>
        ))}
      </div>
      <section className="break-inside-avoid pt-6 print:pt-2">
        <h3 className="text-lg">Base</h3>
        <p className="flex items-center gap-2 pt-1 print:inline-flex print:pr-2">
          <strong className="font-heading">{sheet.base.letter}</strong>
          <Swatch colour={sheet.base.colour} /> {sheet.base.stock}
        </p>
        <p className="pt-1 print:inline">{scoreSentence(sheet)}</p>
        <p className="text-muted pt-1 print:pt-0 print:text-[12px] print:leading-[16px]">
          {yieldSentence(sheet)}
        </p>
      </section>
      {sheet.faces.map(({ face, name, rows }) => (
        <CutTable
          key={face}
          heading={`${capitalise(name)}, in gluing order`}
          rows={rows}
          unit={unit}
        />
      ))}
      <SupplyShort list={supplies} />
      <PostLines unit={unit} />
      {sheet.notes.trim() !== '' && (
        <section className="break-inside-avoid pt-5 print:pt-2">
          <h3 className="text-lg">Notes</h3>
          <p className="pt-1 whitespace-pre-line">{sheet.notes}</p>
        </section>
      )}
      {sheet.missing.length > 0 && (
        <p role="alert" className="text-pencil pt-4">
          Without figures, so not in the list: {sheet.missing.join(', ')}. See the findings.
        </p>
      )}
      {sheet.faces.length === 0 && sheet.placements.length === 0 && (
        <p className="text-muted pt-4">
          Nothing is on the base yet. Add layers on the Base station.
        </p>
      )}
    </>
  );
}

/** In CSS pixels: two faces with their layers go side by side on the page, one alone has more room. */
const smallPicture = { width: 140, height: 172 };
const largePicture = { width: 220, height: 172 };

interface CutTableProps {
  readonly heading: string;
  readonly rows: readonly CutRow[];
  readonly unit: Unit;
}

function CutTable({ heading, rows, unit }: CutTableProps) {
  const other = otherUnit(unit);
  return (
    <section className="pt-5 print:pt-2">
      <h3 className="text-lg">{heading}</h3>
      <div className="overflow-x-auto">
        <table className="mt-1 w-full text-left">
          <thead className="text-muted text-[15px]">
            <tr className="border-ink border-b [&>th]:pr-3 [&>th]:font-normal">
              <th scope="col">
                <span className="sr-only">Letter</span>
              </th>
              <th scope="col">Piece</th>
              <th scope="col">Cut</th>
              <th scope="col">{unit}</th>
              <th scope="col">{other}</th>
              <th scope="col">Stock</th>
              <th scope="col">Glue</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr
                key={row.letter}
                className="border-hairline break-inside-avoid border-b align-top [&>td]:py-1 [&>td]:pr-3"
              >
                <td className="font-heading font-semibold">{row.letter}</td>
                <td>
                  {row.name}
                  {rowRemarks(row, unit).map((remark) => (
                    <span key={remark} className="text-muted block text-[15px]">
                      {remark}
                    </span>
                  ))}
                </td>
                <td>{row.count}</td>
                <td className="font-semibold whitespace-nowrap">{writeSize(row.size, unit)}</td>
                <td className="whitespace-nowrap">{writeSize(row.size, other)}</td>
                <td>
                  <span className="inline-flex items-baseline gap-1.5">
                    <Swatch colour={row.colour} /> {row.stock}
                  </span>
                </td>
                <td>
                  on {row.on}, {row.adhesive}; {row.on} shows {writeReveals(row.reveals, unit)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function Swatch({ colour }: { readonly colour: string | undefined }) {
  return (
    <span
      aria-hidden
      className="border-control inline-block size-3.5 shrink-0 border [print-color-adjust:exact]"
      style={{ background: colour ?? 'transparent' }}
    />
  );
}
