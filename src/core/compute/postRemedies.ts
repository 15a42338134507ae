import { asTyped } from '../length/typedLength';
import { adhesive, adhesives, type AdhesiveId } from '../paper/adhesives';
import { applyEdit } from '../plan/applyEdit';
import { batchEdits } from '../plan/batchEdits';
import type { SimpleEdit } from '../plan/edit';
import type { Library } from '../plan/library';
import { changeBow, changePiece } from '../plan/pieceEdits';
import type { Plan } from '../plan/plan';
import { withAdhesives } from '../plan/withAdhesives';
import type { MailClassId, MailSchemeId } from '../plan/planFacts';
import { lowestBowPlace } from './bowPlaces';
import { fits } from '../post/envelopeFor';
import type { MailScheme } from '../post/mail/mailScheme';
import { isCheaper } from '../post/mail/isCheaper';
import { postPlan, type PostPlan } from '../post/postPlan';
import type { PostDeed, PostRemedy } from '../post/postRemedy';
import { isRibbon } from '../resolve/ribbonParts';
import { resolvePlan } from '../resolve/resolvePlan';
import type { Holding } from '../stash/holding';

interface Asked {
  readonly plan: Plan;
  readonly library: Library;
  readonly holdings: readonly Holding[];
  readonly schemes?: readonly MailScheme[];
}

interface Candidate {
  readonly deed: PostDeed;
  readonly edits: readonly SimpleEdit[];
}

/**
 * Changes that bring a card into a cheaper class of some authority, each tried on the card; undefined after one that does
 * not, so that who asks can end it. First one change by itself, then two together where none did. A card that goes by the
 * cheapest class everywhere wants none.
 */
export function* postRemedies(
  asked: Asked,
  now: PostPlan,
): Generator<PostRemedy | undefined, void> {
  if (now.schemes.every(({ of, cheapest }) => cheapest?.of === of.classes[0])) return;
  const candidates = [
    ...bows(asked),
    ...thinner(asked.plan),
    ...flatter(asked.plan),
    ...otherEnvelopes(now),
  ];
  const found: PostRemedy[] = [];
  for (const candidate of candidates) {
    const remedy = tried(asked, now, [candidate]);
    // Of envelopes that do the same the first is the smallest.
    const isNew = remedy && (candidate.deed.code !== 'envelope' || !isMatched(remedy, found));
    if (isNew) found.push(remedy);
    yield isNew ? remedy : undefined;
  }
  const helped = new Set(found.flatMap(({ cheaper }) => Object.keys(cheaper)));
  const isLeft = now.schemes.some(
    ({ of, cheapest }) => cheapest?.of !== of.classes[0] && !helped.has(of.id),
  );
  if (!isLeft) return;
  const ofCard = candidates.filter(({ deed }) => deed.code !== 'envelope');
  for (const [at, one] of ofCard.entries())
    for (const other of ofCard.slice(at + 1))
      if (areApart(one, other)) {
        const remedy = tried(asked, now, [one, other]);
        yield remedy && Object.keys(remedy.cheaper).some((id) => !helped.has(id))
          ? remedy
          : undefined;
      }
}

/** Whether another envelope was found that brings the card into the same classes. */
function isMatched({ cheaper }: PostRemedy, found: readonly PostRemedy[]): boolean {
  return found.some(
    (each) =>
      each.deeds[0]?.code === 'envelope' &&
      Object.entries(cheaper).every(([scheme, id]) => each.cheaper[scheme as MailSchemeId] === id),
  );
}

/** Whether two changes are of different things. */
function areApart(one: Candidate, other: Candidate): boolean {
  const ids = new Set(one.edits.map(subjectOf));
  return !other.edits.some((edit) => ids.has(subjectOf(edit)));
}

const subjectOf = (edit: SimpleEdit) => ('id' in edit ? edit.id : edit.kind);

