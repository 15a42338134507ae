import { useState } from 'react';
import { inches, millimetres, type Unit } from '../../../core/length/length';
import { FormDialog } from '../../parts/FormDialog';
import { keepScreenScale, screenScale, trueScale } from './screenScale';

interface Props {
  readonly unit: Unit;
  readonly onDone: () => void;
  readonly onClose: () => void;
}

const bars = {
  in: { length: inches(3), words: '3 inches' },
  mm: { length: millimetres(80), words: '80 mm' },
} as const;

/** Has a ruler held to the screen, so that true size is true on it. */
export function ScreenScaleDialog({ unit, onDone, onClose }: Props) {
  const [scale, setScale] = useState(screenScale);
  const { length, words } = bars[unit];
  return (
    <FormDialog
      title="True size on this screen"
      action="It is so long"
      onClose={onClose}
      onSubmit={() => {
        keepScreenScale(scale);
        onDone();
        return Promise.resolve(undefined);
      }}
    >
      <p className="col-span-2">
        Hold a ruler to the bar, and move the slider until it is {words} long; arrow keys move it by
        a hair.
      </p>
      <div className="col-span-2 overflow-hidden py-1">
        <div
          aria-hidden
          className="bg-dimension h-5"
          style={{ width: trueScale(scale) * length }}
        />
      </div>
      <label htmlFor="screen-scale">How long</label>
      <input
        id="screen-scale"
        type="range"
        min={0.5}
        max={2}
        step={0.002}
        value={scale}
        aria-valuetext={`${Math.round(scale * 1000) / 10} per cent`}
        onChange={(event) => setScale(Number(event.target.value))}
      />
    </FormDialog>
  );
}
