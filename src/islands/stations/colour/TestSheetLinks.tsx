import { DownloadLink } from '../../parts/DownloadLink';
import { useCardSession } from '../../session/CardSession';

const forms = [
  { file: 'test-sheet.pdf', page: 'letter', name: 'PDF letter' },
  { file: 'test-sheet.pdf', page: 'a4', name: 'PDF A4' },
  { file: 'test-sheet.svg', page: '', name: 'SVG' },
] as const;

/** The test sheet of the face: its images at 1:1, with a box to swatch for each medium. */
export function TestSheetLinks() {
  const { cardId, face, isSaved, flush } = useCardSession();
  return (
    <p className="flex flex-wrap gap-x-3">
      <span className="text-sheet-muted">Test sheet at 1:1</span>
      {forms.map(({ file, page, name }) => (
        <DownloadLink
          key={name}
          href={`/api/cards/${cardId}/${file}?face=${face}${page && `&page=${page}`}`}
          isSaved={isSaved}
          onFlush={flush}
        >
          {name}
        </DownloadLink>
      ))}
    </p>
  );
}
