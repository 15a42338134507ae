import { inches, millimetres, type Length, type Unit } from '../../core/length/length';
import { asTyped, type TypedLength } from '../../core/length/typedLength';
import { adhesives } from '../../core/paper/adhesives';
import type { Habits } from '../../core/plan/habits';
import { wordsStampings, type WordsStamping } from '../../core/plan/planFacts';
import { ruleIds, type RuleId } from '../../core/plan/rules';
import { ruleWords } from '../words/ruleWords';
import { InlineChoice } from './InlineChoice';
import { LengthField } from './LengthField';
import { NumberField } from './NumberField';
import { Select } from './Select';
import { WorkHabits } from './WorkHabits';

interface Props {
  readonly habits: Habits;
  readonly onChange: (change: Partial<Habits>) => void;
}

const scales: readonly (readonly [name: string, spacing: Length])[] = [
  ['1⁄16 in', inches(0, 1, 16)],
  ['1⁄8 in', inches(0, 1, 8)],
  ['1 mm', millimetres(1)],
  ['0.5 mm', millimetres(0.5)],
];
const cuttingHabits = [
  ['slidesSheets', 'Sheets longer than the trimmer are slid along'],
  ['scoresAlongGrain', 'The base is scored along the grain'],
  ['recoversMiddles', 'Middles cut out of mats are cut up'],
] as const;
const rateWords = {
  'm edge': 'm a metre of edge',
  'ml edge': 'ml a metre of edge',
  'piece area': 'pieces on 100 cm²',
} as const;
const reveals = ['fine', 'everyday', 'broad'] as const;
const lengths = [
  ['trimmerLength', 'The trimmer cuts at most'],
  ['scoreBoardLength', 'The score board scores at most'],
  ['minimumReveal', 'A border is seen from'],
  ['linerReveal', 'A liner keeps off its leaf’s edges'],
  ['rim', 'Rim left of a cut-out mat'],
  ['kerf', 'A cut takes away'],
  ['pressWidth', 'The die press takes, by the shorter side'],
] as const;

const masking = [
  ['maskInset', 'A mask is cut inside the line by'],
  ['maskSpindly', 'What is narrower is left out of a mask'],
  ['maskMargin', 'A partial mask reaches beyond the meeting'],
] as const;

const wordsStampingWords: Readonly<Record<WordsStamping, string>> = {
  'as-listed': 'as they lie',
  first: 'first, so that images go round them',
  last: 'last, to fill what is left',
};

const placing = [
  ['wordMargin', 'Words keep off an edge'],
  ['windowOverlap', 'What is behind a window reaches beyond it'],
  ['foamInset', 'A foam sheet is smaller on each side by'],
  ['foamStrip', 'Foam strips are wide'],
] as const;

const posting = [
  ['envelopeRoom', 'An envelope is larger than card and height by'],
  ['unevenBy', 'Uneven where the highest is above half of the card by'],
] as const;

type Switch = (typeof cuttingHabits)[number][0] | 'acceptsOverlaps' | 'keepsGroundsOff';

