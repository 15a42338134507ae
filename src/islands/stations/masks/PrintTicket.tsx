import type { MaskedPaper } from '../../../core/masking/maskCard';
import { decideEdit } from '../../../core/masking/decideMasks';
import type { PlannedMeeting } from '../../../core/masking/planPaper';
import { isLaid, type Print } from '../../../core/masking/print';
import { registerOf } from '../../../core/masking/registerOf';
import { registerSentence } from '../../../core/prose/registerSentence';
import { supportRect } from '../../../core/resolve/resolvedCard';
import { writeArea } from '../../../core/words/areaWords';
import { countWords } from '../../../core/words/countWords';
import { capitalise } from '../../../core/words/phrases';
import { KeyedButton } from '../../parts/KeyedButton';
import { useKeys } from '../../parts/useKeys';
import { useCardSession } from '../../session/CardSession';
import { meetingSentence } from '../../words/maskWords';
import { remedySentence } from '../../words/remedySentence';
import { CutOutInstead } from './CutOutInstead';
import { Openings } from './Openings';

interface Props {
  readonly print: Print;
  readonly paper: MaskedPaper;
  readonly nameOf: (piece: string) => string;
}

/** Those a print meets, each with what follows, and the ways to have it otherwise; the keys are for the first of them. */
export function PrintTicket({ print, paper, nameOf }: Props) {
  const { card, unit, commit, masks, plan } = useCardSession();
  const meetings = paper.meetings
    .filter(({ behind, front }) => behind.id === print.id || front.id === print.id)
    .toSorted((a, b) => weight(b) - weight(a));
  const moves = masks.moves.filter(({ piece }) => piece === print.id);
  const [move] = moves;
  const covered = paper.covered.find((each) => each.print.id === print.id);
  const mark = card.marks.find(({ id }) => id === print.id);
  const register = mark && registerOf(mark, supportRect(card, mark.support));
  const first = meetings.find(isOpen);
  const turn = first && turnOf(first);
  const cross = first && crossOf(first);
  const decide = (meeting: PlannedMeeting, to: string | null | undefined) =>
    commit(decideEdit(plan, meeting.behind.id, meeting.front.id, to));
  useKeys({
    t: () => (first && turn !== undefined ? decide(first, turn) : false),
    x: () => (first && cross !== undefined ? decide(first, cross.to) : false),
    m: () => (move ? commit(move.remedy.edit) : false),
  });
  return (
    <div className="flex flex-col gap-2.5 pt-1 pb-2">
      {meetings.length === 0 && <p>Meets nothing: it may be made at any time.</p>}
      {meetings.map((meeting) => {
        const other = meeting.front.id === print.id ? meeting.behind : meeting.front;
        const letter = masks.plan?.masks.find(({ covers }) =>
          covers.some((each) => each.print.id === meeting.relation?.first.id),
        )?.letter;
        const area = meeting.area > 0 ? writeArea(meeting.area, unit) : '';
        return (
          <div key={other.id}>
            <p>
              Meets <strong className="font-semibold">{nameOf(other.id)}</strong>
              {meetingSentence(meeting, print.id, area, letter)}
            </p>
            {isOpen(meeting) && (
              <p className="flex flex-wrap gap-x-3 gap-y-1 pt-1">
                <MeetingButtons
                  meeting={meeting}
                  nameOf={nameOf}
                  hasKeys={meeting === first}
                  onDecide={(to) => decide(meeting, to)}
                />
              </p>
            )}
          </div>
        );
      })}
      {mark?.stamp?.stamp === 'outline' && <Openings stamp={mark.stamp} />}
      {register && <p>{registerSentence(register, unit)}</p>}
      {covered && <CutOutInstead covered={covered} />}
      {moves.map(({ remedy, left }, at) => (
        <p key={at}>
          <KeyedButton keyName="m" isOutlined onClick={() => commit(remedy.edit)}>
            {remedySentence(remedy, unit)}:{' '}
            {left === 0 ? 'no mask' : `${countWords(left, 'image')} to mask`}
          </KeyedButton>
        </p>
      ))}
    </div>
  );
}

interface ButtonsProps {
  readonly meeting: PlannedMeeting;
  readonly nameOf: (piece: string) => string;
  readonly hasKeys: boolean;
  readonly onDecide: (to: string | null | undefined) => void;
}

function MeetingButtons({ meeting, nameOf, hasKeys, onDecide }: ButtonsProps) {
  const { masks } = useCardSession();
  const { behind, front } = meeting;
  const choice = masks.choices.find(({ between: [a, b] }) => a === behind.id && b === front.id);
  const told = (count: number | undefined) =>
    count === undefined
      ? ''
      : `, ${count === 0 ? 'no mask' : `${countWords(count, 'image')} to mask`}`;
  const turn = turnOf(meeting);
  const cross = crossOf(meeting);
  const buttons = [
    ...(turn === undefined
      ? []
      : [
          {
            key: 't',
            to: turn as string | null | undefined,
            words: `${turnWords(meeting, turn, nameOf)}${told(turn === front.id ? choice?.frontFirst : choice?.behindFirst)}`,
          },
        ]),
    ...(cross === undefined
      ? []
      : [
          {
            key: 'x',
            to: cross.to,
            words:
              cross.to === null
                ? `Let them cross${told(choice?.crossing)}`
                : 'Do not let them cross',
          },
        ]),
  ];
  return buttons.map(({ key, to, words }) =>
    hasKeys ? (
      <KeyedButton key={key} keyName={key} isOutlined onClick={() => onDecide(to)}>
        {words}
      </KeyedButton>
    ) : (
      <button
        key={key}
        type="button"
        className="button button-outlined"
        onClick={() => onDecide(to)}
      >
        {words}
      </button>
    ),
  );
}

/** Whether there is something to decide of two prints. */
function isOpen(meeting: PlannedMeeting): boolean {
  return turnOf(meeting) !== undefined || crossOf(meeting) !== undefined;
}

/** The one that would be first if they were turned about. */
function turnOf({ relation, behind, front, isBare }: PlannedMeeting): string | undefined {
  if (isBare) return undefined;
  if (!relation) return front.id;
  return relation.first === front ? behind.id : front.id;
}

/** What is done by that: a ground that comes after a print is kept off it. */
function turnWords(
  { behind, front }: PlannedMeeting,
  turn: string,
  nameOf: (piece: string) => string,
): string {
  const [first, then] = turn === front.id ? [front, behind] : [behind, front];
  if (isLaid(then) && !isLaid(first)) return `Keep ${nameOf(then.id)} off it`;
  return `${capitalise(nameOf(turn))} first`;
}

/** To let them cross, or no more; a ground over a print is decided so too. */
function crossOf(meeting: PlannedMeeting): { readonly to: null | undefined } | undefined {
  const { relation, decided, isBare } = meeting;
  if (decided === null) return { to: undefined };
  return isBare || relation?.isCovered ? { to: null } : undefined;
}

/** Those that take a mask first, then by how much they meet. */
function weight({ relation, area, isBare }: PlannedMeeting): number {
  return (relation?.isCovered || isBare ? 1e20 : 0) + area;
}
