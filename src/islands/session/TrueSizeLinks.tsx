import { DownloadLink } from '../parts/DownloadLink';
import { useCardSession } from './CardSession';

interface Props {
  /** What they are of, as it is written before them. */
  readonly label: string;
  /** The name of the files, without their ending. */
  readonly file: string;
  /** What tells which of several it is. */
  readonly query?: Readonly<Record<string, string>>;
  readonly hasDxf?: boolean;
}

const forms = [
  { ending: 'pdf', page: 'letter', name: 'PDF letter' },
  { ending: 'pdf', page: 'a4', name: 'PDF A4' },
  { ending: 'svg', page: undefined, name: 'SVG' },
  { ending: 'dxf', page: undefined, name: 'DXF' },
] as const;

/** What is printed of the card at 1:1, in every form there is. */
export function TrueSizeLinks({ label, file, query = {}, hasDxf = false }: Props) {
  const { cardId, isSaved, flush } = useCardSession();
  return (
    <p className="flex flex-wrap gap-x-3">
      <span className="text-sheet-muted">{label} at 1:1</span>
      {forms
        .filter(({ ending }) => ending !== 'dxf' || hasDxf)
        .map(({ ending, page, name }) => {
          const asked = new URLSearchParams({ ...query, ...(page && { page }) });
          return (
            <DownloadLink
              key={name}
              href={`/api/cards/${cardId}/${file}.${ending}${asked.size > 0 ? `?${asked.toString()}` : ''}`}
              isSaved={isSaved}
              onFlush={flush}
            >
              {name}
            </DownloadLink>
          );
        })}
    </p>
  );
}
