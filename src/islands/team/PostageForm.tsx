import {
  lengthFromTicks,
  TICKS_PER_INCH,
  TICKS_PER_MILLIMETRE,
  type Length,
  type Unit,
} from '../../core/length/length';
import { asTyped } from '../../core/length/typedLength';
import { rulesOf } from '../../core/prose/postWords';
import { mailSchemeIds, type MailSchemeId } from '../../core/plan/planFacts';
import type { MailClass } from '../../core/post/mail/mailScheme';
import { mailSchemes } from '../../core/post/mail/mailSchemes';
import type { HouseMail, MailClassNote } from '../../core/stash/houseMail';
import { plainNote } from '../../core/stash/plainMail';
import { DayField } from '../parts/DayField';
import { NumberField } from '../parts/NumberField';
import { PriceField } from '../parts/PriceField';
import { Select } from '../parts/Select';

interface Props {
  readonly mail: HouseMail;
  readonly unit: Unit;
  /** Year-month-day; what is told now is told on this day. */
  readonly today: string;
  readonly onChange: (mail: HouseMail) => void;
}

/** By whose mail the team posts, what each class costs it, and which limits have changed since they were written down. */
export function PostageForm({ mail, unit, today, onChange }: Props) {
  const noteOf = ({ id }: MailClass) => mail.classes[id] ?? plainNote;
  const keep = ({ id }: MailClass, note: MailClassNote) =>
    onChange({ ...mail, classes: { ...mail.classes, [id]: note } });
  return (
    <>
      <label className="flex items-center gap-2 pb-3">
        The team posts by
        <Select
          className="in-place"
          aria-label="The team posts by"
          value={mail.home ?? ''}
          onChange={(event) =>
            onChange({
              ...mail,
              home:
                mailSchemeIds.find((id): id is MailSchemeId => id === event.target.value) ?? null,
            })
          }
        >
          <option value="">no one authority</option>
          {mailSchemes.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Select>
      </label>
      {mailSchemes.map((scheme) => (
        <details
          key={scheme.id}
          open={scheme.id === mail.home}
          className="border-hairline border-t"
        >
          <summary className="cursor-pointer py-1.5">
            <strong className="font-semibold">{scheme.name}</strong>
            <span className="text-sheet-muted pl-3">
              {scheme.source}; {rulesOf(scheme)}. Check with your post office.
            </span>
          </summary>
          <div className="overflow-x-auto pb-3">
            <table className="border-collapse text-left">
              <thead>
                <tr className="text-sheet-muted">
                  <th className="py-1 pr-4 font-normal">Class</th>
                  <th className="py-1 pr-4 font-normal">One costs</th>
                  {limitNames.map(({ of, name }) => (
                    <th key={of} className="py-1 pr-4 font-normal">
                      {name} {of === 'grams' ? 'g' : unit}
                    </th>
                  ))}
                  <th className="py-1 font-normal">Told</th>
                </tr>
              </thead>
              <tbody>
                {scheme.classes.map((each) => (
                  <ClassRow
                    key={each.id}
                    of={each}
                    note={noteOf(each)}
                    unit={unit}
                    today={today}
                    onChange={(note) => keep(each, note)}
                  />
                ))}
              </tbody>
            </table>
          </div>
        </details>
      ))}
    </>
  );
}

const limitNames = [
  { of: 'long', name: 'Longest' },
  { of: 'short', name: 'Widest' },
  { of: 'thickness', name: 'Thickest' },
  { of: 'grams', name: 'Heaviest' },
] as const;
type LimitName = (typeof limitNames)[number]['of'];

interface RowProps {
  readonly of: MailClass;
  readonly note: MailClassNote;
  readonly unit: Unit;
  readonly today: string;
  readonly onChange: (note: MailClassNote) => void;
}

function ClassRow({ of, note, unit, today, onChange }: RowProps) {
  const { price, limits } = note;
  const told = limits?.asOf ?? price?.asOf;
  const change = (name: LimitName, value: number | null) => {
    const asShipped = value === shippedOf(of, name, unit) ? null : value;
    const next = {
      ...{ long: null, short: null, thickness: null, grams: null, ...limits },
      asOf: today,
      [name]:
        name === 'grams' || asShipped === null ? asShipped : asTyped(inTicks(asShipped, unit)),
    };
    const isBare = limitNames.every((each) => next[each.of] === null);
    onChange({ ...note, limits: isBare ? null : next });
  };
  return (
    <tr className="border-hairline border-t">
      <th scope="row" className="py-1 pr-4 font-semibold">
        {of.name}
      </th>
      <td className="py-1 pr-4">
        <PriceField
          label={`One ${of.name} costs`}
          isLabelHidden
          value={price?.hundredths ?? null}
          onCommit={(hundredths) =>
            onChange({ ...note, price: hundredths === null ? null : { hundredths, asOf: today } })
          }
        />
      </td>
      {limitNames.map(({ of: name, name: words }) => (
        <td key={name} className="py-1 pr-4">
          <NumberField
            label={`${words} ${of.name}`}
            isLabelHidden
            isOptional
            value={noted(limits, name, unit) ?? shippedOf(of, name, unit)}
            min={0.001}
            max={100_000}
            digits={3}
            issue="A figure, or nothing where it is as it ships."
            className={`field w-20 py-0.5 ${noted(limits, name, unit) === null ? 'text-muted' : 'font-semibold'}`}
            onCommit={(value) => change(name, value)}
          />
        </td>
      ))}
      <td className="py-1">
        {told === undefined ? (
          <span className="text-sheet-muted">as it ships</span>
        ) : (
          <DayField
            label={`${of.name} was told on`}
            value={told}
            onCommit={(day) =>
              onChange({
                price: price && { ...price, asOf: day ?? today },
                limits: limits && { ...limits, asOf: day ?? today },
              })
            }
          />
        )}
      </td>
    </tr>
  );
}

/** In the unit that leads, to a thousandth; the same figure comes back from what is typed. */
const inUnit = (length: Length, unit: Unit): number =>
  Math.round((length / (unit === 'in' ? TICKS_PER_INCH : TICKS_PER_MILLIMETRE)) * 1000) / 1000;

const inTicks = (value: number, unit: Unit): Length =>
  lengthFromTicks(Math.round(value * (unit === 'in' ? TICKS_PER_INCH : TICKS_PER_MILLIMETRE)));

/** A limit the team told; null where it told none. */
function noted(limits: MailClassNote['limits'], name: LimitName, unit: Unit): number | null {
  if (!limits) return null;
  if (name === 'grams') return limits.grams;
  const length = limits[name];
  return length && inUnit(length.ticks, unit);
}

/** A limit as it ships; null where none is known. */
function shippedOf({ limits }: MailClass, name: LimitName, unit: Unit): number | null {
  for (const limit of limits) {
    if (limit.measure === 'weight' && name === 'grams')
      return Math.round(limit.mostGrams * 1000) / 1000;
    if (limit.measure === name && 'most' in limit && typeof limit.most === 'number')
      return inUnit(limit.most, unit);
  }
  return null;
}
