import { fileName } from '../../../core/text/fileName';
import { useState } from 'react';
import { otherUnit, writeSize } from '../../../core/length/formatLength';
import { writeSuppliesCsv } from '../../../core/prose/writeSuppliesCsv';
import { projectSheet } from '../../../core/prose/projectSheet';
import { formatSentence } from '../../../core/prose/sentences';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { useSupplies } from '../../session/useSupplies';
import { AboutFields } from './AboutFields';
import { CopiesField } from '../../parts/CopiesField';
import { DownloadLink } from '../../parts/DownloadLink';
import { saveFile } from '../../parts/saveFile';
import { SupplyTable } from '../../parts/SupplyTable';
import { FilmingSheet } from './FilmingSheet';
import { ProjectPage } from './ProjectPage';
import { ColourTable } from './ColourTable';
import { PlacementTable } from './PlacementTable';
import { HowItIsMade } from './HowItIsMade';
import { StampingOrder } from './StampingOrder';
import { UsesEditor } from './UsesEditor';

/** The project sheet as it prints on letter and A4, with its downloads. */
export function SheetStation() {
  const {
    cardId,
    plan,
    card,
    library,
    holdings,
    isStashWhole,
    releases,
    unit,
    revision,
    isSaved,
    batch,
    commit,
    flush,
  } = useCardSession();
  const supplies = useSupplies();
  const release = releases.find(({ id }) => id === plan.about.releaseId);
  /** Whether what the batch uses is out of the stash already. */
  const isTaken = (batch.batch?.taken?.length ?? 0) > 0;
  useKeys({ p: () => window.print() });
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
        ) : page === 'making' ? (
          <HowItIsMade />
        ) : page === 'stamping' ? (
          <StampingOrder />
        ) : page === 'colours' ? (
          <ColourTable />
        ) : page === 'supplies' ? (
          <div className="pt-4">
            {!isStashWhole && (
              <p role="status" className="text-amber pb-2 font-semibold">
                Not complete yet: the stash is still being read.
              </p>
            )}
            {isTaken && (
              <p className="text-muted pb-2">
                Counted with what is out of the stash for this batch.
              </p>
            )}
            <SupplyTable list={supplies} library={library} holdings={holdings} hasOne />
            <UsesEditor />
          </div>
        ) : (
          <FilmingSheet sheet={sheet} release={release} supplies={supplies} />
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
          onCommit={(copies) => commit({ kind: 'set-making', change: { copies } })}
        />
        <AboutFields
          about={plan.about}
          onCommit={(change) => commit({ kind: 'set-about', change })}
        />
        <h2 className="pt-2 text-base">Take it along</h2>
        {downloads.map(({ file, name }) => (
          <DownloadLink
            key={file}
            href={`/api/cards/${cardId}/${file}?unit=${unit}`}
            isSaved={isSaved}
            onFlush={flush}
          >
            {name}
          </DownloadLink>
        ))}
        <button
          type="button"
          className="link self-start"
          onClick={() =>
            saveFile(
              fileName([sheet.title, 'supplies'], '.csv'),
              'text/csv',
              writeSuppliesCsv(supplies),
            )
          }
        >
          Supplies as CSV
        </button>
      </aside>
    </div>
  );
}

const downloads = [
  { file: 'sheet.md', name: 'Markdown for a blog' },
  { file: 'cut-list.csv', name: 'Cut list as CSV' },
  { file: 'steps.csv', name: 'Steps as CSV' },
  { file: 'picture.svg', name: 'Picture as SVG' },
  { file: 'card.nibwright.json', name: 'Card file' },
] as const;

const pages = [
  ['project', 'Project sheet'],
  ['placing', 'Where it goes'],
  ['making', 'How it is made'],
  ['stamping', 'Stamp in this order'],
  ['colours', 'Colours'],
  ['supplies', 'Supplies'],
  ['filming', 'For filming'],
] as const;
type PageId = (typeof pages)[number][0];
