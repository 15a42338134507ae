import { otherUnit, writeLength, writeSize } from '../../../core/length/formatLength';
import { projectSheet } from '../../../core/prose/projectSheet';
import { scoreSentence, yieldSentence } from '../../../core/prose/sentences';
import { cardFormat } from '../../../core/paper/cardFormats';
import { fitFormats } from '../../../core/paper/fitFormats';
import { sheetBlanksFor } from '../../../core/paper/layOutBlank';
import { followsSupport } from '../../../core/plan/pieces';
import { sizeOriginSentence } from '../../words/originSentence';
import { useCardSession } from '../../session/CardSession';
import { Select } from '../../parts/Select';

/** The base unfolded: its closed size, the blank, the score, and what the sheets give. */
export function BaseTicket() {
  const { plan, card, unit } = useCardSession();
  const { base } = card;
  const other = otherUnit(unit);
  const sheet = projectSheet({ ...plan, making: { ...plan.making, copies: 1 } }, card, unit);
  return (
    <div className="border-violet border-l-4 bg-white pt-2 pr-3 pb-3 pl-3">
      <div className="flex items-center gap-3">
        <span className="bg-violet font-heading min-w-6 px-1 text-center leading-6 font-semibold text-white">
          {base.letter}
        </span>
        <span className="font-semibold">Base</span>
        <span
          aria-hidden
          className="border-control size-[18px] border"
          style={{ background: base.paint.colour }}
        />
        <span className="text-muted">{base.stock?.name ?? 'stock not in the stash'}</span>
      </div>
      <p className="flex items-baseline gap-3 pt-1">
        <output aria-label="Size of A" className="text-[27px] leading-8 font-semibold">
          {writeSize(base.face, unit)}
        </output>
        <span className="text-muted">{unit} closed</span>
        <span className="text-muted text-[17px]">
          {writeSize(base.face, other)} {other}
        </span>
      </p>
      <p className="pt-1">
        <strong className="font-semibold">Why?</strong>{' '}
        {sizeOriginSentence(base.origins, base.face, card, unit)}
      </p>
      <p className="pt-1">{scoreSentence(sheet)}</p>
      <p className="pt-1">{yieldSentence(sheet)}</p>
      <BlankChoice />
      <FormatRound />
    </div>
  );
}

/** Formats with a blank from a common sheet can be laid out from the exact finished size instead. */
function BlankChoice() {
  const { plan, commit } = useCardSession();
  const { format, fold, blankId } = plan.base;
  if (format.kind !== 'named') return null;
  const blanks = sheetBlanksFor(cardFormat(format.id), format.stand, fold);
  if (blanks.length === 0) return null;
  return (
    <label className="flex gap-2 pt-1">
      <span className="text-muted">Blank</span>
      <Select
        className="in-place"
        value={blankId ?? blanks[0]?.id}
        onChange={(event) => commit({ kind: 'set-base', change: { blankId: event.target.value } })}
      >
        {blanks.map(({ id, from }) => (
          <option key={id} value={id}>
            {from}
          </option>
        ))}
        <option value="exact">laid out from the finished size</option>
      </Select>
    </label>
  );
}

/** Where a finished piece gives itself its size, the base is chosen last: the formats it fits on. */
function FormatRound() {
  const { card, unit, commit } = useCardSession();
  const outermost = card.pieces.find(
    ({ support, face, piece }) =>
      support === 'base' && face === 'front' && !followsSupport(piece.size),
  );
  if (!outermost) return null;
  const fitting = fitFormats(outermost.rect);
  return (
    <label className="flex gap-2 pt-1">
      <span className="text-muted">
        Formats {outermost.name} {outermost.letter} fits on
      </span>
      <Select
        className="in-place"
        value=""
        onChange={(event) => {
          const chosen = fitting[Number(event.target.value)];
          if (!chosen) return;
          const format = { kind: 'named' as const, id: chosen.id, stand: chosen.stand };
          commit({ kind: 'set-base', change: { format, blankId: null } });
        }}
      >
        <option value="">{fitting.length === 0 ? 'none' : 'choose one'}</option>
        {fitting.map(({ id, name, stand, atSides, atEnds }, index) => (
          <option key={`${id} ${stand}`} value={index}>
            {name} {stand}, border {writeLength(atSides, unit)} at the sides,{' '}
            {writeLength(atEnds, unit)} at top and bottom
          </option>
        ))}
      </Select>
    </label>
  );
}
