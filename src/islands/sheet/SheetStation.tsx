import { useState } from 'react';
import { drawFace } from '../../core/drawing/drawFace';
import { otherUnit, writeSize } from '../../core/length/formatLength';
import type { Unit } from '../../core/length/length';
import type { Release } from '../../core/plan/cardFile';
import type { Edit } from '../../core/plan/edit';
import { faceName, facesOf, type FaceId } from '../../core/plan/faces';
import type { Library } from '../../core/plan/library';
import type { Plan } from '../../core/plan/plan';
import type { Holding } from '../../core/stash/holding';
import type { SupplyList } from '../../core/supplies/supplyList';
import { writeSuppliesCsv } from '../../core/supplies/writeSuppliesCsv';
import type { ResolvedCard } from '../../core/resolve/resolvedCard';
import { projectSheet, type CutRow, type ProjectSheet } from '../../core/tutorial/projectSheet';
import {
  formatSentence,
  rowRemarks,
  scoreSentence,
  writeReveals,
  yieldSentence,
} from '../../core/tutorial/sentences';
import { capitalise } from '../../core/words/phrases';
import { FacePicture } from '../parts/FacePicture';
import { AboutFields } from './AboutFields';
import { CopiesField } from '../parts/CopiesField';
import { DownloadLink } from '../parts/DownloadLink';
import { saveFile } from '../parts/saveFile';
import { SupplyTable } from '../parts/SupplyTable';
import { FilmingSheet } from './FilmingSheet';
import { ExplodedLayers } from './ExplodedLayers';
import { PlacementTable } from './PlacementTable';
import { SupplyShort } from './SupplyShort';
import { UsesEditor } from './UsesEditor';

interface Props {
  readonly cardId: string;
  readonly plan: Plan;
  readonly card: ResolvedCard;
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly supplies: SupplyList;
  /** Whether what the batch uses is out of the stash already. */
  readonly isTaken: boolean;
  readonly release: Release | undefined;
  readonly unit: Unit;
  readonly revision: number;
  readonly isSaved: boolean;
  readonly onCommit: (edit: Edit) => void;
  readonly onFlush: () => Promise<void>;
}

/** The project sheet as it prints on letter and A4, with its downloads. */
export function SheetStation({
  cardId,
  plan,
  card,
  library,
  holdings,
  supplies,
  isTaken,
  release,
  unit,
  revision,
  isSaved,
  onCommit,
  onFlush,
}: Props) {
  const sheet = projectSheet(plan, card, unit);
  const [page, setPage] = useState<PageId>('project');
  return (
    <div className="mx-auto flex max-w-[1180px] items-start gap-6 px-[18px] py-5 max-md:flex-col print:block print:p-0">
      <article
        aria-label={pages.find(([id]) => id === page)?.[1]}
        className="w-full max-w-[816px] bg-white px-12 py-10 shadow-md max-md:px-4 print:max-w-none print:p-0 print:shadow-none"
      >
        <header className="border-ink flex items-baseline justify-between gap-4 border-b-2 pb-2">
          <h2 className="text-2xl">{sheet.title}</h2>
          <p className="text-muted text-[15px] whitespace-nowrap">
            revision {revision}
            {isSaved ? '' : ' and changes not saved yet'}
          </p>
        </header>
        <p className="pt-2 text-[17px]">
          {formatSentence(sheet)}. Closed {writeSize(sheet.face, unit)} {unit},{' '}
          {writeSize(sheet.face, otherUnit(unit))} {otherUnit(unit)}.{' '}
          {sheet.copies === 1 ? 'One card.' : `${sheet.copies} cards.`}
        </p>
        {page === 'project' ? (
          <ProjectPage sheet={sheet} card={card} unit={unit} supplies={supplies} />
        ) : page === 'placing' ? (
          <PlacementTable placements={sheet.placements} fold={sheet.fold} unit={unit} />
        ) : page === 'supplies' ? (
          <div className="pt-4">
            {isTaken && (
              <p className="text-muted pb-2">
                Counted with what is out of the stash for this batch.
              </p>
            )}
            <SupplyTable list={supplies} library={library} holdings={holdings} hasOne />
            <UsesEditor plan={plan} card={card} library={library} onCommit={onCommit} />
          </div>
        ) : (
          <FilmingSheet plan={plan} sheet={sheet} release={release} onCommit={onCommit} />
        )}
      </article>
      <aside
        aria-label="Print and downloads"
        className="flex w-full max-w-60 flex-col gap-3 print:hidden"
      >
        <div role="group" aria-label="Which sheet" className="flex flex-col">
          {pages.map(([id, name]) => (
            <button
              key={id}
              type="button"
              aria-pressed={page === id}
              className="button aria-pressed:border-ink aria-pressed:bg-ink -mt-px rounded-none text-left aria-pressed:text-white"
              onClick={() => setPage(id)}
            >
              {name}
            </button>
          ))}
        </div>
        <p className="flex items-center gap-2">
          <button type="button" className="button button-leading" onClick={() => window.print()}>
            Print
          </button>
          <kbd className="key">p</kbd>
        </p>
        <CopiesField
          copies={plan.making.copies}
          onCommit={(copies) => onCommit({ kind: 'set-making', change: { copies } })}
        />
        <AboutFields
          about={plan.about}
          onCommit={(change) => onCommit({ kind: 'set-about', change })}
        />
        <h2 className="pt-2 text-base">Take it along</h2>
        {downloads.map(({ file, name }) => (
          <DownloadLink
            key={file}
            href={`/api/cards/${cardId}/${file}?unit=${unit}`}
            isSaved={isSaved}
            onFlush={onFlush}
          >
            {name}
          </DownloadLink>
        ))}
        <button
          type="button"
          className="link self-start"
          onClick={() => saveFile('supplies.csv', 'text/csv', writeSuppliesCsv(supplies))}
        >
          Supplies as CSV
        </button>
      </aside>
    </div>
  );
}

