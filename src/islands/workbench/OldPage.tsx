import { useCardSession } from '../session/CardSession';

/** Says that Nibwright was renewed while the page was open, and loads it anew; what is not saved is kept and sent then. */
export function OldPage() {
  const { flush } = useCardSession();
  return (
    <p
      role="alert"
      className="bg-amber flex items-center gap-4 px-[18px] py-1.5 text-white print:hidden"
    >
      Nibwright was renewed while this page was open. Load it again; nothing is lost.
      <button
        type="button"
        className="rounded border border-white px-2 font-semibold"
        onClick={() => void flush().finally(() => location.reload())}
      >
        Load it again
      </button>
    </p>
  );
}
