import { useState } from 'react';
import type { Unit } from '../../core/length/length';
import type { LibraryItem } from '../../core/plan/libraryItem';
import type { Holding } from '../../core/stash/holding';
import { readStashCsv, type StashFile, type StashRow } from '../../core/stash/readStashCsv';
import type { StashChange } from '../../core/stash/stashChange';
import { readTextFile } from '../parts/readTextFile';
import { Dialog } from '../parts/Dialog';

interface Props {
  readonly items: readonly LibraryItem[];
  readonly holdings: readonly Holding[];
  readonly unit: Unit;
  /** Takes the changes in; false when they could not be kept. */
  readonly onImport: (changes: readonly StashChange[]) => Promise<boolean>;
  readonly onClose: () => void;
}

/** Reads a CSV file and shows what it would change, and each bad row with its reasons, before it does. */
export function ImportDialog({ items, holdings, unit, onImport, onClose }: Props) {
  const [file, setFile] = useState<StashFile>();
  const [failure, setFailure] = useState<string>();
  const [isBusy, setBusy] = useState(false);
  const take = async (chosen: File | undefined) => {
    setFile(undefined);
    setFailure(undefined);
    if (!chosen) return;
    const read = await readTextFile(chosen, 'as CSV UTF-8 from your spreadsheet');
    if (!read.ok) {
      setFailure(read.message);
      return;
    }
    const next = readStashCsv(read.text, items, holdings, unit);
    setFailure(next.failure);
    if (next.failure === undefined) setFile(next);
  };
  const changes = (file?.rows ?? []).flatMap((row) => ('change' in row ? [row.change] : []));
  const submit = async () => {
    setBusy(true);
    const isKept = await onImport(changes);
    setBusy(false);
    if (isKept) onClose();
    else setFailure('It could not be kept; nothing was changed. Try again.');
  };
  return (
    <Dialog title="Take a CSV file into the stash" isWide onClose={onClose}>
      <p className="pb-3">
        One row a thing, with the columns of an export. A thing is known by its id, else by kind and
        name.
      </p>
      <input
        type="file"
        accept=".csv,text/csv"
        aria-label="CSV file"
        onChange={(event) => void take(event.target.files?.[0])}
      />
      {failure !== undefined && (
        <p role="alert" className="text-pencil pt-3">
          {failure}
        </p>
      )}
      {file && <Preview file={file} />}
      <div className="flex justify-end gap-3 pt-4">
        <button type="button" className="button" onClick={onClose}>
          Cancel
        </button>
        <button
          type="button"
          className="button button-leading"
          disabled={changes.length === 0 || isBusy}
          onClick={() => void submit()}
        >
          {changes.length === 0
            ? 'Nothing to take in'
            : `Take in ${changes.length} ${changes.length === 1 ? 'row' : 'rows'}`}
        </button>
      </div>
    </Dialog>
  );
}

/** What the file would do, in numbers, and every row that is left out with its reasons. */
function Preview({ file: { rows, ignored } }: { readonly file: StashFile }) {
  const count = (kind: StashRow['kind']) => rows.filter((row) => row.kind === kind).length;
  const bad = rows.flatMap((row) => (row.kind === 'bad' ? [row] : []));
  return (
    <section aria-label="What the file would change" className="pt-4">
      <p className="text-[17px]">
        {count('new')} new, {count('changed')} changed, {count('same')} as they are
        {bad.length > 0 ? `, ${bad.length} left out:` : '.'}
      </p>
      {bad.length > 0 && (
        <ul className="border-hairline mt-2 max-h-64 overflow-auto border-y" tabIndex={0}>
          {bad.map(({ line, name, issues }) => (
            <li key={line} className="border-hairline border-b py-1">
              <strong>
                Line {line}
                {name === '' ? '' : `, ${name}`}:
              </strong>{' '}
              {issues.join(' ')}
            </li>
          ))}
        </ul>
      )}
      {ignored.length > 0 && (
        <p className="text-muted pt-2">Columns not known and left alone: {ignored.join(', ')}.</p>
      )}
    </section>
  );
}
