import { writeSizeBoth } from '../length/writeBoth';
import { dayWords } from './dayWords';
import type { FaceId } from '../plan/faces';
import type { Plan } from '../plan/plan';
import { soldUntil, type SupplyRow } from '../supplies/supplyRow';
import { amountWords } from './supplyWords';
import { filmingChecks, type FilmingCheck } from '../plan/planFacts';
import { sheetRows, type ProjectSheet } from './projectSheet';
import { joinWords } from '../words/phrases';

/** One thing people forget to say while filming, with what this card has to say of it. */
export interface FilmingItem {
  readonly check: FilmingCheck;
  readonly say: string;
  readonly isDone: boolean;
}

/** What the answers are taken from, beside the plan. */
export interface FilmingInput {
  readonly plan: Plan;
  readonly sheet: ProjectSheet;
  /** What the card takes. */
  readonly supplies: readonly SupplyRow[];
  readonly release: { readonly name: string; readonly onSale: string | null } | undefined;
}

/**
 * What to read before filming; common practice. Where the plan knows the answer it stands there; where
 * it does not, the question does.
 */
export function filmingChecklist(input: FilmingInput): readonly FilmingItem[] {
  return filmingChecks.map((check) => ({
    check,
    say: sayOf(check, input),
    isDone: input.plan.about.checked.includes(check),
  }));
}

function sayOf(check: FilmingCheck, input: FilmingInput): string {
  const { sheet } = input;
  switch (check) {
    case 'first-mat': {
      const first = sheetRows(sheet).find(({ face }) => face === 'front');
      return first
        ? `The very first mat: ${first.letter} ${first.name}, ${writeSizeBoth(first.size, sheet.leading)}.`
        : 'The card has no mat; say that it is decorated straight on the base.';
    }
    case 'inside':
      return insideWords(sheet);
    case 'embellishments':
      return embellishmentWords(input);
    case 'ribbon':
      return ribbonWords(input);
    case 'marker-off-screen':
      return markerWords(input);
    case 'colour-changed':
      return 'Whether a colour was changed on the way.';
    case 'anti-static':
      return usesPowder(input)
        ? 'The anti-static powder before the sticky ink.'
        : 'No powder is noted, so there is nothing to say of anti-static powder.';
    case 'added-later':
      return 'Any piece added after filming: show it, with its size.';
    case 'sale-period':
      return saleWords(input);
    default:
      throw new TypeError(`filmingChecklist: unknown check ${check satisfies never}`);
  }
}

/** Papers and all that is put inside, on them or straight on the leaf. */
function insideWords(sheet: ProjectSheet): string {
  const isInside = ({ face }: { readonly face: FaceId }) =>
    face === 'inside' || face === 'inside-front';
  const rows = sheetRows(sheet).filter(isInside);
  const names = [
    ...rows.map(({ letter, name }) => `${letter} ${name}`),
    // A die cut of a shape is cut and placed, and told once.
    ...sheet.placements
      .filter(isInside)
      .map(({ name }) => name)
      .filter((name) => !rows.some((row) => row.name === name)),
  ];
  return names.length > 0
    ? `The inside: ${joinWords(names)}.`
    : 'The inside: nothing is planned there; say so, or show where to write.';
}

/** What is stuck on, and how many of each. */
function embellishmentWords({ supplies }: FilmingInput): string {
  const names = supplies
    .filter((row) => row.group === 'embellishments' && !isRibbon(row) && row.one !== 0)
    .map(({ name, one, unit, sheet }) =>
      one === undefined ? name : `${amountWords(one, unit, sheet)} of ${name}`.trim(),
    );
  return names.length > 0
    ? `The embellishments: ${joinWords(names)}; say where.`
    : 'No embellishments are planned; say so, or what is put on at the end.';
}

/** So many colours are told by name. */
const mostNamed = 8;

/** What is coloured with, so that one sees what was not on screen. */
function markerWords({ supplies }: FilmingInput): string {
  const names = supplies.filter(({ group }) => group === 'colour').map(({ name }) => name);
  if (names.length === 0) return 'Which marker was used off screen.';
  const more = names.length - mostNamed;
  const told = more > 0 ? [...names.slice(0, mostNamed), `${more} more`] : names;
  return `Which marker was used off screen; planned are ${joinWords(told)}.`;
}

function ribbonWords({ supplies }: FilmingInput): string {
  const ribbons = supplies.filter(isRibbon);
  if (ribbons.length === 0) return 'No ribbon or twine is noted.';
  const names = ribbons.map(({ name, one, unit, sheet }) =>
    one ? `${name}, ${amountWords(one, unit, sheet)}` : name,
  );
  return `The ribbon: ${joinWords(names)}; say when it is put on.`;
}

/** What is stuck or tied on is counted; only ribbon and twine are measured. */
function isRibbon({ group, unit }: SupplyRow): boolean {
  return group === 'embellishments' && unit === 'm';
}

function usesPowder({ supplies }: FilmingInput): boolean {
  return supplies.some(
    ({ item }) => item?.kind === 'powder' || (item?.kind === 'ink' && item.ink === 'sticky'),
  );
}

function saleWords({ supplies, release }: FilmingInput): string {
  const ending = supplies.flatMap((row) => {
    const until = soldUntil(row);
    return until === undefined ? [] : [`${row.name} is sold until ${dayWords(until)}`];
  });
  const leaving = [...new Set(ending)];
  const rest =
    leaving.length > 0 ? `${joinWords(leaving)}.` : 'Nothing on the card has a last day of sale.';
  if (!release) return rest;
  const start = release.onSale ? `on sale from ${dayWords(release.onSale)}` : 'no date yet';
  return `${release.name}: ${start}. ${rest}`;
}
