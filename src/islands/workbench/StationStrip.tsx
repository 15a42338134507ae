import { useEffect, useRef } from 'react';
import type { Finding } from '../../core/findings/finding';
import { useCardSession } from '../session/CardSession';
import { byStation } from '../session/useFindings';
import { stationFigures } from '../stations/stationFigures';
import { stations } from '../stations/stations';

/** The stations as a measuring strip, each with its live figure; a ring counts the findings that are mended there. */
export function StationStrip() {
  const session = useCardSession();
  const { cardId, view, go } = session;
  const strip = useRef<HTMLUListElement>(null);
  useEffect(() => {
    // Where the strip is longer than the window, the station one is at stays in sight.
    strip.current
      ?.querySelector('[aria-current=page]')
      ?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [view]);
  const findings = byStation(stations, session.findings ?? []);
  return (
    <nav
      aria-label="Stations"
      className="border-control relative h-[3.875rem] border-b bg-white px-[18px] max-md:px-0 print:hidden"
    >
      <ul ref={strip} className="relative z-10 flex h-full overflow-x-auto overflow-y-hidden">
        {stations.map(({ id, name }) => {
          const { text = '', isOld = false } = stationFigures[id]?.(session) ?? {};
          const own = findings[id] ?? [];
          return (
            <li
              key={id}
              className="border-hairline w-[155px] shrink-0 border-l last:border-r max-md:w-[124px]"
            >
              <a
                href={`/card/${cardId}/${id}`}
                aria-current={id === view ? 'page' : undefined}
                className={`relative block h-full px-3 pt-2 ${id === view ? 'bg-violet text-white' : 'hover:bg-violet-wash'}`}
                onClick={(event) => {
                  if (event.metaKey || event.ctrlKey || event.shiftKey) return;
                  event.preventDefault();
                  go(id);
                }}
              >
                <span className="font-heading block text-[17px] leading-6 font-semibold">
                  {name}
                </span>
                <span
                  aria-busy={isOld}
                  className={`block truncate leading-5 ${id === view ? '' : 'text-muted'} ${isOld ? 'opacity-85' : ''}`}
                >
                  {text}
                </span>
                {own.length > 0 && <FindingRing findings={own} isOnViolet={id === view} />}
              </a>
            </li>
          );
        })}
      </ul>
      <RulerMarks />
    </nav>
  );
}

interface RingProps {
  readonly findings: readonly Finding[];
  readonly isOnViolet: boolean;
}

/** Filled where something stops the card, an outline where something is worth a look. */
function FindingRing({ findings, isOnViolet }: RingProps) {
  const stops = findings.filter(({ severity }) => severity === 'stop').length;
  const words = stops > 0 ? `, ${stops} of them stop the card` : ', worth a look';
  const look =
    stops > 0
      ? 'bg-pencil border-white text-white'
      : isOnViolet
        ? 'border-[#f4d58b] text-[#f4d58b]'
        : 'border-amber text-amber';
  return (
    <span
      className={`absolute top-2.5 right-2 flex size-[21px] items-center justify-center rounded-full border-2 text-[13px] font-semibold ${look}`}
    >
      {findings.length}
      <span className="sr-only">
        {' '}
        {findings.length === 1 ? 'finding' : 'findings'}
        {words}
      </span>
    </span>
  );
}

/** The marks of a ruler along the lower edge of the strip. */
function RulerMarks() {
  return (
    <svg aria-hidden className="absolute inset-x-0 bottom-0 h-2 w-full">
      <defs>
        <pattern id="ruler-marks" width="64" height="8" patternUnits="userSpaceOnUse">
          <path
            d="M.5 8V0M8.5 8V5M16.5 8V4M24.5 8V5M32.5 8V2M40.5 8V5M48.5 8V4M56.5 8V5"
            stroke="var(--color-control)"
          />
        </pattern>
      </defs>
      <rect width="100%" height="8" fill="url(#ruler-marks)" />
    </svg>
  );
}
