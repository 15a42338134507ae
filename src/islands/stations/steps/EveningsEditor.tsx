import { EveningsForm } from '../../parts/EveningsForm';
import { useCardSession } from '../../session/CardSession';

/** When this card is worked on; as its designer usually works, until it is set for the card. */
export function EveningsEditor() {
  const { plan, process, commit } = useCardSession();
  const own = plan.making.evenings;
  const evenings = own ?? process.time.evenings;
  return (
    <section aria-label="Evenings">
      <h2 className="pt-2 text-[17px]">Evenings</h2>
      <EveningsForm
        value={evenings}
        onChange={({ zone, weekly, people }) =>
          commit({
            kind: 'set-making',
            change: { evenings: { zone, people, weekly: [...weekly] } },
          })
        }
      />
      <p className="text-sheet-muted pt-1 text-[15px]">
        {own ? 'For this card only' : 'As usual'}, by the clocks of {evenings.zone}.
        {own && (
          <button
            type="button"
            className="link pl-2"
            onClick={() => commit({ kind: 'set-making', change: { evenings: null } })}
          >
            As usual again
          </button>
        )}
      </p>
    </section>
  );
}