/** The house habits: the tools, the usual borders, and which checks are made. Each figure is kept at once. */
export function HabitsForm({ habits, onChange }: Props) {
  const { leadingUnit: unit, trimmerMarks, rulesOff } = habits;
  const marks = trimmerMarks.map(({ ticks }) => ticks);
  const toggleMark = (spacing: Length, on: boolean) => {
    const next = on
      ? [...trimmerMarks, asTyped(spacing)]
      : trimmerMarks.filter(({ ticks }) => ticks !== spacing);
    if (next.length > 0) onChange({ trimmerMarks: next });
  };
  const lengthLine = ([key, name]: (
    typeof lengths | typeof placing | typeof masking | typeof posting
  )[number]) => (
    <Line key={key} name={name}>
      <HabitField
        name={name}
        value={habits[key]}
        unit={unit}
        onCommit={(length) => onChange({ [key]: length })}
      />
    </Line>
  );
  const checkLine = ([key, name]: readonly [Switch, string]) => (
    <label key={key} className="flex items-center gap-2 py-1">
      <input
        type="checkbox"
        checked={habits[key]}
        onChange={(event) => onChange({ [key]: event.target.checked })}
      />
      {name}
    </label>
  );
  return (
    <div className="grid gap-x-12 gap-y-6 lg:grid-cols-2">
      <Group name="Tools">
        <Line name="The unit that leads">
          <Select
            className="in-place"
            aria-label="The unit that leads"
            value={unit}
            onChange={(event) =>
              onChange({ leadingUnit: event.target.value === 'mm' ? 'mm' : 'in' })
            }
          >
            <option value="in">inches</option>
            <option value="mm">millimetres</option>
          </Select>
        </Line>
        <Line name="The trimmer is marked in">
          <span className="flex flex-wrap gap-x-4">
            {scales.map(([name, spacing]) => (
              <label key={name} className="flex items-center gap-1.5">
                <input
                  type="checkbox"
                  checked={marks.includes(spacing)}
                  disabled={marks.length === 1 && marks.includes(spacing)}
                  onChange={(event) => toggleMark(spacing, event.target.checked)}
                />
                {name}
              </label>
            ))}
          </span>
        </Line>
        {lengths.map(lengthLine)}
        {(['width', 'height'] as const).map((axis) => (
          <Line key={axis} name={`The stamping platform prints, ${axis}`}>
            <HabitField
              name={`The stamping platform prints, ${axis}`}
              value={habits.platform[axis]}
              unit={unit}
              onCommit={(length) => onChange({ platform: { ...habits.platform, [axis]: length } })}
            />
          </Line>
        ))}
        {cuttingHabits.map(checkLine)}
      </Group>
      <Group name="Usual borders">
        {(['in', 'mm'] as const).map((school) =>
          reveals.map((reveal) => (
            <Line key={`${school} ${reveal}`} name={`${reveal}, ${school}`}>
              <HabitField
                name={`${reveal} border, ${school}`}
                value={habits.reveals[school][reveal]}
                unit={school}
                onCommit={(length) =>
                  onChange({
                    reveals: {
                      ...habits.reveals,
                      [school]: { ...habits.reveals[school], [reveal]: length },
                    },
                  })
                }
              />
            </Line>
          )),
        )}
      </Group>
      <Group name="Placing">
        {placing.map(lengthLine)}
        <Line name="A slope of words is a mistake up to">
          <span className="flex items-center gap-2">
            <NumberField
              label="A slope of words is a mistake up to"
              isLabelHidden
              value={habits.slopeSlip}
              min={0}
              max={90}
              digits={1}
              issue="Degrees from 0 to 90."
              onCommit={(slopeSlip) => onChange({ slopeSlip: slopeSlip ?? 0 })}
            />
            °
          </span>
        </Line>
      </Group>
      <Group name="Checks">
        <ul>
          {ruleIds.map((rule) => (
            <li key={rule}>
              <label className="flex items-baseline gap-2 py-0.5">
                <input
                  type="checkbox"
                  checked={!rulesOff.includes(rule)}
                  onChange={(event) =>
                    onChange({ rulesOff: withRule(rulesOff, rule, !event.target.checked) })
                  }
                />
                {ruleWords[rule]}
              </label>
            </li>
          ))}
        </ul>
      </Group>
      <Group name="Height of what is stuck with">
        {adhesives.map(({ id, name }) => (
          <Line key={id} name={name}>
            <HabitField
              name={`Height of ${name}`}
              value={habits.adhesiveHeights[id]}
              unit="mm"
              onCommit={(length) =>
                onChange({ adhesiveHeights: { ...habits.adhesiveHeights, [id]: length } })
              }
            />
          </Line>
        ))}
      </Group>
      <Group name="Masks">
        {masking.map(lengthLine)}
        <Line name="A mask is laid on at most, times">
          <NumberField
            label="A mask is laid on at most, times"
            isLabelHidden
            value={habits.maskUses}
            min={1}
            max={1000}
            issue="A whole number from 1 to 1000."
            onCommit={(times) => onChange({ maskUses: Math.round(times ?? 15) })}
          />
        </Line>
        {checkLine(['acceptsOverlaps', 'Prints that meet may cross; masks only where one says so'])}
        <Line name="Words that meet an image are stamped">
          <InlineChoice
            label="Words that meet an image are stamped"
            value={habits.wordsStamped}
            choices={wordsStampings}
            nameOf={(each) => wordsStampingWords[each]}
            onChange={(wordsStamped) => onChange({ wordsStamped })}
          />
        </Line>
        {checkLine([
          'keepsGroundsOff',
          'Blends and stencils go over masked images, not under or over bare ones',
        ])}
      </Group>
      <Group name="Order of work">
        <WorkHabits
          habits={habits}
          onChange={onChange}
          line={(name, field) => <Line name={name}>{field}</Line>}
        />
      </Group>
      <Group name="Post">{posting.map(lengthLine)}</Group>
      <Group name="How much is taken of what is stuck with">
        {adhesives.map(({ id, name, unit: own, by }) => (
          <Line key={id} name={name}>
            <span className="flex items-center gap-2">
              <NumberField
                label={`How much is taken of ${name}`}
                isLabelHidden
                value={habits.adhesiveRates[id]}
                min={0}
                max={1000}
                digits={2}
                issue="A number from 0 to 1000."
                onCommit={(rate) =>
                  onChange({ adhesiveRates: { ...habits.adhesiveRates, [id]: rate ?? 0 } })
                }
              />
              {rateWords[`${own} ${by}` as keyof typeof rateWords]}
            </span>
          </Line>
        ))}
      </Group>
    </div>
  );
}

function withRule(rulesOff: readonly RuleId[], rule: RuleId, isOff: boolean): RuleId[] {
  return ruleIds.filter((each) => (each === rule ? isOff : rulesOff.includes(each)));
}

function Group({ name, children }: { readonly name: string; readonly children: React.ReactNode }) {
  return (
    <section aria-label={name}>
      <h3 className="border-ink border-b pb-1 text-[17px]">{name}</h3>
      <div className="pt-2">{children}</div>
    </section>
  );
}

function Line({ name, children }: { readonly name: string; readonly children: React.ReactNode }) {
  return (
    <div className="grid grid-cols-[minmax(10rem,16rem)_1fr] items-baseline gap-x-4 py-1">
      <span>{name}</span>
      {children}
    </div>
  );
}

interface HabitFieldProps {
  readonly name: string;
  readonly value: TypedLength;
  readonly unit: Unit;
  readonly onCommit: (length: TypedLength) => void;
}

function HabitField({ name, value, unit, onCommit }: HabitFieldProps) {
  return (
    <LengthField
      label={name}
      isLabelHidden
      value={value}
      unit={unit}
      onPreview={() => undefined}
      onCommit={onCommit}
    />
  );
}
