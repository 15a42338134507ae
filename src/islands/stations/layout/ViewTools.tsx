import { Minus, Plus } from 'lucide-react';

interface Props {
  /** Of the size things have in life. */
  readonly percent: number;
  readonly isWhole: boolean;
  readonly onZoom: (direction: 1 | -1) => void;
  readonly onWhole: () => void;
  readonly onTrueSize: () => void;
  readonly onCalibrate: () => void;
}

/** How close the face is looked at. */
export function ViewTools(props: Props) {
  const { percent, isWhole, onZoom, onWhole, onTrueSize, onCalibrate } = props;
  return (
    <div
      role="group"
      aria-label="How close"
      className="bg-sheet absolute right-0 bottom-1 flex items-center gap-1.5 px-1 py-0.5"
    >
      <button
        type="button"
        className="button px-1.5"
        aria-label="Look from further away"
        onClick={() => onZoom(-1)}
      >
        <Minus size={16} aria-hidden />
      </button>
      <button
        type="button"
        className="link min-w-14 text-center"
        aria-label={`Drawn at ${percent} per cent of true size; hold a ruler to the screen`}
        onClick={onCalibrate}
      >
        {percent} %
      </button>
      <button
        type="button"
        className="button px-1.5"
        aria-label="Look closer"
        onClick={() => onZoom(1)}
      >
        <Plus size={16} aria-hidden />
      </button>
      <button type="button" className="button" disabled={isWhole} onClick={onWhole}>
        Whole
      </button>
      <kbd className="key">0</kbd>
      <button type="button" className="button" onClick={onTrueSize}>
        True size
      </button>
      <kbd className="key">i</kbd>
    </div>
  );
}
