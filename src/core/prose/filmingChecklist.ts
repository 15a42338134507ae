import { writeSizeBoth } from '../length/writeBoth';
import { dayWords } from './dayWords';
import type { Plan } from '../plan/plan';
import { filmingChecks, type FilmingCheck } from '../plan/planFacts';
import { sheetRows, type ProjectSheet } from './projectSheet';
import { joinWords } from '../words/phrases';

/** One thing people forget to say while filming, with what this card has to say of it. */
export interface FilmingItem {
  readonly check: FilmingCheck;
  readonly say: string;
  readonly isDone: boolean;
}

/**
 * What to read before filming; common practice. Where the plan knows the answer it stands there; where
 * it does not, the question does.
 */
export function filmingChecklist(
  plan: Plan,
  sheet: ProjectSheet,
  release: { readonly name: string; readonly onSale: string | null } | undefined,
): readonly FilmingItem[] {
  return filmingChecks.map((check) => ({
    check,
    say: sayOf(check, sheet, release),
    isDone: plan.about.checked.includes(check),
  }));
}

function sayOf(
  check: FilmingCheck,
  sheet: ProjectSheet,
  release: { readonly name: string; readonly onSale: string | null } | undefined,
): string {
  const rows = sheetRows(sheet);
  switch (check) {
    case 'first-mat': {
      const first = rows.find(({ face }) => face === 'front');
      return first
        ? `The very first mat: ${first.letter} ${first.name}, ${writeSizeBoth(first.size, sheet.leading)}.`
        : 'The card has no mat; say that it is decorated straight on the base.';
    }
    case 'inside': {
      const inside = rows.filter(({ face }) => face === 'inside' || face === 'inside-front');
      return inside.length > 0
        ? `The inside: ${joinWords(inside.map(({ letter, name }) => `${letter} ${name}`))}.`
        : 'The inside: nothing is planned there; say so, or show where to write.';
    }
    case 'embellishments':
      return 'The embellishments: what, how many and where.';
    case 'ribbon':
      return 'The ribbon: which, how long, and when it is put on.';
    case 'marker-off-screen':
      return 'Which marker was used off screen.';
    case 'colour-changed':
      return 'Whether a colour was changed on the way.';
    case 'anti-static':
      return 'The anti-static powder before the sticky ink.';
    case 'added-later':
      return 'Any piece added after filming: show it, with its size.';
    case 'sale-period':
      return release
        ? `${release.name}: ${release.onSale ? `on sale from ${dayWords(release.onSale)}` : 'no date yet'}; say what leaves sale.`
        : 'Whether anything has a limited sale period.';
    default:
      throw new TypeError(`filmingChecklist: unknown check ${check satisfies never}`);
  }
}
