import { isMark } from '../../../core/resolve/outlineOf';
import { isCutFoam } from '../../../core/resolve/bond';
import { holdsWords } from '../../../core/resolve/resolvedMark';
import { DownloadLink } from '../../parts/DownloadLink';
import { KeyedButton } from '../../parts/KeyedButton';
import type { LayoutDialog } from './LayoutDialogs';
import { useCardSession } from '../../session/CardSession';
import { useLayout } from './LayoutContext';
import { useAdding } from './useAdding';
import { useArranging } from './useArranging';
import { useMounting } from './useMounting';

interface Props {
  readonly onOpen: (dialog: LayoutDialog) => void;
}

/** What can be added to the table, done with what is selected, and taken along. */
export function LayoutTools({ onOpen }: Props) {
  const { cardId, card, face, isSaved, flush } = useCardSession();
  const { chosen, places } = useLayout();
  const { addWords, addDot, addLine, addRibbon } = useAdding();
  const { repeat } = useArranging();
  const { cutOut } = useMounting();
  const only = chosen.things.length === 1 ? chosen.first : undefined;
  const mark = only && isMark(only) ? only : undefined;
  const jig = (file: string, page: string) =>
    `/api/cards/${cardId}/${file}?face=${face}${page && `&page=${page}`}`;
  return (
    <>
      <div role="group" aria-label="Add" className="flex flex-wrap items-center gap-x-1.5 gap-y-2">
        <KeyedButton keyName="a" isOutlined onClick={() => onOpen('stamps')}>
          Add an image
        </KeyedButton>
        <KeyedButton keyName="t" onClick={addWords}>
          Words
        </KeyedButton>
        <KeyedButton keyName="s" onClick={() => onOpen('dies')}>
          Die cut
        </KeyedButton>
        <KeyedButton keyName="g" onClick={addDot}>
          Gem
        </KeyedButton>
        <KeyedButton keyName="l" onClick={addLine}>
          Line
        </KeyedButton>
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        {only && (
          <span className="flex min-w-0 items-center gap-2">
            <button
              type="button"
              className="link max-w-56 truncate"
              onClick={() => places.look(places.offer === undefined)}
            >
              Free places for it
            </button>
            <kbd className="key">p</kbd>
          </span>
        )}
        {mark && holdsWords(mark) && (
          <>
            <button type="button" className="link" onClick={() => onOpen('label')}>
              Label…
            </button>
            <button type="button" className="link" onClick={repeat}>
              Repeat the line
            </button>
          </>
        )}
        {mark?.piece.kind === 'image' && !holdsWords(mark) && (
          <span className="flex items-center gap-2">
            <button type="button" className="link" onClick={cutOut}>
              Cut it out
            </button>
            <kbd className="key">o</kbd>
          </span>
        )}
        <button type="button" className="link" onClick={() => onOpen('arrange')}>
          Arrange images…
        </button>
        <span className="flex items-center gap-2">
          <button type="button" className="link" onClick={() => onOpen('stencils')}>
            Stencil…
          </button>
          <kbd className="key">x</kbd>
        </span>
        <span className="flex items-center gap-2">
          <button type="button" className="link" onClick={addRibbon}>
            Ribbon
          </button>
          <kbd className="key">r</kbd>
        </span>
        <button type="button" className="link" onClick={() => onOpen('scatter')}>
          Scatter…
        </button>
        {card.pieces.some(({ bonds }) => bonds.some(isCutFoam)) && (
          <span className="flex gap-3">
            <span className="text-sheet-muted">Foam at 1:1</span>
            {['svg', 'dxf'].map((ending) => (
              <DownloadLink
                key={ending}
                href={`/api/cards/${cardId}/foam.${ending}`}
                isSaved={isSaved}
                onFlush={flush}
              >
                {ending.toUpperCase()}
              </DownloadLink>
            ))}
          </span>
        )}
        <span className="ml-auto flex gap-3">
          <span className="text-sheet-muted">Jig at 1:1</span>
          {jigs.map(({ file, page, name }) => (
            <DownloadLink key={name} href={jig(file, page)} isSaved={isSaved} onFlush={flush}>
              {name}
            </DownloadLink>
          ))}
        </span>
      </div>
    </>
  );
}

const jigs = [
  { file: 'jig.svg', page: '', name: 'SVG' },
  { file: 'jig.dxf', page: '', name: 'DXF' },
  { file: 'jig.pdf', page: 'letter', name: 'PDF letter' },
  { file: 'jig.pdf', page: 'a4', name: 'PDF A4' },
] as const;
