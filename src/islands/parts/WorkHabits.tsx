import type { Habits } from '../../core/plan/habits';
import {
  airs,
  dieCuttings,
  dryings,
  embossings,
  eveningWishes,
  heatings,
} from '../../core/plan/workFacts';
import { InlineChoice } from './InlineChoice';
import { StepMinutes } from './StepMinutes';

interface Props {
  readonly habits: Habits;
  readonly onChange: (change: Partial<Habits>) => void;
  /** A line with its name before it. */
  readonly line: (name: string, field: React.ReactNode) => React.ReactNode;
}

const words = {
  embosses: { first: 'first, and blended over', last: 'last, when the ground is dry' },
  heatsPowder: { together: 'all together', each: 'one by one' },
  dries: { air: 'in the air', heat: 'with the heat tool' },
  dieCuts: {
    'by-image': 'after an image is coloured, else first',
    'colour-first': 'after it is decorated',
    'cut-first': 'before it is decorated',
  },
  eveningWish: { earliest: 'to be done early', fewest: 'for few evenings' },
  air: { dry: 'dry', usual: 'as usual', humid: 'humid' },
} as const;

/** How a house works where the trade has two ways. */
export function WorkHabits({ habits, onChange, line }: Props) {
  return (
    <>
      {line(
        'Prints on a ground are embossed',
        <InlineChoice
          label="Prints on a ground are embossed"
          value={habits.embosses}
          choices={embossings}
          nameOf={(each) => words.embosses[each]}
          onChange={(embosses) => onChange({ embosses })}
        />,
      )}
      {line(
        'Prints in one powder are heated',
        <InlineChoice
          label="Prints in one powder are heated"
          value={habits.heatsPowder}
          choices={heatings}
          nameOf={(each) => words.heatsPowder[each]}
          onChange={(heatsPowder) => onChange({ heatsPowder })}
        />,
      )}
      {line(
        'Inks are dried',
        <InlineChoice
          label="Inks are dried"
          value={habits.dries}
          choices={dryings}
          nameOf={(each) => words.dries[each]}
          onChange={(dries) => onChange({ dries })}
        />,
      )}
      {line(
        'Paper is cut by its die',
        <InlineChoice
          label="Paper is cut by its die"
          value={habits.dieCuts}
          choices={dieCuttings}
          nameOf={(each) => words.dieCuts[each]}
          onChange={(dieCuts) => onChange({ dieCuts })}
        />,
      )}
      {line(
        'Work is planned',
        <InlineChoice
          label="Work is planned"
          value={habits.eveningWish}
          choices={eveningWishes}
          nameOf={(each) => words.eveningWish[each]}
          onChange={(eveningWish) => onChange({ eveningWish })}
        />,
      )}
      {line(
        'The air is',
        <InlineChoice
          label="The air is"
          value={habits.air}
          choices={airs}
          nameOf={(each) => words.air[each]}
          onChange={(air) => onChange({ air })}
        />,
      )}
      <StepMinutes own={habits.stepMinutes} onChange={(stepMinutes) => onChange({ stepMinutes })} />
    </>
  );
}
