import { colourAt, type Paint } from '../../../core/kinds/paint';

/** A part as it is seen on this card; of several colours, each, the light ones first. */
export function Swatches({ paint }: { readonly paint: Paint }) {
  const { varies, colour } = paint;
  const colours =
    varies && varies.reaches.length === 0
      ? varies.stops.map((stop) => stop.colour)
      : varies
        ? [0.05, 0.35, 0.65, 0.95].map((at) => colourAt(varies, at))
        : [colour];
  return (
    <span className="flex" aria-hidden>
      {colours.map((each, index) => (
        <span
          key={index}
          className="border-control inline-block h-5 w-6 border not-first:border-l-0"
          style={{ background: each }}
        />
      ))}
    </span>
  );
}
