import { DownloadLink } from '../../parts/DownloadLink';
import { useCardSession } from '../../session/CardSession';

const forms = [
  { file: 'masks.pdf', page: 'letter', name: 'PDF letter' },
  { file: 'masks.pdf', page: 'a4', name: 'PDF A4' },
  { file: 'masks.svg', page: '', name: 'SVG' },
  { file: 'masks.dxf', page: '', name: 'DXF' },
] as const;

/** All masks of the card at 1:1, on sheets of masking paper. */
export function MaskLinks() {
  const { cardId, isSaved, flush } = useCardSession();
  return (
    <p className="flex flex-wrap gap-x-3">
      <span className="text-sheet-muted">Masks at 1:1</span>
      {forms.map(({ file, page, name }) => (
        <DownloadLink
          key={name}
          href={`/api/cards/${cardId}/${file}${page && `?page=${page}`}`}
          isSaved={isSaved}
          onFlush={flush}
        >
          {name}
        </DownloadLink>
      ))}
    </p>
  );
}
