import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { fiveLayers, library, reveal } from '../../test/support/plans';
import { freshId, someTime, testDatabase } from '../../test/support/store';
import { writeCardFile } from '../core/plan/cardFile';
import type { CardId, PieceId } from '../core/plan/ids';
import { BackupError, readBackup, writeBackup } from './backup';
import type { Database, Store } from './database';
import { exportCard } from './exportCard';
import { openStore } from './openStore';
import { createCard, listCardHeads, readCards } from './repositories/cards';
import { addToLibrary } from './repositories/library';
import { listRevisions } from './repositories/revisions';
import { saveEdits } from './repositories/saveEdits';

let from: Database;
let into: Store;
let text: string;

/** The card files of all cards, by id, the bytes a person would download. */
async function allFiles(db: Database): Promise<Readonly<Record<string, string>>> {
  const heads = await listCardHeads(db);
  const cards = await readCards(
    db,
    heads.map(({ id }) => id),
  );
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
      edits: [{ kind: 'change-piece', id: 'top' as PieceId, change: { size: reveal('1/4') } }],
      author: null,
      at: someTime,
    });
    text = await writeBackup(from, someTime);
    into = await openStore({});
  });
  afterAll(() => into.close());

  it('leaves nothing behind where it is damaged', async () => {
    const lines = text.trimEnd().split('\n');
    const damaged: readonly (readonly [string, string])[] = [
      ['no backup', 'hello'],
      ['no backup', ''],
      ['cut short', lines.slice(0, -1).join('\n')],
      ['cut short', [...lines.slice(0, 2), ...lines.slice(3)].join('\n')],
      ['damaged', lines.with(-2, '{"table":"cards","row":{"id":1}}').join('\n')],
      ['damaged', lines.with(1, '{"table":"nothing","row":{}}').join('\n')],
    ];
    for (const [reason, bad] of damaged) {
      const refused = readBackup(into.db, bad);
      await expect(refused).rejects.toThrow(BackupError);
      await expect(refused).rejects.toThrow(reason);
    }
    expect(await listCardHeads(into.db)).toEqual([]);
  });

  it('restores every card to the same bytes, with its revisions', async () => {
    const before = await allFiles(from);
    expect(Object.keys(before).length).toBeGreaterThan(0);
    expect(await readBackup(into.db, text)).toBe(Object.keys(before).length);
    expect(await allFiles(into.db)).toEqual(before);
    const most = { most: 10 };
    expect(await listRevisions(into.db, id, most)).toEqual(await listRevisions(from, id, most));
    // What was restored gives the same backup again, and is not put over what is there.
    expect(await writeBackup(into.db, someTime)).toBe(text);
    await expect(readBackup(into.db, text)).rejects.toThrow('There are cards here already');
  });
});
