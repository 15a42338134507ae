import { describe, expect, it } from 'vitest';
import { allFindings, findingNames, firstFinding } from '../../../test/support/findings';
import { fiveLayers, measure, pieceOn, planOf, typed, wordsOn } from '../../../test/support/plans';
import { applyEdit } from '../plan/applyEdit';
import type { PieceId } from '../plan/ids';
import type { Plan } from '../plan/plan';
import { leadingFinding } from './runRules';

/** A slimline panel whose borders differ. */
const slimline = planOf([pieceOn('front', 'panel', measure('3 1/4', '7 3/4'))], {
  format: { kind: 'named', id: 'slimline', stand: 'upright' },
});

describe('running the rules', () => {
  it('finds nothing on the five-layer A2', () => {
    expect(allFindings(fiveLayers())).toEqual([]);
  });

  it('leaves out what a habit switches off or the designer leaves so', () => {
    const off: Plan = {
      ...slimline,
      habits: { ...slimline.habits, rulesOff: ['unequal-borders'] },
    };
    expect(allFindings(off)).toEqual([]);
    const { data } = firstFinding(slimline);
    const left = applyEdit(slimline, {
      kind: 'put',
      in: 'accepted',
      item: { rule: data.rule, subject: 'panel' },
    });
    expect(left.ok && allFindings(left.plan)).toEqual([]);
  });

  it('tells what stops the card first', () => {
    const plan = planOf([
      pieceOn('front', 'uneven', measure('4', '5')),
      pieceOn('uneven', 'large', measure('4 1/8', '2')),
    ]);
    expect(allFindings(plan).map(({ severity }) => severity)).toEqual(['stop', 'look']);
  });
});

describe('the finding that is told first', () => {
  const top = (distance: string) => ({ from: 'top', distance: typed(distance) }) as const;
  const plan = planOf([
    pieceOn('front', 'panel', measure('4', '5')),
    wordsOn('panel', 'words', ['hello'], { y: top('1'), turn: 1 }),
    wordsOn('panel', 'others', ['hi'], { y: top('3'), turn: 1 }),
  ]);
  const findings = allFindings(plan);
  const lead = (doing: Parameters<typeof leadingFinding>[1], of = findings) => {
    const found = leadingFinding(of, doing);
    return found && `${found.subject.name} ${found.data.rule}`;
  };

  it('is the gravest of what one is at', () => {
    expect(findingNames(plan)[0]).toBe('panel unequal-borders');
    expect(lead({ groups: ['paper'], piece: undefined })).toBe('panel unequal-borders');
    expect(lead({ groups: ['marks'], piece: undefined })).toMatch(/^words/);
  });

  it('is of the chosen piece where others are as grave, also of another station', () => {
    expect(lead({ groups: ['marks'], piece: 'others' as PieceId })).toMatch(/^others/);
    expect(lead({ groups: ['sheets'], piece: 'others' as PieceId })).toMatch(/^others/);
    const stop = findings.map((each) =>
      each.subject.name === 'words' ? { ...each, severity: 'stop' as const } : each,
    );
    const gravest = stop.toSorted((a) => (a.severity === 'stop' ? -1 : 1));
    expect(lead({ groups: ['marks'], piece: 'others' as PieceId }, gravest)).toMatch(/^words/);
  });

  it('is the gravest of all where nothing concerns what one is at, and none of none', () => {
    expect(lead({ groups: ['sheets'], piece: undefined })).toBe('panel unequal-borders');
    expect(lead({ groups: ['sheets'], piece: undefined }, [])).toBeUndefined();
  });
});
