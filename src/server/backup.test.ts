import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fiveLayers, library, reveal } from '../../test/support/plans';
import { emptyStore, freshId, someTime, testDatabase } from '../../test/support/store';
import { writeCardFile } from '../core/plan/cardFile';
import type { CardId, PieceId } from '../core/plan/ids';
import { BackupError, checkBackup, restoreBackup, writeBackup } from './backup';
import type { Database, Store } from './storeTypes';
import { exportCard } from './exportCard';
import { createCard, listCardHeads, readCards } from './repositories/cards';
import { addToLibrary } from './repositories/library';
import { listRevisions } from './repositories/revisions';
import { saveEdits } from './repositories/saveEdits';
import { changePiece } from '../core/plan/pieceEdits';

let from: Database;
let into: Store;
let text: string;

/** The card files of all cards, by id, the bytes a person would download. */
async function allFiles(db: Database): Promise<Readonly<Record<string, string>>> {
  const heads = await listCardHeads(db);
  const cards = (
    await readCards(
      db,
      heads.map(({ id }) => id),
    )
  ).flatMap((card) => (card.isWhole ? [card] : []));
  const files = await Promise.all(
    cards.map(async (card) => [card.id, writeCardFile(await exportCard(db, card))] as const),
  );
  return Object.fromEntries(files);
}

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
    text = await writeBackup(from, someTime);
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
      expect(() => checkBackup(bad)).toThrow(BackupError);
      expect(() => checkBackup(bad)).toThrow(reason);
    }
    expect(await listCardHeads(into.db)).toEqual([]);
  });

  it('names the lines that hold what cannot be read, and what is left without them', () => {
    const { rows: whole, damaged: none } = checkBackup(text);
    expect(none).toEqual([]);
    // Of version 1, which had no digest, so that a row can be changed without it being noticed at once.
    const lines = text.replace('"version":2', '"version":1').trimEnd().split('\n');
    const at = (part: string) => lines.findIndex((line) => line.includes(part));
    const [card, item] = [at(`"cards","row":{"id":"${id}"`), at('"libraryItems"')];
    const bad = lines
      .with(card, (lines[card] ?? '').replace('"title":"Bean poles"', '"title":7'))
      .with(item, '{"table":"libraryItems","row":{"id":"x","version":1,"data":{"kind":"stock"}}}');
    const { rows, damaged } = checkBackup(bad.join('\n'));
    expect(damaged.map(({ line }) => line)).toEqual([item + 1, card + 1]);
    expect(damaged[1]).toMatchObject({
      what: `card ${id}`,
      reason: expect.stringContaining('about.title'),
    });
    // The card's revisions go with it.
    expect(rows).toHaveLength(whole.length - 4);
    expect(rows.some(({ row }) => row['cardId'] === id)).toBe(false);
  });

  it('restores every card to the same bytes, with its revisions', async () => {
    const before = await allFiles(from);
    expect(Object.keys(before).length).toBeGreaterThan(0);
    expect(await restoreBackup(into.db, checkBackup(text))).toBe(Object.keys(before).length);
    expect(await allFiles(into.db)).toEqual(before);
    const most = { most: 10 };
    expect(await listRevisions(into.db, id, most)).toEqual(await listRevisions(from, id, most));
    // What was restored gives the same backup again, and is not put over what is there.
    expect(await writeBackup(into.db, someTime)).toBe(text);
    await expect(restoreBackup(into.db, checkBackup(text))).rejects.toThrow(
      'There are cards here already',
    );
  });
});
