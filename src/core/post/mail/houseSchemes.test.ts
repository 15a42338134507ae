import { describe, expect, it } from 'vitest';
import { must } from '../../../../test/support/must';
import { library, planOf, typed } from '../../../../test/support/plans';
import { inches, millimetres } from '../../length/length';
import type { MailClassId } from '../../plan/planFacts';
import type { Plan } from '../../plan/plan';
import { resolvePlan } from '../../resolve/resolvePlan';
import { houseMailSchema, type HouseMail, type MailClassNote } from '../../stash/houseMail';
import { plainMail, plainNote } from '../../stash/plainMail';
import { postageOf } from '../postageOf';
import { postPlan } from '../postPlan';
import { houseSchemes } from './houseSchemes';
import { judgeMail, type MailPiece } from './judge';
import { mailSchemes } from './mailSchemes';

const noted = (id: MailClassId, note: Partial<MailClassNote>, home: HouseMail['home'] = null) =>
  houseMailSchema.parse({ home, classes: { [id]: { ...plainNote, ...note } } });
const bare = { long: null, short: null, thickness: null, grams: null, asOf: '2027-01-15' };
const classIn = (mail: HouseMail, id: MailClassId) =>
  must(
    houseSchemes(mail)
      .flatMap(({ classes }) => classes)
      .find((each) => each.id === id),
  );
const piece: MailPiece = {
  width: inches(6),
  height: inches(4, 1, 2),
  thickness: millimetres(5.5),
  grams: 30,
  uneven: millimetres(0),
  unevenBy: millimetres(1.6),
};
const standsAs = (mail: HouseMail, id: MailClassId, change: Partial<MailPiece> = {}) =>
  houseSchemes(mail)
    .map((scheme) => judgeMail(scheme, { ...piece, ...change }))
    .flatMap(({ classes }) => classes)
    .find(({ of }) => of.id === id)?.stands;

describe('what a team knows of its mail', () => {
  it('changes nothing where it tells nothing', () => {
    expect(houseSchemes(plainMail)).toEqual(mailSchemes);
    expect(houseSchemes(plainMail)).toBe(houseSchemes(plainMail));
  });

  it('is held against every card: a limit that has changed counts instead of the one that ships', () => {
    expect(standsAs(plainMail, 'us-nonmachinable')).toBe('within');
    const thin = noted('us-nonmachinable', { limits: { ...bare, thickness: typed('5 mm') } });
    expect(standsAs(thin, 'us-nonmachinable')).toBe('beyond');
    expect(standsAs(thin, 'us-nonmachinable', { thickness: millimetres(5) })).toBe('within');
    // The least is as it was.
    expect(standsAs(thin, 'us-nonmachinable', { thickness: millimetres(0.1) })).toBe('beyond');
    const light = noted('us-nonmachinable', { limits: { ...bare, grams: 25 } });
    expect(standsAs(light, 'us-nonmachinable')).toBe('beyond');
    expect(classIn(light, 'us-nonmachinable').changedOn).toBe('2027-01-15');
    expect(classIn(light, 'us-letter').changedOn).toBeUndefined();
  });

  it('makes known what was not', () => {
    expect(standsAs(plainMail, 'us-parcel')).toBe('unsure');
    const told = noted('us-parcel', {
      limits: {
        ...bare,
        ...{ long: typed('22'), short: typed('18'), thickness: typed('15'), grams: 9000 },
      },
    });
    expect(standsAs(told, 'us-parcel')).toBe('within');
    const heavy = noted('us-parcel', { limits: { ...bare, grams: 9000 } });
    expect(standsAs(heavy, 'us-parcel')).toBe('unsure');
  });

  it('refuses a limit of nothing, a price below nothing and a day that is none', () => {
    const read = (note: unknown) =>
      houseMailSchema.safeParse({ home: null, classes: { 'us-letter': note } }).success;
    expect(read(plainNote)).toBe(true);
    expect(read({ ...plainNote, price: { hundredths: -1, asOf: '2027-01-15' } })).toBe(false);
    expect(read({ ...plainNote, price: { hundredths: 78, asOf: 'in spring' } })).toBe(false);
    expect(read({ ...plainNote, limits: { ...bare, long: typed('0') } })).toBe(false);
  });
});

describe('the postage of a card', () => {
  const postageIn = (plan: Plan, mail: HouseMail) =>
    postageOf(
      plan,
      postPlan(plan, resolvePlan(plan, library), library, [], houseSchemes(mail)),
      mail,
    );
  const plan = planOf([]);
  const price = { hundredths: 78, asOf: '2027-01-15' };

  it('is that of the cheapest class of the team’s own mail, or of the one the card names', () => {
    expect(postageIn(plan, plainMail)).toBeUndefined();
    expect(postageIn(plan, noted('uk-letter', { price }, 'uk'))).toEqual({
      class: 'uk-letter',
      name: 'United Kingdom: Letter',
      price: 78,
    });
    const wanted: Plan = {
      ...plan,
      post: { ...plan.post, wanted: { scheme: 'germany', class: 'germany-large' } },
    };
    const german = postageIn(wanted, noted('uk-letter', { price }, 'uk'));
    expect(german?.class).toMatch(/^germany-/);
    expect(german?.price).toBeUndefined();
  });

  it('is none where it goes by no class', () => {
    const heavy = {
      ...plan,
      post: { ...plan.post, enclosures: [{ name: 'a stone', grams: 9000 }] },
    };
    expect(postageIn(heavy, { home: 'germany', classes: {} })).toBeUndefined();
  });
});
