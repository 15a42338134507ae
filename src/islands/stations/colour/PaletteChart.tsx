import { useEffect, useRef } from 'react';
import { lchOf } from '../../../core/colour/lch';
import type { Palette } from '../../../core/inking/palette';

/** The palette by hue and lightness: a dot for each colour, a line for those that are used together. */
export function PaletteChart({ palette }: { readonly palette: Palette }) {
  const element = useRef<HTMLDivElement>(null);
  useEffect(() => {
    let isGone = false;
    let end: (() => void) | undefined;
    void import('./drawPalette').then(({ drawPalette }) => {
      if (element.current && !isGone) end = drawPalette(element.current, palette);
    });
    return () => {
      isGone = true;
      end?.();
    };
  }, [palette]);
  return (
    <section aria-labelledby="palette">
      <p>
        <strong id="palette" className="font-heading text-[17px] font-semibold">
          Palette
        </strong>
        <span className="text-sheet-muted pl-3">
          hue across, light at the top; a line is one combination or blend
        </span>
      </p>
      <div ref={element} className="h-[190px] w-full" aria-hidden />
      <table className="sr-only">
        <caption>The palette</caption>
        <thead>
          <tr>
            <th>Colour</th>
            <th>Lightness</th>
            <th>Hue</th>
            <th>Parts</th>
          </tr>
        </thead>
        <tbody>
          {palette.colours.map(({ key, item, colour, parts }) => {
            const { l, h } = lchOf(colour);
            return (
              <tr key={key}>
                <td>{item?.name ?? `a wish, ${colour}`}</td>
                <td>{Math.round(l)}</td>
                <td>{h === undefined ? 'none' : Math.round(h)}</td>
                <td>{parts}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