function tried(
  { plan, library, holdings, schemes }: Asked,
  now: PostPlan,
  candidates: readonly Candidate[],
): PostRemedy | undefined {
  const edit = batchEdits(candidates.flatMap(({ edits }) => edits));
  const outcome = applyEdit(plan, edit);
  if (!outcome.ok) return undefined;
  const then = postPlan(
    outcome.plan,
    resolvePlan(outcome.plan, library),
    library,
    holdings,
    schemes,
  );
  const cheaper: Partial<Record<MailSchemeId, MailClassId>> = {};
  for (const [at, { of, cheapest }] of then.schemes.entries()) {
    const before = now.schemes[at]?.cheapest;
    if (!cheapest) continue;
    const { id } = cheapest.of;
    if (!before || isCheaper(id, before.of.id)) cheaper[of.id] = id;
  }
  if (Object.keys(cheaper).length === 0) return undefined;
  return {
    deeds: candidates.map(({ deed }) => deed),
    edit,
    height: then.map.highest,
    grams: then.weight.grams,
    cheaper,
  };
}

/** Each foam that is used, made thinner by each step there is. */
function thinner(plan: Plan): readonly Candidate[] {
  const papers = plan.pieces.flatMap((piece) =>
    piece.kind === 'panel' && !piece.isOff ? [piece] : [],
  );
  return adhesives.flatMap(({ id: from, foam }): Candidate[] => {
    const held = papers.filter(
      ({ attach, zones }) => attach === from || zones.some((zone) => zone.attach === from),
    );
    if (!foam || held.length === 0) return [];
    const height = (id: AdhesiveId) => plan.habits.adhesiveHeights[id].ticks;
    return adhesives
      .filter(({ id }) => height(id) < height(from) && (adhesive(id).foam || id === 'tape'))
      .toSorted((a, b) => height(b.id) - height(a.id))
      .map(({ id: to }) => ({
        deed: { code: 'thinner', from, to, pieces: held.length },
        edits: held.map((piece) =>
          changePiece(
            piece,
            withAdhesives(piece, (id) => (id === from ? to : id)),
          ),
        ),
      }));
  });
}

/** What is stuck on, flat dots in its place, or left out: all of one look, since as many stand equally high. */
function flatter({ pieces }: Plan): readonly Candidate[] {
  const looks = ['gem', 'drop', 'dot', 'sequin'] as const;
  return looks.flatMap((look): Candidate[] => {
    const own = pieces.flatMap((piece) =>
      piece.kind === 'dot' && piece.look === look && !piece.isOff ? [piece] : [],
    );
    if (own.length === 0) return [];
    const count = own.length;
    const without: Candidate = {
      deed: { code: 'without', look, pieces: count },
      edits: own.map((piece) => changePiece(piece, { isOff: true })),
    };
    const flat: Candidate = {
      deed: { code: 'flatter', look, pieces: count },
      // A flat one is another thing than the one of the stash.
      edits: own.map((piece) => changePiece(piece, { look: 'sequin', item: null })),
    };
    return look === 'sequin' ? [without] : [flat, without];
  });
}

/** Each bow folded flat, or off the highest of what is under it. */
function bows({ plan, library }: Asked): readonly Candidate[] {
  const card = resolvePlan(plan, library);
  return card.marks.filter(isRibbon).flatMap((ribbon): Candidate[] => {
    const { piece, name } = ribbon;
    const { bow } = piece;
    if (bow?.look !== 'bow') return [];
    const to = lowestBowPlace(plan, library, ribbon);
    const flat: Candidate = {
      deed: { code: 'flat-bow', name },
      edits: [changeBow(piece, bow, { look: 'flat' })],
    };
    if (to === undefined) return [flat];
    const from = piece.runs === 'across' ? 'left' : 'top';
    const moved: Candidate = {
      deed: { code: 'bow-along', name, to, from },
      edits: [changeBow(piece, bow, { at: asTyped(to) })],
    };
    return [moved, flat];
  });
}

/** Other envelopes that hold the card. */
function otherEnvelopes({ envelopes: { all, chosen } }: PostPlan): readonly Candidate[] {
  return all
    .filter((each) => fits(each) && each.envelope.key !== chosen?.envelope.key)
    .filter(({ envelope }) => envelope.owned !== 0)
    .map(({ envelope }) => ({
      deed: { code: 'envelope', name: envelope.name },
      edits: [{ kind: 'set-post', change: { envelope: envelope.choice } }],
    }));
}
