import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fiveLayers, library, reveal } from '../../../test/support/plans';
import { emptyStore, freshId, someTime, testDatabase } from '../../../test/support/store';
import { backupOf, checkText, collect } from '../../../test/support/backups';
import { must } from '../../../test/support/must';
import { writeCardFile } from '../../core/plan/cardFile';
import type { CardId, PieceId } from '../../core/plan/ids';
import { BackupError } from './backupFormat';
import { rowsOf } from './checkBackup';
import { restoreBackup } from './restoreBackup';
import type { Database, Store } from '../storeTypes';
import { exportCard } from '../exportCard';
import { createCard, findCard, listCardHeads } from '../repositories/cards';
import { addToLibrary } from '../repositories/library';
import { changeAhead, findAhead } from '../repositories/madeAhead';
import { listRevisions } from '../repositories/revisions';
import { saveEdits } from '../repositories/saveEdits';
import { changePiece } from '../../core/plan/pieceEdits';

let from: Database;
let into: Store;
let text: string;

/** The card files of all cards, by id, the bytes a person would download. */
async function allFiles(db: Database): Promise<Readonly<Record<string, string>>> {
  const heads = await listCardHeads(db);
  const files = await Promise.all(
    heads.map(
      async ({ id }) =>
        [id, writeCardFile(await exportCard(db, must(await findCard(db, id))))] as const,
    ),
  );
  return Object.fromEntries(files);
}

const ahead = { step: 'blend:sky', name: 'Blend the sky', count: 6 };

describe('a backup', () => {
  let id: CardId;
  beforeAll(async () => {
    from = await testDatabase();
    await addToLibrary(from, library);
    id = freshId() as CardId;
    const card = { id, plan: fiveLayers(), embedded: [], saveId: 'made', author: null };
    await createCard(from, { ...card, at: someTime });
    await saveEdits(from, {
      cardId: id,
      saveId: 'one',
      baseRevision: 1,
      edits: [changePiece({ id: 'top' as PieceId, kind: 'panel' }, { size: reveal('1/4') })],
      author: null,
      at: someTime,
    });
    await changeAhead(from, id, ahead.step, ahead);
    text = await backupOf(from);
    into = await emptyStore();
  });
  afterAll(() => into.close());

  it('leaves nothing behind where it is damaged', async () => {
    const lines = text.trimEnd().split('\n');
    const damaged: readonly (readonly [string, string])[] = [
      ['no backup', 'hello'],
      ['no backup', ''],
      ['cut short', lines.slice(0, -1).join('\n')],
      ['cut short', [...lines.slice(0, 2), ...lines.slice(3)].join('\n')],
      ['was changed', lines.with(-2, '{"table":"cards","row":{"id":1}}').join('\n')],
      ['was changed', text.replace('"Bean poles"', '"Bean holes"')],
    ];
    for (const [reason, bad] of damaged) {
      await expect(checkText(bad)).rejects.toThrow(BackupError);
      await expect(checkText(bad)).rejects.toThrow(reason);
    }
    expect(await listCardHeads(into.db)).toEqual([]);
  });

  it('names the lines that hold what cannot be read, and what is left without them', async () => {
    const sound = await checkText(text);
    expect(sound.damaged).toEqual([]);
    const whole = await collect(rowsOf(sound));
    // Of version 1, which had no digest, so that a row can be changed without it being noticed at once.
    const lines = text.replace('"version":2', '"version":1').trimEnd().split('\n');
    const at = (part: string) => lines.findIndex((line) => line.includes(part));
    const [card, item] = [at(`"cards", "row" : {"id" : "${id}"`), at('"libraryItems"')];
    const bad = lines
      .with(card, (lines[card] ?? '').replace('"title": "Bean poles"', '"title": 7'))
      .with(item, '{"table":"libraryItems","row":{"id":"x","version":1,"data":{"kind":"stock"}}}');
    const checked = await checkText(bad.join('\n'));
    const { damaged } = checked;
    expect(damaged.map(({ line }) => line)).toEqual([card + 1, item + 1]);
    const rows = await collect(rowsOf(checked));
    expect(damaged[0]).toMatchObject({
      what: `card ${id}`,
      reason: expect.stringContaining('about.title'),
    });
    // The card's revisions, and what is made ahead of it, go with it.
    expect(rows).toHaveLength(whole.length - 5);
    expect(rows.some(({ row }) => row['cardId'] === id)).toBe(false);
  });

  it('restores every card to the same bytes, with its revisions', async () => {
    const before = await allFiles(from);
    expect(Object.keys(before).length).toBeGreaterThan(0);
    expect(await restoreBackup(into.db, await checkText(text))).toBe(Object.keys(before).length);
    expect(await allFiles(into.db)).toEqual(before);
    expect(await findAhead(into.db, id)).toEqual([ahead]);
    const most = { most: 10 };
    expect(await listRevisions(into.db, id, most)).toEqual(await listRevisions(from, id, most));
    // What was restored gives the same backup again, and is not put over what is there.
    expect(await backupOf(into.db)).toBe(text);
    await expect(restoreBackup(into.db, await checkText(text))).rejects.toThrow(
      'There are cards here already',
    );
  });
});