const downloads = [
  { file: 'sheet.md', name: 'Markdown for a blog' },
  { file: 'cuts.csv', name: 'Cut list as CSV' },
  { file: 'card.nibwright.json', name: 'Card file' },
] as const;

const pages = [
  ['project', 'Project sheet'],
  ['placing', 'Where it goes'],
  ['supplies', 'Supplies'],
  ['filming', 'For filming'],
] as const;
type PageId = (typeof pages)[number][0];

interface ProjectPageProps {
  readonly sheet: ProjectSheet;
  readonly card: ResolvedCard;
  readonly unit: Unit;
  readonly supplies: SupplyList;
}

/** What someone else cuts and builds from: pictures, base, every piece in gluing order, notes. */
function ProjectPage({ sheet, card, unit, supplies }: ProjectPageProps) {
  return (
    <>
      <div className="flex flex-wrap gap-x-8 gap-y-4 pt-5 print:pt-2">
        {facesOf(sheet.fold)
          .filter(
            (face) =>
              face === 'front' ||
              [...sheet.faces, ...sheet.placements].some((each) => each.face === face),
          )
          .map((face) => (
            <div key={face} className="flex items-end gap-4">
              <Picture card={card} face={face} caption={capitalise(faceName(face, sheet.fold))} />
              <ExplodedLayers card={card} face={face} />
            </div>
          ))}
      </div>
      <section className="break-inside-avoid pt-6 print:pt-2">
        <h3 className="text-lg">Base</h3>
        <p className="flex items-center gap-2 pt-1">
          <strong className="font-heading">{sheet.base.letter}</strong>
          <Swatch colour={sheet.base.colour} /> {sheet.base.stock}
        </p>
        <p className="pt-1">{scoreSentence(sheet)}</p>
        <p className="text-muted pt-1">{yieldSentence(sheet)}</p>
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

interface PictureProps {
  readonly card: ResolvedCard;
  readonly face: FaceId;
  readonly caption: string;
}

const pictureBox = { width: 140, height: 172 };

function Picture({ card, face, caption }: PictureProps) {
  const size = card.base.face;
  const scale = Math.min(pictureBox.width / size.width, pictureBox.height / size.height);
  const [width, height] = [size.width * scale, size.height * scale];
  return (
    <figure>
      <svg
        width={width + 4}
        height={height + 4}
        viewBox={`-2 -2 ${width + 4} ${height + 4}`}
        role="img"
        aria-label={`${caption} of the card`}
      >
        <FacePicture pieces={drawFace(card, face)} scale={scale} />
      </svg>
      <figcaption className="text-muted text-[15px]">{caption}</figcaption>
    </figure>
  );
}

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
