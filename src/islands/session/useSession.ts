import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Results, RuleInput } from '../../core/findings/finding';
import { itemRefs } from '../../core/kinds/usedLibrary';
import type { Unit } from '../../core/length/length';
import type { Release } from '../../core/plan/cardFile';
import type { Edit } from '../../core/plan/edit';
import type { WorkbenchStart } from '../../core/replies/workbenchStart';
import { rememberUnit } from '../parts/UnitSwitch';
import { whenIdle } from '../parts/whenIdle';
import type { Asked, CardSession } from './CardSession';
import { doesNotFit, nothingOfYours, unchecked, type NoticeContent } from './notice';
import type { Station } from './station';
import { useAhead } from './useAhead';
import { useCardPlan, type CardPlan } from './useCardPlan';
import { useCutBatch } from './useCutBatch';
import { useCutting } from './useCutting';
import { useFindings } from './useFindings';
import { useMasks } from './useMasks';
import { usePost } from './usePost';
import { useProcess } from './useProcess';
import { useWork } from './useWork';
import { useSelection } from './useSelection';
import { useKnownStash } from './useKnownStash';

/** What a workbench starts from, and what of it is open. */
export interface SessionStart extends WorkbenchStart {
  readonly view: string;
  readonly selected: string | null;
}

/** What only the workbench itself does with a session. */
export interface SessionControls {
  readonly state: CardPlan;
  readonly notice: NoticeContent | undefined;
  readonly closeNotice: () => void;
  readonly asked: Asked | undefined;
  readonly closeAsked: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly setUnit: (unit: Unit) => void;
  readonly addRelease: (release: Release) => void;
}

type SuppliesOf = (typeof import('./useSupplies'))['suppliesOf'];

/** How supplies are counted; few rules ask for them, so it comes when the page is idle. */
function useSuppliesOf(): SuppliesOf | undefined {
  const [suppliesOf, set] = useState<SuppliesOf>();
  useEffect(
    () => whenIdle(() => void import('./useSupplies').then((late) => set(() => late.suppliesOf))),
    [],
  );
  return suppliesOf;
}

/** Opens a card: its plan and saving, what is selected, what the rules find, how it is cut. */
export function useSession(
  start: SessionStart,
  stations: readonly Station[],
  isView: (name: string) => boolean,
): { readonly session: CardSession; readonly controls: SessionControls } {
  const { cardId, plan: startPlan, revision: startRevision, build, mail } = start;
  const stash = useKnownStash(start);
  const { library, holdings, isWhole: isStashWhole, need } = stash;
  const [releases, setReleases] = useState(start.releases);
  const [unit, setUnit] = useState(start.unit);
  const [asked, ask] = useState<Asked>();
  const [notice, tell] = useState<NoticeContent>();
  const state = useCardPlan({
    cardId,
    plan: startPlan,
    revision: startRevision,
    library,
    build,
  });
  const { plan, card, settled, saving, isUnchecked } = state;
  useEffect(() => need(itemRefs(settled.plan)), [need, settled.plan]);
  useEffect(() => {
    if (isUnchecked) tell(unchecked);
  }, [isUnchecked]);
  const selection = useSelection(cardId, plan, start, isView);
  const { view } = selection;
  const batch = useCutBatch(cardId, start.batch, stash.changeHoldings);
  const isLooked = stations.find(({ id }) => id === view)?.showsResults ?? false;
  const cutting = useCutting({ plan, card, state: batch, holdings, isLooked });
  const masks = useMasks(plan, library, view === 'masks');
  const post = usePost(plan, library, holdings, mail, view === 'post' || view === 'sheet');
  const work = useWork(cardId, start.work);
  const ahead = useAhead(cardId, start.ahead);
  const process = useProcess(plan, library, {
    ...{ cardId, holdings, isLooked: view === 'steps' || view === 'sheet' },
    ...{ evenings: start.evenings, work: work.work, ahead: ahead.ahead },
  });
  const suppliesOf = useSuppliesOf();

  const { batch: accepted } = batch;
  const { shown, one } = cutting;
  const { plan: maskPlan } = masks;
  const { plan: postPlan, remedies } = post;
  const { plan: processPlan } = process;
  const posted = useMemo(() => postPlan && { plan: postPlan, remedies }, [postPlan, remedies]);
  const input = useMemo((): RuleInput => {
    let results: Results | undefined;
    // Supplies are counted only once the whole stash is known.
    const work = (): Results => ({
      cuts: shown,
      masks: maskPlan,
      post: posted,
      process: processPlan,
      supplies: isStashWhole
        ? suppliesOf?.({
            ...{ ...settled, library, holdings },
            ...{ batch: { batch: accepted }, cutting: { shown, one } },
            ...{ post: postPlan, mail },
          })
        : undefined,
    });
    return {
      ...settled,
      library,
      // Worked out when the first rule asks for it, which few do.
      get results() {
        return (results ??= work());
      },
    };
  }, [
    settled,
    library,
    accepted,
    holdings,
    isStashWhole,
    shown,
    one,
    maskPlan,
    posted,
    processPlan,
    postPlan,
    mail,
    suppliesOf,
  ]);
  const findings = useFindings({ stations, view, input, start: start.findings });

  const { commit: commitEdit, undo, redo, canUndo, canRedo, hasPast, bringPast } = state;
  const commit = useCallback(
    (edit: Edit, joining?: string) => tell(commitEdit(edit, joining) ? undefined : doesNotFit),
    [commitEdit],
  );
  const session: CardSession = {
    ...selection,
    cardId,
    plan,
    card,
    library,
    holdings,
    mail,
    isStashWhole,
    addItem: stash.addItem,
    changeHoldings: stash.changeHoldings,
    bringStash: stash.bringRest,
    needItems: stash.need,
    releases,
    unit,
    findings,
    revision: saving.revision,
    isSaved: saving.saveState.kind === 'saved',
    commit,
    preview: state.preview,
    flush: saving.flush,
    tell,
    ask,
    batch,
    cutting,
    masks,
    post,
    process,
    work,
    ahead,
  };
  const controls: SessionControls = {
    state,
    notice,
    closeNotice: () => tell(undefined),
    asked,
    closeAsked: () => ask(undefined),
    undo: () => {
      if (canUndo || !hasPast) tell(!canUndo || undo() ? undefined : doesNotFit);
      else void bringPast().then((isThere) => tell(isThere && undo() ? undefined : nothingOfYours));
    },
    redo: () => tell(!canRedo || redo() ? undefined : doesNotFit),
    setUnit: (next) => {
      setUnit(next);
      rememberUnit(next);
    },
    addRelease: (release) => setReleases((before) => [...before, release]),
  };
  return { session, controls };
}
