import { describe, expect, it } from 'vitest';
import { demoStash } from '../../../test/support/demoCards';
import { must } from '../../../test/support/must';
import type { PieceId } from '../plan/ids';
import type { CombinationItem } from '../plan/libraryItem';
import { fromKept, isAsKept, toKeep } from './media';

const item = must(demoStash.find((each): each is CombinationItem => each.kind === 'combination'));
const own = fromKept(item, 'own' as PieceId);

describe('a kept combination', () => {
  it('is taken on a card as it is kept, and kept as it is on the card', () => {
    expect(isAsKept(own, demoStash)).toBe(true);
    expect({ ...toKeep(own), kind: item.kind, id: item.id, version: item.version }).toEqual(item);
  });

  it('is no longer the kept one once anything of it is changed, or the stash has it no more', () => {
    const [first] = own.media;
    expect(isAsKept({ ...own, note: 'softly' }, demoStash)).toBe(false);
    expect(isAsKept({ ...own, media: [{ ...must(first), passes: 3 }] }, demoStash)).toBe(false);
    expect(isAsKept({ ...own, kept: null }, demoStash)).toBe(false);
    expect(isAsKept(own, [])).toBe(false);
  });
});
